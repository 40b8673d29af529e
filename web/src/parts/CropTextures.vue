<template>
  <!-- One hue of stubble for all crops; each has a texture of its own, and its word beside it. -->
  <svg width="0" height="0" class="textures" aria-hidden="true">
    <defs>
      <pattern id="crop-corn" width="7" height="13" patternUnits="userSpaceOnUse">
        <rect width="7" height="13" class="base" />
        <path d="M2,13 V3 M5,13 V6" class="ink" />
      </pattern>
      <pattern id="crop-beans" width="8" height="7" patternUnits="userSpaceOnUse">
        <rect width="8" height="7" class="base" />
        <circle cx="2" cy="2" r="1.1" class="dot" />
        <circle cx="6" cy="5.5" r="1.1" class="dot" />
      </pattern>
      <pattern id="crop-wheat" width="6" height="6" patternUnits="userSpaceOnUse">
        <rect width="6" height="6" class="base" />
        <path d="M-1,5 L5,-1 M1,7 L7,1" class="ink" />
      </pattern>
      <pattern id="crop-oats" width="9" height="9" patternUnits="userSpaceOnUse">
        <rect width="9" height="9" class="base" />
        <path d="M0,0 L4.5,9 L9,0" class="ink" />
      </pattern>
      <pattern id="crop-other" width="6" height="4" patternUnits="userSpaceOnUse">
        <rect width="6" height="4" class="base" />
        <path d="M0,3 H6" class="ink" />
      </pattern>
    </defs>
  </svg>
</template>

<style scoped>
.textures {
  position: absolute;
}
.base {
  fill: var(--stubble);
}
.ink {
  stroke: var(--stubble-ink);
  stroke-width: 1;
  fill: none;
}
.dot {
  fill: var(--stubble-ink);
}
</style>

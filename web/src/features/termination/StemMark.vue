<script setup lang="ts">
/** Ten stems, as many of them ripe as have reached the stage. */
defineProps<{ stems: number }>()
</script>

<template>
  <svg class="stems" viewBox="0 0 40 16" width="40" height="16" aria-hidden="true">
    <g v-for="n in 10" :key="n" :transform="`translate(${n * 4 - 2},0)`">
      <line y1="16" :y2="n * 10 <= stems ? 6 : 9" class="stem" />
      <ellipse v-if="n * 10 <= stems" cy="4" rx="1.5" ry="3.4" class="ear" />
    </g>
  </svg>
</template>

<style scoped>
.stem {
  stroke: var(--sage);
  stroke-width: 1.2;
}
.ear {
  fill: var(--ochre);
}
</style>

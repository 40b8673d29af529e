<script setup lang="ts">
/** What a hand finds on a stem, drawn: which of it counts as past flowering. */
const signs = [
  { words: 'Anthers hang out and dust: it flowers', past: true, key: 'anthers' },
  { words: 'Grain clear as water: just past', past: true, key: 'clear' },
  { words: 'Grain milky: milk', past: true, key: 'milky' },
  { words: 'Grain like dough: dough; seed may live soon', past: true, key: 'doughy' },
  { words: 'Stem yellow from below: it crimps surely', past: true, key: 'yellow' },
  { words: 'Vetch: first flat pods below the flowers', past: true, key: 'pod' },
  { words: 'Head still in the boot, or no anthers yet', past: false, key: 'boot' },
] as const
</script>

<template>
  <ul>
    <li v-for="s in signs" :key="s.key">
      <svg viewBox="0 0 44 44" width="44" height="44" aria-hidden="true">
        <path v-if="s.key !== 'pod'" d="M22 43V20" :class="s.key === 'yellow' ? 'yellow' : 'stem'" />
        <path v-if="s.key === 'yellow'" d="M22 28V20" class="stem" />
        <g v-if="s.key === 'anthers'">
          <path d="M22 4v18M17 8l5 4 5-4M17 14l5 4 5-4" class="head" />
          <circle
            v-for="c in [
              [13, 9],
              [31, 9],
              [12, 16],
              [32, 16],
              [14, 22],
              [30, 22],
            ]"
            :key="`${c}`"
            :cx="c[0]"
            :cy="c[1]"
            r="2"
            class="dust"
          />
        </g>
        <g v-else-if="s.key === 'boot'"><path d="M22 22c-7-2-7-14 0-18 7 4 7 16 0 18z" class="leaf" /></g>
        <g v-else-if="s.key === 'pod'">
          <path d="M6 38C14 30 14 14 30 6" class="stem" />
          <path d="M12 30l14 3 6-3-6-3z" class="leaf" />
          <path d="M17 20l13 1 6-3-6-2z" class="leaf" />
        </g>
        <g v-else-if="s.key === 'yellow'"><path d="M22 4v16M17 8l5 4 5-4M17 14l5 4 5-4" class="head" /></g>
        <g v-else>
          <path d="M22 20c-8-2-8-14 0-17 8 3 8 15 0 17z" :class="['grain', s.key]" />
        </g>
      </svg>
      <span>{{ s.words }}</span>
      <b>{{ s.past ? 'past' : 'not yet' }}</b>
    </li>
  </ul>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: grid;
  grid-template-columns: 48px 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 2px 0;
}
svg path {
  fill: none;
  stroke-width: 2.4;
  stroke-linecap: round;
}
.stem,
.head {
  stroke: var(--sage);
}
.yellow {
  stroke: var(--ochre);
}
svg .leaf {
  stroke: var(--sage);
  fill: color-mix(in srgb, var(--sage) 30%, transparent);
}
.dust {
  fill: var(--ochre);
}
svg .grain {
  stroke: var(--loam);
}
svg .milky {
  fill: var(--paper);
}
svg .doughy {
  fill: var(--straw);
}
</style>

<script setup lang="ts">
import type { Line } from './waits'

/** Lines over a drawing of jobs, from what is waited for to what waits. */
defineProps<{ lines: Line[] }>()
</script>

<template>
  <svg v-if="lines.length" class="waits" aria-hidden="true">
    <line v-for="(l, i) in lines" :key="i" v-bind="l" />
  </svg>
</template>

<style scoped>
.waits {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  pointer-events: none;
  z-index: 3;
}
line {
  stroke: var(--madder);
  stroke-width: 1.5;
}
</style>

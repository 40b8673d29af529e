<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'

const props = defineProps<{ pass: Schemas['PassView']; acres: number }>()
const marks = computed(() => props.pass.refillsAtAcres.map((a) => (a / props.acres) * 100))
</script>

<template>
  <svg
    class="strip"
    viewBox="0 0 100 10"
    preserveAspectRatio="none"
    role="img"
    :aria-label="`${pass.loads} loads along the field; refills after every load`"
  >
    <rect x="0" y="1" width="100" height="8" class="ground" />
    <line v-for="m in marks" :key="m" :x1="m" :x2="m" y1="0" y2="10" class="stop" />
  </svg>
</template>

<style scoped>
.strip {
  width: 100%;
  height: 18px;
  display: block;
}
.ground {
  fill: var(--sage-soft);
}
.stop {
  stroke: var(--loam);
  stroke-width: 1.5;
  vector-effect: non-scaling-stroke;
}
</style>

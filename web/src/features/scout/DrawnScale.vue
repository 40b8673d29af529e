<script setup lang="ts">
import { computed } from 'vue'

/** Squares of ground with so much of them covered, drawn from a seed, to compare what is seen with. */
const props = defineProps<{ what: 'green' | 'dead' }>()
const emit = defineEmits<{ pick: [percent: number] }>()
const STEPS = [10, 25, 50, 75, 90]
const SIDE = 60

function dice(seed: number) {
  let s = seed
  return () => {
    s = (s * 1664525 + 1013904223) % 4294967296
    return s / 4294967296
  }
}
/** Leaves are laid on a grid of points until so many of them are covered. */
function leaves(percent: number): { x: number; y: number; r: number; turn: number }[] {
  const roll = dice(percent * 7919)
  const covered = new Set<number>()
  const all: { x: number; y: number; r: number; turn: number }[] = []
  while (covered.size < (percent / 100) * SIDE * SIDE) {
    const leaf = { x: roll() * SIDE, y: roll() * SIDE, r: 2 + roll() * 3, turn: roll() * 180 }
    all.push(leaf)
    for (let x = Math.max(0, Math.floor(leaf.x - leaf.r)); x < Math.min(SIDE, leaf.x + leaf.r); x++)
      for (let y = Math.max(0, Math.floor(leaf.y - leaf.r)); y < Math.min(SIDE, leaf.y + leaf.r); y++)
        if (Math.hypot(x + 0.5 - leaf.x, y + 0.5 - leaf.y) < leaf.r * 0.75) covered.add(y * SIDE + x)
  }
  return all
}
const squares = computed(() => STEPS.map((percent) => ({ percent, leaves: leaves(percent) })))
</script>

<template>
  <ul class="scale" :class="props.what" :aria-label="props.what === 'green' ? 'Drawn ground cover' : 'Drawn kill'">
    <li v-for="s in squares" :key="s.percent">
      <button type="button" :aria-label="`About ${s.percent} %`" @click="emit('pick', s.percent)">
        <svg :viewBox="`0 0 ${SIDE} ${SIDE}`" aria-hidden="true">
          <rect :width="SIDE" :height="SIDE" class="ground" />
          <ellipse
            v-for="(l, i) in s.leaves"
            :key="i"
            :cx="l.x"
            :cy="l.y"
            :rx="l.r"
            :ry="l.r * 0.6"
            :transform="`rotate(${l.turn} ${l.x} ${l.y})`"
            class="leaf"
          />
        </svg>
        {{ s.percent }} %
      </button>
    </li>
  </ul>
</template>

<style scoped>
.scale {
  display: grid;
  grid-template-columns: repeat(5, 1fr);
  gap: 6px;
  list-style: none;
  padding: 0;
  margin: 0;
}
.scale button {
  width: 100%;
  min-height: 44px;
  font: 600 14px var(--figures);
}
.scale svg {
  width: 100%;
  display: block;
  border-radius: 6px;
  border: 1px solid var(--hair);
}
.green .ground {
  fill: var(--drawn-soil);
}
.green .leaf {
  fill: var(--drawn-leaf);
}
.dead .ground {
  fill: var(--drawn-leaf);
}
.dead .leaf {
  fill: var(--drawn-straw);
}
</style>

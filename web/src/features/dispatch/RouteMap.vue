<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { useFields } from '../../api/resources'
import { fit, geoPositions, shape } from '../../draw/planar'

/** Where everybody goes on a day: the farm's fields, each machine's in the order in which it comes to them. */
const props = defineProps<{ machines: Schemas['SheetMachine'][] }>()
const WIDTH = 900
const HEIGHT = 420
const DASHES = ['', '9 5', '2 5', '14 4 2 4', '5 5']
const { data: fields } = useFields()

const planar = computed(() => {
  const outlines = [
    ...(fields.value ?? []).map((f) => f.field.boundary),
    ...props.machines.flatMap((m) => m.jobs.flatMap((j) => j.boundary ?? [])),
  ]
  const places = outlines.flatMap(geoPositions)
  return places.length ? fit(places, WIDTH, HEIGHT) : null
})
const quiet = computed(() => {
  const p = planar.value
  return p ? (fields.value ?? []).map((f) => ({ id: f.field.id, d: shape(p, f.field.boundary) })) : []
})
/** Where a number stands: in the middle of the field's box. */
function middle(boundary: string): [number, number] {
  const places = geoPositions(boundary)
  const [xs, ys] = [places.map((p) => p[0]), places.map((p) => p[1])]
  const half = (of: number[]) => (Math.min(...of) + Math.max(...of)) / 2
  return planar.value!.at(half(xs), half(ys))
}
const routes = computed(() => {
  const p = planar.value
  if (!p) return []
  return props.machines.map((m, i) => {
    const stops = m.jobs.flatMap((j, n) => {
      if (!j.boundary) return []
      const [x, y] = middle(j.boundary)
      return [{ key: `${m.machine} ${n}`, number: n + 1, field: j.field, d: shape(p, j.boundary), x, y }]
    })
    return {
      machine: m.machine,
      letter: String.fromCharCode(65 + i),
      dash: DASHES[i % DASHES.length]!,
      stops,
      line: stops.map((s) => `${s.x.toFixed(1)},${s.y.toFixed(1)}`).join(' '),
    }
  })
})
const told = computed(() =>
  routes.value.map((r) => `${r.machine}: ${r.stops.map((s) => s.field).join(', then ')}`).join('. '),
)
</script>

<template>
  <figure v-if="planar && routes.length" class="routes">
    <svg :viewBox="`0 0 ${planar.width} ${planar.height}`" role="img" :aria-label="`Routes. ${told}`">
      <path v-for="f in quiet" :key="f.id" :d="f.d" class="quiet-field" fill-rule="evenodd" />
      <template v-for="r in routes" :key="r.machine">
        <path v-for="s in r.stops" :key="s.key" :d="s.d" class="busy-field" fill-rule="evenodd" />
      </template>
      <template v-for="r in routes" :key="`${r.machine} way`">
        <polyline v-if="r.stops.length > 1" :points="r.line" class="way" :stroke-dasharray="r.dash" />
        <g v-for="s in r.stops" :key="s.key">
          <circle :cx="s.x" :cy="s.y" r="13" class="stop" />
          <text :x="s.x" :y="s.y + 5" class="number">{{ r.letter }}{{ s.number }}</text>
          <text :x="s.x" :y="s.y + 30" class="name">{{ s.field }}</text>
        </g>
      </template>
    </svg>
    <figcaption>
      <span v-for="r in routes" :key="r.machine"
        ><b>{{ r.letter }}</b> {{ r.machine }}</span
      >
      <span class="quiet">North is up; lines are straight, roads are not.</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.routes {
  margin: 12px 0;
  break-inside: avoid;
}
svg {
  width: 100%;
  height: auto;
  border: 1px solid var(--hair);
  background: rgb(var(--v-theme-surface));
}
.quiet-field {
  fill: none;
  stroke: var(--hair);
  stroke-width: 1.2;
}
.busy-field {
  fill: var(--sage-soft);
  stroke: var(--loam);
  stroke-width: 1.2;
}
.way {
  fill: none;
  stroke: var(--flax);
  stroke-width: 2.5;
}
.stop {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--flax);
  stroke-width: 2;
}
.number {
  font-size: 13px;
  font-weight: 700;
  text-anchor: middle;
  fill: currentColor;
}
.name {
  font-size: 13px;
  text-anchor: middle;
  fill: currentColor;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 4px;
}
figcaption {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin-top: 4px;
}
</style>

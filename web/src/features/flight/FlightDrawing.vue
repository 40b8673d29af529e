<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { fit, geoPositions, path, shape } from '../../draw/planar'

const props = defineProps<{ plan: Schemas['PlanView']; run: Schemas['RunView'] | null; placing: boolean }>()
const emit = defineEmits<{ placed: [place: [number, number]] }>()
const W = 720
const planar = computed(() =>
  fit([...geoPositions(props.plan.boundary), [props.plan.home[0]!, props.plan.home[1]!]], W, 640, 34),
)
const home = computed(() => planar.value.at(props.plan.home[0]!, props.plan.home[1]!))
const swaths = computed(() =>
  props.plan.flights.map((f) => ({
    number: f.number,
    d: f.legs
      .filter((l) => l.spreading)
      .map((l) => path(planar.value, l.line))
      .join(''),
  })),
)
const ferries = computed(() =>
  props.plan.flights
    .flatMap((f) => f.legs.filter((l) => !l.spreading).map((l) => path(planar.value, l.line)))
    .join(''),
)
const flown = computed(() => {
  const run = props.run
  return run
    ? swaths.value
        .filter((s) => run.done || s.number < run.now.flight)
        .map((s) => s.d)
        .join('')
    : ''
})
const stops = computed(() => props.plan.flights.map((f) => planar.value.at(f.endsAt[0]!, f.endsAt[1]!)))
const hazards = computed(() =>
  props.plan.hazards
    .map((h) => {
      const places = geoPositions(h.shape).map((p) => planar.value.at(p[0], p[1]))
      return {
        ...h,
        d: shape(planar.value, h.shape),
        places,
        point: JSON.parse(h.shape).type === 'Point',
        keep: h.keepAwayFt * planar.value.perFoot,
      }
    })
    .filter((h) =>
      h.places.some(([x, y]) => x > -h.keep && y > -h.keep && x < W + h.keep && y < planar.value.height + h.keep),
    ),
)
const drone = computed(() =>
  props.run && !props.run.done ? planar.value.at(props.run.now.longitude, props.run.now.latitude) : null,
)

function tap(event: MouseEvent) {
  if (!props.placing) return
  const box = (event.currentTarget as SVGSVGElement).getBoundingClientRect()
  const x = ((event.clientX - box.left) / box.width) * W
  const y = ((event.clientY - box.top) / box.height) * planar.value.height
  const [x0, y0] = home.value
  const [x1] = planar.value.at(props.plan.home[0]! + 0.001, props.plan.home[1]!)
  const [, y1] = planar.value.at(props.plan.home[0]!, props.plan.home[1]! + 0.001)
  emit('placed', [
    props.plan.home[0]! + ((x - x0) / (x1 - x0)) * 0.001,
    props.plan.home[1]! + ((y - y0) / (y1 - y0)) * 0.001,
  ])
}
</script>

<template>
  <div class="sheet" tabindex="0" role="region" :aria-label="`Flight over ${plan.field}`">
    <svg
      class="plan"
      :class="{ placing }"
      :viewBox="`0 0 ${W} ${planar.height}`"
      role="img"
      :aria-label="`${plan.lines} lines over ${plan.field} in ${plan.flights.length} flights`"
      @pointerup="tap"
    >
      <path :d="shape(planar, plan.boundary)" class="field" fill-rule="evenodd" />
      <g class="hazards">
        <template v-for="h in hazards" :key="h.name + h.shape">
          <path v-if="!h.point" :d="h.d" class="keep" :stroke-width="h.keep * 2" />
          <circle v-else :cx="h.places[0]![0]" :cy="h.places[0]![1]" :r="h.keep" class="keep round" />
        </template>
      </g>
      <path :d="ferries" class="ferry" />
      <path v-for="s in swaths" :key="s.number" :d="s.d" :class="['swath', { odd: s.number % 2 }]" />
      <circle v-for="(s, i) in stops" :key="i" :cx="s[0]" :cy="s[1]" r="2.6" class="stop" />
      <template v-for="h in hazards" :key="'m' + h.name + h.shape">
        <path v-if="!h.point" :d="h.d" class="hazard" />
        <rect v-else :x="h.places[0]![0] - 5" :y="h.places[0]![1] - 5" width="10" height="10" class="hazard solid" />
        <text
          v-if="
            h.places[0]![0] > 0 && h.places[0]![0] < W - 60 && h.places[0]![1] > 0 && h.places[0]![1] < planar.height
          "
          :x="h.places[0]![0] + 9"
          :y="Math.max(14, h.places[0]![1] - 6)"
          class="t"
        >
          {{ h.name || h.words }}
        </text>
      </template>
      <path :d="`M${home[0]} ${home[1] - 11}l10 18h-20z`" class="home" />
    </svg>
    <!-- What moves lies on a sheet of its own, so that a moving drone does not draw the plan anew. -->
    <svg class="live-sheet" :viewBox="`0 0 ${W} ${planar.height}`" aria-hidden="true">
      <path :d="flown" class="flown" />
      <g v-if="drone" class="drone">
        <circle :cx="drone[0]" :cy="drone[1]" r="9" />
        <circle :cx="drone[0]" :cy="drone[1]" r="3" class="eye" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.sheet {
  position: relative;
  overflow-x: auto;
}
/* The names of hazards stay readable: under a thumb the drawing is moved, not shrunk. */
.plan,
.live-sheet {
  min-width: 700px;
}
.live-sheet {
  position: absolute;
  inset: 0;
  width: 100%;
  height: auto;
  pointer-events: none;
  will-change: transform;
}
.plan {
  display: block;
  width: 100%;
  height: auto;
  background: var(--furrow);
  border: 1px solid var(--hair);
}
.plan.placing {
  cursor: crosshair;
}
.field {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--loam);
  stroke-width: 2;
}
.swath {
  fill: none;
  stroke: var(--sage);
  stroke-width: 2;
}
.swath.odd {
  stroke: var(--flax);
}
.flown {
  fill: none;
  stroke: var(--sage);
  stroke-width: 4.5;
  opacity: 0.6;
}
.ferry {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 0.5;
  opacity: 0.5;
}
.stop {
  fill: var(--loam);
}
.keep {
  fill: none;
  stroke: var(--madder);
  opacity: 0.16;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.keep.round {
  fill: var(--madder);
  stroke: none;
}
.hazard {
  fill: none;
  stroke: var(--madder);
  stroke-width: 2.5;
}
.hazard.solid {
  fill: var(--madder);
}
.t {
  font-size: 13px;
  fill: var(--loam);
  paint-order: stroke;
  stroke: rgb(var(--v-theme-surface));
  stroke-width: 3px;
}
.home {
  fill: var(--ochre);
  stroke: var(--loam);
  stroke-width: 1.5;
}
.drone circle {
  fill: var(--loam);
}
.drone .eye {
  fill: rgb(var(--v-theme-surface));
}
</style>

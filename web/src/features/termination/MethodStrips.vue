<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { dayNumber } from '../../format/dates'

/** One strip for each way of ending: the fuller a day, the likelier it will do. */
const props = defineProps<{
  row: Schemas['TerminationRow']
  from: string
  days: number
  day: number
  every: boolean
}>()
const start = computed(() => dayNumber(props.from))
/** What most farms do, and the way chosen; the others on demand. */
const USUAL = ['EARLY_SPRAY', 'PLANT_GREEN', 'ROLL']
const shown = computed(() =>
  props.row.terminations.filter(
    (r) => r.answer.chosen || (r.chances.some((c) => c > 0) && (props.every || USUAL.includes(r.answer.termination))),
  ),
)
const at = (iso?: string) => (iso === undefined ? undefined : dayNumber(iso) - start.value)
const planter = computed(() => at(props.row.planterDay)!)
const seed = computed(() => at(props.row.seedDay))
const HIGH = 10
const inSight = (x: number | undefined): x is number => x !== undefined && x >= 0 && x < props.days
</script>

<template>
  <div class="both">
    <div class="briefs small" aria-hidden="true">
      <div v-for="r in shown" :key="r.answer.termination" :class="{ on: r.answer.chosen }">{{ r.answer.brief }}</div>
    </div>
    <svg
      class="strips"
      :viewBox="`0 0 ${days} ${Math.max(1, shown.length) * HIGH}`"
      preserveAspectRatio="none"
      :style="{ height: Math.max(1, shown.length) * 16 + 'px' }"
      aria-hidden="true"
    >
      <g v-for="(r, i) in shown" :key="r.answer.termination" :transform="`translate(0,${i * HIGH})`">
        <rect :width="days" :height="HIGH - 2" y="1" class="empty" :class="{ chosen: r.answer.chosen }" />
        <rect
          v-for="(c, d) in r.chances"
          v-show="c > 0"
          :key="d"
          :x="d"
          :y="1 + (HIGH - 2) * (1 - c / 100)"
          width="1.03"
          :height="((HIGH - 2) * c) / 100"
          class="chance"
          :class="{ chosen: r.answer.chosen }"
        />
      </g>
      <line v-if="inSight(planter)" :x1="planter" :x2="planter" y1="0" y2="200" class="planter" />
      <template v-for="l in row.limits" :key="l.name">
        <line v-if="inSight(at(l.on))" :x1="at(l.on)" :x2="at(l.on)" y1="0" y2="200" class="limit" />
      </template>
      <line v-if="inSight(seed)" :x1="seed" :x2="seed" y1="0" y2="200" class="seed" />
      <line v-if="inSight(day)" :x1="day + 0.5" :x2="day + 0.5" y1="0" y2="200" class="here" />
    </svg>
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr);
}
.briefs {
  font-size: 12.5px;
  line-height: 16px;
  color: var(--quiet);
  text-align: right;
  padding-right: 6px;
  white-space: nowrap;
}
.briefs .on {
  color: var(--loam);
  font-weight: 700;
}
.strips {
  width: 100%;
  display: block;
}
.empty {
  fill: var(--furrow);
}
.empty.chosen {
  fill: var(--stubble);
}
.chance {
  fill: var(--stubble-ink);
}
.chance.chosen {
  fill: var(--sage);
}
line {
  vector-effect: non-scaling-stroke;
}
.planter {
  stroke: var(--loam);
  stroke-width: 2;
}
.seed {
  stroke: var(--madder);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.limit {
  stroke: var(--ochre);
  stroke-width: 2;
  stroke-dasharray: 6 3;
}
.here {
  stroke: var(--flax);
  stroke-width: 2;
}
</style>

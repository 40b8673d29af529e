<script setup lang="ts">
import { computed } from 'vue'
import { useRight } from '../../api/resources'
import type { Schemas } from '../../api/client'
import { dayNumber, range, short } from '../../format/dates'
import { matter, rateUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'

/** The farm's own forecasts of the last year against what was written down later. */
type Told = Schemas['ToldView']
const { data: right, error } = useRight()
const groups = computed(() => {
  const by = new Map<string, Told[]>()
  for (const row of right.value?.rows ?? []) by.set(row.words, [...(by.get(row.words) ?? []), row])
  return [...by.entries()].map(([words, rows]) => ({ words, rows, held: rows.filter((r) => r.held).length }))
})
const WIDE = 260
/** The range as a bar and what came as a dot, on the scale of its own row: the range fills the middle half. */
function drawn(t: Told) {
  const [low, high, middle, came] =
    t.fromDay !== undefined
      ? [t.fromDay, t.toDay!, t.middleDay!, t.cameDay!].map(dayNumber)
      : [t.fromPounds!, t.toPounds!, t.middlePounds!, t.camePounds!]
  const span = Math.max(1, high! - low!)
  const x = (v: number) => Math.max(6, Math.min(WIDE - 6, WIDE / 4 + ((v - low!) / span) * (WIDE / 2)))
  return { from: x(low!), to: x(high!), middle: x(middle!), came: x(came!) }
}
const told = (t: Told) =>
  t.fromDay !== undefined
    ? `${short(t.middleDay)} (${range(t.fromDay, t.toDay)})`
    : `${matter(t.middlePounds!)} (${matter(t.fromPounds!)}–${matter(t.toPounds!)}) ${rateUnit.value}`
const came = (t: Told) => (t.cameDay !== undefined ? short(t.cameDay) : `${matter(t.camePounds!)} ${rateUnit.value}`)
</script>

<template>
  <div class="page right">
    <h1>How right were we</h1>
    <Refusal :says="error" />
    <template v-if="right">
      <p class="answer">
        <template v-if="right.told"
          ><b>{{ right.held }} of {{ right.told }}</b> forecasts of the last year held what came; {{ right.wanted }} %
          are to. More than that, and the ranges are too wide.</template
        >
        <template v-else
          >Nothing to compare yet: log a harvest, a stage of a crop or a clipping, and it is set against what was told
          before.</template
        >
      </p>
      <section v-for="g in groups" :key="g.words" class="mt-3">
        <h2>{{ g.held }} of {{ g.rows.length }}: {{ g.words }}</h2>
        <div class="wide" tabindex="0" role="region" :aria-label="g.words">
          <table class="plain">
            <thead>
              <tr>
                <th scope="col">Field</th>
                <th scope="col">Told on</th>
                <th scope="col">Told</th>
                <th scope="col">Came</th>
                <th scope="col">Range, and what came</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="t in g.rows" :key="t.field + t.on + came(t)">
                <td>
                  <b>{{ t.field }}</b>
                </td>
                <td class="figures">{{ short(t.on) }}</td>
                <td class="figures">{{ told(t) }}</td>
                <td class="figures" :class="{ trouble: !t.held }">{{ came(t) }}</td>
                <td>
                  <svg
                    :width="WIDE"
                    height="22"
                    role="img"
                    :aria-label="t.held ? 'within the range' : 'outside the range'"
                  >
                    <line x1="0" :x2="WIDE" y1="11" y2="11" class="base" />
                    <rect :x="drawn(t).from" y="5" :width="drawn(t).to - drawn(t).from" height="12" class="band" />
                    <line :x1="drawn(t).middle" :x2="drawn(t).middle" y1="5" y2="17" class="middle" />
                    <circle :cx="drawn(t).came" cy="11" r="5" :class="t.held ? 'in' : 'out'" />
                  </svg>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
      </section>
    </template>
  </div>
</template>

<style scoped>
.answer {
  font-size: 17px;
}
.wide {
  overflow-x: auto;
}
td {
  white-space: nowrap;
}
.base {
  stroke: var(--hair);
}
.band {
  fill: var(--straw);
}
.middle {
  stroke: var(--loam);
}
.in {
  fill: var(--sage);
}
.out {
  fill: var(--madder);
}
</style>

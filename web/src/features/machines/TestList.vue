<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js'
import { computed } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { linear } from '../../draw/chart'
import { long } from '../../format/dates'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { bare, say } from '../../format/units'

const props = defineProps<{ tests: Schemas['CalibrationView'][]; target: number; setting?: number }>()
const { problem, act } = useAct()
const catches = computed(() =>
  props.tests.filter((t) => t.kind === 'CATCH' && t.details.setting !== undefined && t.rate !== undefined),
)
const x = computed(() => linear([...catches.value.map((t) => t.details.setting!), props.setting ?? 0], 40, 330))
const y = computed(() => linear([...catches.value.map((t) => t.rate!), props.target || 1], 170, 12))
const newest = computed(() => [...props.tests].reverse())
const words = { GOOD: 'good', NEAR: 'near', OFF: 'off' }
const remove = (id: string) => act(() => got(api.DELETE('/api/calibrations/{id}', { params: { path: { id } } })))

function about(t: Schemas['CalibrationView']): string {
  if (t.kind === 'CATCH')
    return `catch at ${t.details.setting ?? '?'}${t.details.mph ? `, ${say(t.details.mph, 'MILE_PER_HOUR', 1)}` : ''}`
  if (t.kind === 'PANS') return `pans, swath ${t.swathFt === undefined ? '?' : say(t.swathFt, 'FOOT', 1)}`
  return `first ${say(t.details.acres ?? 0, 'ACRE', 1)}`
}
</script>

<template>
  <section aria-label="Tests so far">
    <h2>Tests so far</h2>
    <svg v-if="catches.length" viewBox="0 0 350 200" role="img" aria-label="Rates of the catches so far">
      <line x1="40" x2="340" :y1="y(target)" :y2="y(target)" class="target" />
      <text x="40" :y="y(target) + 14" class="figures t">target {{ say(target, 'POUND_PER_ACRE', 1) }}</text>
      <line v-if="setting !== undefined" :x1="x(setting)" :x2="x(setting)" y1="12" y2="172" class="set" />
      <text v-if="setting !== undefined" :x="x(setting)" y="186" text-anchor="middle" class="figures t">
        {{ setting.toFixed(1) }}
      </text>
      <g v-for="t in catches" :key="t.id">
        <circle :cx="x(t.details.setting!)" :cy="y(t.rate!)" r="5" class="dot" />
        <text :x="x(t.details.setting!) + 8" :y="y(t.rate!) + 14" class="figures t">
          {{ bare(t.rate!, 'POUND_PER_ACRE') }}
        </text>
      </g>
    </svg>
    <Refusal :says="problem" />
    <p v-if="!tests.length" class="quiet">
      None yet. A chart is only a start; one catch before the field saves the first acres.
    </p>
    <ul>
      <li v-for="t in newest" :key="t.id">
        <span class="figures">{{ long(t.madeOn) }}</span> {{ about(t)
        }}<template v-if="t.rate !== undefined"
          >: <b class="figures">{{ say(t.rate, 'POUND_PER_ACRE', 1) }}</b></template
        ><span v-if="t.verdict" :class="{ trouble: t.verdict === 'OFF' }"> · {{ words[t.verdict] }}</span
        ><span class="quiet small"> · {{ [t.lot, t.by].filter(Boolean).join(' · ') }}</span>
        <v-btn
          v-if="planner"
          icon
          size="x-small"
          variant="text"
          :aria-label="`Remove ${about(t)}`"
          @click="remove(t.id)"
          ><v-icon :icon="mdiDeleteOutline"
        /></v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 460px;
  height: auto;
}
ul {
  list-style: none;
  padding: 0;
  margin: 4px 0;
}
li {
  border-bottom: 1px solid var(--hair);
  padding: 5px 0;
}
.small {
  font-size: 0.88rem;
}
.dot {
  fill: var(--flax);
}
.target {
  stroke: var(--ochre);
  stroke-dasharray: 5 4;
  stroke-width: 1.5;
}
.set {
  stroke: var(--sage);
  stroke-width: 3;
}
.t {
  font-size: 12px;
  fill: var(--quiet);
}
</style>

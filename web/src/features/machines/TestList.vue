<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js'
import { computed, defineAsyncComponent } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { long } from '../../format/dates'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import type { Series } from '../../parts/ChartBox.vue'
import { rateUnit, read, say } from '../../format/units'

const ChartBox = defineAsyncComponent(() => import('../../parts/ChartBox.vue'))

const props = defineProps<{ tests: Schemas['CalibrationView'][]; target: number; setting?: number }>()
const { problem, act } = useAct()
const catches = computed(() =>
  props.tests.filter((t) => t.kind === 'CATCH' && t.details.setting !== undefined && t.rate !== undefined),
)
const rates = computed<Series[]>(() => {
  const settings = [...catches.value.map((t) => t.details.setting!), ...(props.setting ? [props.setting] : [])]
  const y = (lbAc: number) => read(lbAc, 'POUND_PER_ACRE')
  const target = y(props.target)
  return [
    {
      label: 'catches',
      points: catches.value.map((t) => ({ x: t.details.setting!, y: y(t.rate!) })),
      color: '--flax',
      kind: 'dots',
    },
    {
      label: `target ${say(props.target, 'POUND_PER_ACRE', 1)}`,
      points: [0, Math.max(...settings) * 1.1].map((x) => ({ x, y: target })),
      color: '--ochre',
      kind: 'dashed',
    },
    ...(props.setting
      ? [
          {
            label: `set to ${props.setting.toFixed(1)}`,
            points: [{ x: props.setting, y: target }],
            color: '--sage',
            kind: 'dots' as const,
          },
        ]
      : []),
  ]
})
const newest = computed(() => [...props.tests].reverse())
const words = { GOOD: 'good', NEAR: 'near', OFF: 'off' }
const remove = (id: string) => act(() => got(api.DELETE('/api/v1/calibrations/{id}', { params: { path: { id } } })))

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
    <ChartBox
      v-if="catches.length"
      title="Rates of the catches so far"
      x-label="setting"
      :y-label="rateUnit"
      :series="rates"
      :height="200"
    />
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
</style>

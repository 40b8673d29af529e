<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { computed, defineAsyncComponent, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import FigureField from '../../parts/FigureField.vue'
import type { Series } from '../../parts/ChartBox.vue'
import { lengthUnit, read, say } from '../../format/units'

const ChartBox = defineAsyncComponent(() => import('../../parts/ChartBox.vue'))

const props = defineProps<{ machine: Schemas['MachineView']; lot: string }>()
const key = `furrow-pans-${props.machine.id}`
const typed = reactive(
  JSON.parse(localStorage.getItem(key) ?? 'null') ?? {
    spacing: '5',
    grams: '',
    driving: 'BACK_AND_FORTH',
    swath: '',
  },
) as { spacing: string; grams: string; driving: 'BACK_AND_FORTH' | 'ONE_WAY'; swath: string }
watch(typed, () => localStorage.setItem(key, JSON.stringify(typed)))
const grams = computed(() =>
  typed.grams
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number),
)
const answer = ref<Schemas['PansView'] | null>(null)
const wrong = ref<Refused | ''>('')
const { problem, said, busy, act } = useAct()
const details = computed((): Schemas['CalibrationDetails'] => ({
  panSpacingFt: Number(typed.spacing),
  panGrams: grams.value,
  driving: typed.driving,
  swathFt: typed.swath ? Number(typed.swath) : undefined,
  sprocket: '',
}))
let round = 0
watch(
  details,
  async (asked) => {
    if (!grams.value.length) return
    const mine = ++round
    try {
      const worked = await got(api.POST('/api/v1/calibrations/pans', { body: asked }))
      if (mine === round) [answer.value, wrong.value] = [worked, '']
    } catch (e) {
      if (mine === round) [answer.value, wrong.value] = [null, e as Refused]
    }
  },
  { immediate: true },
)

const percent = (cv: number) => cv * 100
const unevenness = computed<Series[]>(() => {
  const c = answer.value?.curve ?? []
  const x = (feet: number) => read(feet, 'FOOT')
  if (!c.length) return []
  const limit = percent(answer.value!.mostCv)
  const offered = answer.value!.offered
  return [
    {
      label: 'unevenness, %',
      points: c.map((p) => ({ x: x(p.swathFt), y: percent(p.cv) })),
      color: '--flax',
    },
    {
      label: 'what you bear',
      points: [c[0]!, c[c.length - 1]!].map((p) => ({ x: x(p.swathFt), y: limit })),
      color: '--ochre',
      kind: 'dashed',
    },
    ...(offered
      ? [
          {
            label: 'offered',
            points: [{ x: x(offered.swathFt), y: percent(offered.cv) }],
            color: '--sage',
            kind: 'dots' as const,
          },
        ]
      : []),
  ]
})
const ground = computed<Series[]>(() => [
  {
    label: 'on the ground',
    points: (answer.value?.ground ?? []).map((g) => ({ x: read(g.acrossFt, 'FOOT'), y: g.ofMean })),
    color: '--ochre',
    fill: 'origin',
  },
])

function keep() {
  const swath = Number(typed.swath) || answer.value?.offered?.swathFt
  void act(
    () =>
      got(
        api.POST('/api/v1/calibrations', {
          body: {
            machineId: props.machine.id,
            kind: 'PANS',
            lot: props.lot || undefined,
            details: { ...details.value, swathFt: swath },
          },
        }),
      ),
    'Kept.',
  )
}
</script>

<template>
  <v-card class="pa-4">
    <h2>Pan test</h2>
    <div class="form">
      <FigureField v-model="typed.spacing" label="Pans apart" unit="FOOT" />
      <v-select
        v-model="typed.driving"
        label="Driving"
        :items="[
          { value: 'BACK_AND_FORTH', title: 'back and forth' },
          { value: 'ONE_WAY', title: 'one way, round and round' },
        ]"
      />
      <v-textarea
        v-model="typed.grams"
        class="wide"
        rows="2"
        auto-grow
        label="Grams in the pans, left to right"
        inputmode="decimal"
      />
      <FigureField v-model="typed.swath" label="Try a swath (empty: the offered)" unit="FOOT" />
    </div>
    <Refusal :says="wrong || problem" />
    <template v-if="answer">
      <p class="big" role="status">
        <template v-if="answer.offered"
          >Widest <TradeWord of="swath" /> that is even enough:
          <b class="figures">{{ say(answer.offered.swathFt, 'FOOT', 1) }}</b>
          <span class="quiet"
            >&nbsp;(unevenness {{ (answer.offered.cv * 100).toFixed(0) }} %, {{ (answer.mostCv * 100).toFixed(0) }} %
            borne<template v-if="answer.even && answer.even.swathFt !== answer.offered.swathFt"
              >; {{ say(answer.even.swathFt, 'FOOT', 1) }} for 15 %</template
            >)</span
          ></template
        ><template v-else>No swath is even enough: move the vanes, the speed or the plate and test again.</template>
      </p>
      <ChartBox
        title="Unevenness against swath"
        :x-label="`swath, ${lengthUnit}`"
        y-label="unevenness, %"
        :series="unevenness"
        :height="210"
      />
      <p class="quiet small">
        On the ground across {{ typed.driving === 'ONE_WAY' ? 'one swath' : 'two swaths' }} of
        {{ say(answer.shownSwathFt ?? 0, 'FOOT', 1) }}:
      </p>
      <ChartBox
        v-if="answer.ground.length"
        title="Seed on the ground across the swaths"
        :x-label="lengthUnit"
        y-label="of the mean"
        :series="ground"
        :height="130"
      />
      <v-btn class="mt-2" block size="large" color="primary" :loading="busy" @click="keep">Keep this test</v-btn>
      <p v-if="said" role="status">{{ said }}</p>
    </template>
  </v-card>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.wide {
  grid-column: 1 / -1;
}
.big {
  margin: 10px 0 4px;
}
.big b {
  font-size: 1.5rem;
}
.small {
  font-size: 0.88rem;
  margin: 6px 0 2px;
}
</style>

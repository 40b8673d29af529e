<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { linear, polyline } from '../../draw/chart'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import FigureField from '../../parts/FigureField.vue'
import { say } from '../../format/units'

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
      const worked = await got(api.POST('/api/calibrations/pans', { body: asked }))
      if (mine === round) [answer.value, wrong.value] = [worked, '']
    } catch (e) {
      if (mine === round) [answer.value, wrong.value] = [null, e as Refused]
    }
  },
  { immediate: true },
)

const W = 520
const curve = computed(() => {
  const c = answer.value?.curve ?? []
  const x = linear(
    c.map((p) => p.swathFt),
    34,
    W - 8,
    false,
  )
  const y = linear([...c.map((p) => p.cv), 0.4], 150, 10)
  return {
    points: polyline(c.map((p) => [x(p.swathFt), y(p.cv)])),
    limit: y(answer.value?.mostCv ?? 0.2),
    x,
    y,
    ends: c.length ? [c[0]!, c[c.length - 1]!] : [],
  }
})
const ground = computed(() => {
  const g = answer.value?.ground ?? []
  const y = linear(g, 70, 4)
  return polyline(
    g.flatMap((v, i): [number, number][] => [
      [(i / g.length) * W, y(v)],
      [((i + 1) / g.length) * W, y(v)],
    ]),
  )
})

function keep() {
  const swath = Number(typed.swath) || answer.value?.offered?.swathFt
  void act(
    () =>
      got(
        api.POST('/api/calibrations', {
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
          >Widest swath that is even enough: <b class="figures">{{ say(answer.offered.swathFt, 'FOOT', 1) }}</b>
          <span class="quiet"
            >(unevenness {{ (answer.offered.cv * 100).toFixed(0) }} %, {{ (answer.mostCv * 100).toFixed(0) }} %
            borne<template v-if="answer.even && answer.even.swathFt !== answer.offered.swathFt"
              >; {{ say(answer.even.swathFt, 'FOOT', 1) }} for 15 %</template
            >)</span
          ></template
        ><template v-else>No swath is even enough: move the vanes, the speed or the plate and test again.</template>
      </p>
      <svg :viewBox="`0 0 ${W} 176`" role="img" aria-label="Unevenness against swath">
        <line x1="34" :x2="W - 8" :y1="curve.limit" :y2="curve.limit" class="limit" />
        <polyline :points="curve.points" class="line" />
        <text x="0" :y="curve.limit + 4" class="figures t">{{ (answer.mostCv * 100).toFixed(0) }} %</text>
        <line
          v-if="answer.offered"
          :x1="curve.x(answer.offered.swathFt)"
          :x2="curve.x(answer.offered.swathFt)"
          y1="10"
          y2="150"
          class="offered"
        />
        <text
          v-for="(e, i) in curve.ends"
          :key="i"
          :x="curve.x(e.swathFt)"
          y="170"
          :text-anchor="i ? 'end' : 'start'"
          class="figures t"
        >
          {{ say(e.swathFt, 'FOOT') }}
        </text>
      </svg>
      <p class="quiet small">
        On the ground across {{ typed.driving === 'ONE_WAY' ? 'one swath' : 'two swaths' }} of
        {{ say(answer.shownSwathFt ?? 0, 'FOOT', 1) }}:
      </p>
      <svg
        v-if="answer.ground.length"
        :viewBox="`0 0 ${W} 74`"
        role="img"
        aria-label="Seed on the ground across the swaths"
      >
        <polyline :points="`0,74 ${ground} ${W},74`" class="area" />
      </svg>
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
svg {
  width: 100%;
  height: auto;
  display: block;
}
.line {
  fill: none;
  stroke: var(--flax);
  stroke-width: 2.5;
}
.limit {
  stroke: var(--ochre);
  stroke-dasharray: 5 4;
  stroke-width: 1.5;
}
.offered {
  stroke: var(--sage);
  stroke-width: 3;
}
.area {
  fill: var(--straw);
  stroke: var(--loam);
  stroke-width: 1;
}
.t {
  font-size: 13px;
  fill: var(--quiet);
}
.small {
  font-size: 0.88rem;
  margin: 6px 0 2px;
}
</style>

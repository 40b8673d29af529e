<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import FigureField from '../../parts/FigureField.vue'
import { say } from '../../format/units'

const props = defineProps<{ machine: Schemas['MachineView']; target: number; mph: number; lot: string }>()
const setup = computed(() => props.machine.setup)
const key = `furrow-catch-${props.machine.id}`
const rowsInGaps = setup.value.rowsPerGap !== undefined
const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as Record<string, string> | null
const typed = reactive<Record<string, string>>(
  kept ?? {
    setting: '',
    grams: '',
    outlets: '',
    rowSpacingIn: String(setup.value.rowSpacingIn ?? ''),
    outletsPerGap: String(setup.value.rowsPerGap ?? ''),
    gapIn: String(setup.value.gapIn ?? ''),
    distanceFt: '200',
    wheelTurns: '',
    wheelFt: String(setup.value.wheelFt ?? ''),
    slip: String(setup.value.slip ?? 0),
    sprocket: '',
    by: 'distance',
  },
)
watch(typed, () => localStorage.setItem(key, JSON.stringify(typed)))
const answer = ref<Schemas['CatchView'] | null>(null)
const wrong = ref<Refused | ''>('')
const { problem, said, busy, act } = useAct()
const words = { GOOD: 'within 5 %: good', NEAR: 'within 10 %: near', OFF: 'more than 10 % off: set again' }

const details = computed((): Schemas['CalibrationDetails'] => ({
  targetLbAc: props.target || undefined,
  setting: figure(typed.setting),
  mph: props.mph || undefined,
  sprocket: typed.sprocket ?? '',
  grams: figure(typed.grams),
  outlets: figure(typed.outlets),
  ...(rowsInGaps
    ? {
        outletsPerGap: figure(typed.outletsPerGap),
        gapIn: figure(typed.gapIn),
        rowSpacingIn: figure(typed.rowSpacingIn),
      }
    : { rowSpacingIn: figure(typed.rowSpacingIn) }),
  ...(typed.by === 'wheel'
    ? { wheelTurns: figure(typed.wheelTurns), wheelFt: figure(typed.wheelFt), slip: figure(typed.slip) }
    : { distanceFt: figure(typed.distanceFt) }),
}))
const enough = computed(() => details.value.grams !== undefined && details.value.outlets !== undefined)
let round = 0
watch(
  details,
  async (asked) => {
    answer.value = null
    wrong.value = ''
    if (!enough.value) return
    const mine = ++round
    try {
      const worked = await got(api.POST('/api/v1/calibrations/catch', { body: asked }))
      if (mine === round) answer.value = worked
    } catch (e) {
      if (mine === round) wrong.value = e as Refused
    }
  },
  { immediate: true },
)

async function keep() {
  const saved = await act(
    () =>
      got(
        api.POST('/api/v1/calibrations', {
          body: { machineId: props.machine.id, kind: 'CATCH', lot: props.lot || undefined, details: details.value },
        }),
      ),
    'Kept. The next setting follows all tests so far.',
  )
  if (saved) typed.grams = ''
}
</script>

<template>
  <v-card class="pa-4">
    <h2>Catch test</h2>
    <div class="form">
      <NumberField v-model="typed.setting" label="Setting" inputmode="decimal" /><v-text-field
        v-model="typed.sprocket"
        label="Sprocket or gear"
      />
      <NumberField v-model="typed.grams" label="Caught" suffix="g" inputmode="decimal" /><NumberField
        v-model="typed.outlets"
        label="Outlets caught"
        inputmode="numeric"
      />
      <FigureField v-if="!rowsInGaps" v-model="typed.rowSpacingIn" label="Row spacing" unit="INCH" />
      <template v-else
        ><NumberField v-model="typed.outletsPerGap" label="Outlets in a gap" inputmode="numeric" /><FigureField
          v-model="typed.gapIn"
          label="Gap"
          unit="INCH" /><FigureField v-model="typed.rowSpacingIn" label="Row spacing in the gap" unit="INCH"
      /></template>
      <v-select
        v-model="typed.by"
        label="Distance by"
        :items="[
          { value: 'distance', title: 'driven' },
          { value: 'wheel', title: 'wheel turns' },
        ]"
      />
      <FigureField v-if="typed.by === 'distance'" v-model="typed.distanceFt" label="Distance" unit="FOOT" />
      <template v-else
        ><NumberField v-model="typed.wheelTurns" label="Wheel turns" inputmode="decimal" /><FigureField
          v-model="typed.wheelFt"
          label="Rolling circumference"
          unit="FOOT" /><NumberField v-model="typed.slip" label="Slip, 0–0.5" inputmode="decimal"
      /></template>
    </div>
    <div v-if="answer" class="answer" :class="answer.verdict?.toLowerCase()" role="status">
      <b class="figures">{{ say(answer.rate, 'POUND_PER_ACRE', 1) }}</b><span v-if="answer.verdict">{{
        words[answer.verdict]
      }}</span
      ><span class="quiet small"
        >{{ say(answer.widthFt, 'FOOT', 2) }} wide over {{ say(answer.distanceFt, 'FOOT')
        }}<template v-if="answer.bandRate !== undefined"
          >; in the sown bands {{ say(answer.bandRate, 'POUND_PER_ACRE', 1) }}</template
        ></span
      >
    </div>
    <Refusal :says="wrong || problem" />
    <v-btn class="mt-2" block size="large" color="primary" :disabled="!answer" :loading="busy" @click="keep"
      >Keep this test</v-btn
    >
    <p v-if="said" role="status">{{ said }}</p>
  </v-card>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.form :deep(input) {
  min-height: 44px;
}
.answer {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
  padding: 8px 12px;
  margin: 10px 0 4px;
  border-left: 5px solid var(--quiet);
  background: var(--furrow);
}
.answer b {
  font-size: 1.9rem;
}
.answer.good {
  border-color: var(--sage);
}
.answer.near {
  border-color: var(--ochre);
}
.answer.off {
  border-color: var(--madder);
}
.small {
  font-size: 0.88rem;
}
</style>

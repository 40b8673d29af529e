<script setup lang="ts">
import { reactive } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import FigureField from '../../parts/FigureField.vue'
import { say } from '../../format/units'

const props = defineProps<{ machine: Schemas['MachineView']; target: number; lot: string }>()
const typed = reactive({ usedLb: '', acres: '' })
const { problem, said, busy, act } = useAct()
const words = { GOOD: 'good', NEAR: 'near', OFF: 'off: set again' }

async function keep() {
  const saved = await act(() =>
    got(
      api.POST('/api/v1/calibrations', {
        body: {
          machineId: props.machine.id,
          kind: 'CHECK',
          lot: props.lot || undefined,
          details: {
            expectedLbAc: props.target,
            usedLb: figure(typed.usedLb),
            acres: figure(typed.acres),
            sprocket: '',
          },
        },
      }),
    ),
  )
  if (saved) {
    const laid = say(saved.rate ?? 0, 'POUND_PER_ACRE', 1)
    const verdict = saved.verdict ? words[saved.verdict] : ''
    said.value = `Laid ${laid}: ${verdict}. The correction for this lot follows.`
    typed.usedLb = ''
    typed.acres = ''
  }
}
</script>

<template>
  <v-card class="pa-4">
    <h2>First acres</h2>
    <p class="quiet">
      Seed used against ground covered, the same day. The machine's correction for this lot is kept and offered next
      time.
    </p>
    <form class="form" @submit.prevent="keep">
      <FigureField v-model="typed.usedLb" label="Seed used" unit="POUND" required /><FigureField
        v-model="typed.acres"
        label="Ground covered"
        unit="ACRE"
        required
      />
      <v-btn class="wide" type="submit" block size="large" color="primary" :loading="busy">Keep this check</v-btn>
    </form>
    <Refusal :says="problem" />
    <p v-if="said" role="status">{{ said }}</p>
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
</style>

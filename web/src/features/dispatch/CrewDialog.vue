<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useCrewLinks } from '../../api/resources'
import { short } from '../../format/dates'
import { useAct } from '../../parts/act'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'
import { nameOf, plusDays } from '../../work/board'
import NotedDialog from './NotedDialog.vue'

/** Private lists for those who come from outside: made, seen, taken back. */
const props = defineProps<{ machines: Schemas['MachineView'][]; today: string; machineId?: string }>()
const open = defineModel<boolean>({ required: true })
const DAYS = 30
const { data: links } = useCrewLinks()
const { problem, act } = useAct()
const whose = ref('')
const until = ref('')
const made = ref('')
const name = (l: Schemas['CrewLink']) => nameOf(l, props.machines) || 'a machine that is gone'
watch(open, (now) => {
  if (!now) return
  made.value = ''
  problem.value = ''
  whose.value = props.machineId ?? props.machines.find((m) => m.hired)?.id ?? props.machines[0]?.id ?? ''
  until.value ||= plusDays(props.today, DAYS)
})

async function make() {
  const link = await act(() =>
    got(api.POST('/api/v1/crews', { body: { machineId: whose.value, until: until.value } })),
  )
  if (link) made.value = `${location.origin}/crew/${link.word}`
}
async function takeBack(id: string) {
  made.value = ''
  await act(() => got(api.DELETE('/api/v1/crews/{id}', { params: { path: { id } } })))
}
</script>

<template>
  <NotedDialog
    v-model="open"
    title="Lists for hired crews"
    subtitle="No account: whoever has the address reads this machine's jobs and answers for it"
    none="None yet."
    :items="links"
  >
    <template #item="{ item: l }">
      <b>{{ name(l) }}</b> until {{ short(l.until) }}
      <v-btn size="small" variant="text" :aria-label="`Take back the list of ${name(l)}`" @click="takeBack(l.id)"
        >Take back</v-btn
      >
    </template>
    <form @submit.prevent="make">
      <v-select
        v-model="whose"
        label="Crew or machine"
        :items="machines.map((m) => ({ value: m.id, title: m.name }))"
      />
      <DayField v-model="until" label="Last day" :min="today" />
      <v-btn color="primary" type="submit">Make a list</v-btn>
    </form>
    <Refusal :says="problem" />
    <p v-if="made" role="status">
      Send this address to the crew now; it is told only once:
      <code class="address">{{ made }}</code>
    </p>
  </NotedDialog>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 1fr 170px auto;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
</style>

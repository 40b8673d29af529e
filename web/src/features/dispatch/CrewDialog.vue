<script setup lang="ts">
import { ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useCrewLinks, useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'
import { plusDays } from './board'

/** Private lists for those who come from outside: made, seen, taken back. */
const props = defineProps<{ machines: Schemas['MachineView'][]; today: string; machineId?: string }>()
const open = defineModel<boolean>({ required: true })
const DAYS = 30
const refresh = useRefresh()
const { data: links } = useCrewLinks()
const whose = ref('')
const until = ref('')
const made = ref('')
const problem = ref<Refused | ''>('')
const name = (id: string) => props.machines.find((m) => m.id === id)?.name ?? 'a machine that is gone'
watch(open, (now) => {
  if (!now) return
  made.value = ''
  problem.value = ''
  whose.value = props.machineId ?? props.machines.find((m) => m.hired)?.id ?? props.machines[0]?.id ?? ''
  until.value ||= plusDays(props.today, DAYS)
})

async function acting(act: () => Promise<void>) {
  problem.value = ''
  try {
    await act()
    await refresh.jobs()
  } catch (e) {
    problem.value = e as Refused
  }
}
const make = () =>
  acting(async () => {
    const link = await got(api.POST('/api/crews', { body: { machineId: whose.value, until: until.value } }))
    made.value = `${location.origin}/crew/${link.word}`
  })
const takeBack = (id: string) =>
  acting(async () => {
    await got(api.DELETE('/api/crews/{id}', { params: { path: { id } } }))
    made.value = ''
  })
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-label="Lists for hired crews">
    <v-card
      title="Lists for hired crews"
      subtitle="No account: whoever has the address reads this machine's jobs and answers for it"
    >
      <v-card-text>
        <ul v-if="links?.length" class="noted">
          <li v-for="l in links" :key="l.id">
            <b>{{ name(l.machineId) }}</b> until {{ short(l.until) }}
            <v-btn
              size="small"
              variant="text"
              :aria-label="`Take back the list of ${name(l.machineId)}`"
              @click="takeBack(l.id)"
              >Take back</v-btn
            >
          </li>
        </ul>
        <p v-else class="quiet">None yet.</p>
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
          <code>{{ made }}</code>
        </p>
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 1fr 170px auto;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
code {
  display: block;
  overflow-wrap: anywhere;
}
</style>

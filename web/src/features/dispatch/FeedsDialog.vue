<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useFeeds, useRefresh } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'

/** Calendars that a phone or an office program reads by itself; each can be taken back. */
const props = defineProps<{ machines: Schemas['MachineView'][] }>()
const open = defineModel<boolean>({ required: true })
const refresh = useRefresh()
const { data: feeds } = useFeeds()
const whose = ref('all')
const made = ref('')
const problem = ref<Refused | ''>('')
const people = computed(() => [...new Set(props.machines.flatMap((m) => m.setup?.drivers ?? []))].sort())
const choices = computed(() => [
  { value: 'all', title: 'All work' },
  ...props.machines.map((m) => ({ value: m.id, title: m.name })),
  ...people.value.map((p) => ({ value: p, title: p })),
])
const name = (f: Schemas['Feed']) => f.person ?? props.machines.find((m) => m.id === f.machineId)?.name ?? 'All work'

async function make() {
  problem.value = ''
  const machine = props.machines.find((m) => m.id === whose.value)
  const person = machine || whose.value === 'all' ? undefined : whose.value
  try {
    const feed = await got(api.POST('/api/feeds', { body: { machineId: machine?.id, person } }))
    made.value = `${location.origin}/feeds/${feed.word}.ics`
    await refresh.jobs()
  } catch (e) {
    problem.value = e as Refused
  }
}
async function takeBack(id: string) {
  problem.value = ''
  try {
    await got(api.DELETE('/api/feeds/{id}', { params: { path: { id } } }))
    made.value = ''
    await refresh.jobs()
  } catch (e) {
    problem.value = e as Refused
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="620" aria-label="Calendars to subscribe to">
    <v-card
      title="Calendars to subscribe to"
      subtitle="Whoever has the address can read the days; take it back and it opens nothing"
    >
      <v-card-text>
        <ul v-if="feeds?.length" class="noted">
          <li v-for="f in feeds" :key="f.id">
            <b>{{ name(f) }}</b>
            <v-btn size="small" variant="text" :aria-label="`Take back ${name(f)}`" @click="takeBack(f.id)"
              >Take back</v-btn
            >
          </li>
        </ul>
        <p v-else class="quiet">None yet.</p>
        <form @submit.prevent="make">
          <v-select v-model="whose" label="Whose work" :items="choices" />
          <v-btn color="primary" type="submit">Make a calendar</v-btn>
        </form>
        <Refusal :says="problem" />
        <p v-if="made" role="status">
          Put this address into your calendar program now; it is told only once:
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
  grid-template-columns: 1fr auto;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
code {
  display: block;
  overflow-wrap: anywhere;
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useFeeds } from '../../api/resources'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { nameOf, whoAndWhat } from '../../work/board'
import NotedDialog from './NotedDialog.vue'

/** Calendars that a phone or an office program reads by itself; each can be taken back. */
const props = defineProps<{ machines: Schemas['MachineView'][] }>()
const open = defineModel<boolean>({ required: true })
const { data: feeds } = useFeeds()
const { problem, act } = useAct()
const whose = ref('all')
const made = ref('')
const choices = computed(() => [{ value: 'all', title: 'All work' }, ...whoAndWhat(props.machines)])
const name = (f: Schemas['Feed']) => nameOf(f, props.machines) || 'All work'

async function make() {
  const machine = props.machines.find((m) => m.id === whose.value)
  const person = machine || whose.value === 'all' ? undefined : whose.value
  const feed = await act(() => got(api.POST('/api/v1/feeds', { body: { machineId: machine?.id, person } })))
  if (feed) made.value = `${location.origin}/feeds/${feed.word}.ics`
}
async function takeBack(id: string) {
  made.value = ''
  await act(() => got(api.DELETE('/api/v1/feeds/{id}', { params: { path: { id } } })))
}
</script>

<template>
  <NotedDialog
    v-model="open"
    title="Calendars to subscribe to"
    subtitle="Whoever has the address can read the days; take it back and it opens nothing"
    none="None yet."
    :items="feeds"
  >
    <template #item="{ item: f }">
      <b>{{ name(f) }}</b>
      <v-btn size="small" variant="text" :aria-label="`Take back ${name(f)}`" @click="takeBack(f.id)"
        >Take back</v-btn
      >
    </template>
    <form @submit.prevent="make">
      <v-select v-model="whose" label="Whose work" :items="choices" />
      <v-btn color="primary" type="submit">Make a calendar</v-btn>
    </form>
    <Refusal :says="problem" />
    <p v-if="made" role="status">
      Put this address into your calendar program now; it is told only once:
      <code class="address">{{ made }}</code>
    </p>
  </NotedDialog>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
</style>

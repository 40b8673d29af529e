<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useAway } from '../../api/resources'
import { range } from '../../format/dates'
import { useAct } from '../../parts/act'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'
import { nameOf, whoAndWhat } from '../../work/board'
import NotedDialog from './NotedDialog.vue'

/** Days on which a machine is broken or elsewhere, or somebody is away; the board plans around them. */
const props = defineProps<{ machines: Schemas['MachineView'][]; today: string }>()
const open = defineModel<boolean>({ required: true })
const { problem, busy, act } = useAct()
const { data: away } = useAway()
const who = ref<string | null>(null)
const first = ref(props.today)
const last = ref(props.today)
const why = ref('')
const choices = computed(() => whoAndWhat(props.machines))
const name = (d: Schemas['Days']) => nameOf(d, props.machines)

async function note() {
  const machine = props.machines.find((m) => m.id === who.value)
  const done = await act(() =>
    got(
      api.POST('/api/v1/away', {
        body: {
          id: crypto.randomUUID(),
          machineId: machine?.id,
          person: machine ? undefined : (who.value ?? undefined),
          first: first.value,
          last: last.value,
          why: why.value,
        },
      }),
    ),
  )
  if (done) why.value = ''
}
const remove = (id: string) => act(() => got(api.DELETE('/api/v1/away/{id}', { params: { path: { id } } })))
</script>

<template>
  <NotedDialog
    v-model="open"
    title="Days away"
    subtitle="A machine broken or hauling, somebody ill or at a wedding: planned around"
    none="Nobody and nothing is away."
    :items="away"
  >
    <template #item="{ item: d }">
      <span
        ><b>{{ name(d) }}</b> {{ range(d.first, d.last) }}: {{ d.why }}</span
      >
      <v-btn size="small" variant="text" :aria-label="`${name(d)} is back`" @click="remove(d.id)">Take off</v-btn>
    </template>
    <form @submit.prevent="note">
      <v-select v-model="who" label="Who or what" :items="choices" />
      <div class="d-flex ga-3">
        <DayField v-model="first" label="First day" />
        <DayField v-model="last" label="Last day" />
      </div>
      <v-text-field v-model="why" label="Why" maxlength="120" />
      <Refusal :says="problem" />
      <v-btn color="primary" type="submit" :loading="busy" :disabled="!who || !why.trim()">Note it</v-btn>
    </form>
  </NotedDialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
  justify-items: stretch;
}
form .v-btn {
  justify-self: start;
}
</style>

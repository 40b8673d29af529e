<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useAway, useRefresh } from '../../api/resources'
import { range } from '../../format/dates'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'

/** Days on which a machine is broken or elsewhere, or somebody is away; the board plans around them. */
const props = defineProps<{ machines: Schemas['MachineView'][]; today: string }>()
const open = defineModel<boolean>({ required: true })
const refresh = useRefresh()
const { data: away } = useAway()
const who = ref<string | null>(null)
const first = ref(props.today)
const last = ref(props.today)
const why = ref('')
const problem = ref<Refused | ''>('')
const busy = ref(false)
const people = computed(() => [...new Set(props.machines.flatMap((m) => m.setup?.drivers ?? []))].sort())
const choices = computed(() => [
  ...props.machines.map((m) => ({ value: m.id, title: m.name })),
  ...people.value.map((p) => ({ value: p, title: p })),
])
const name = (d: Schemas['Days']) => d.person ?? props.machines.find((m) => m.id === d.machineId)?.name ?? ''

async function change(asked: () => Promise<unknown>) {
  busy.value = true
  problem.value = ''
  try {
    await asked()
    await refresh.jobs()
    return true
  } catch (e) {
    problem.value = e as Refused
    return false
  } finally {
    busy.value = false
  }
}
async function note() {
  const machine = props.machines.find((m) => m.id === who.value)
  const done = await change(() =>
    got(
      api.POST('/api/away', {
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
const remove = (id: string) => change(() => got(api.DELETE('/api/away/{id}', { params: { path: { id } } })))
</script>

<template>
  <v-dialog v-model="open" aria-label="Days away" max-width="620">
    <v-card title="Days away" subtitle="A machine broken or hauling, somebody ill or at a wedding: planned around">
      <v-card-text>
        <ul v-if="away?.length" class="noted">
          <li v-for="d in away" :key="d.id">
            <span
              ><b>{{ name(d) }}</b> {{ range(d.first, d.last) }}: {{ d.why }}</span
            >
            <v-btn size="small" variant="text" :aria-label="`${name(d)} is back`" @click="remove(d.id)"
              >Take off</v-btn
            >
          </li>
        </ul>
        <p v-else class="quiet">Nobody and nothing is away.</p>
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
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
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

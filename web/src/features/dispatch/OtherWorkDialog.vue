<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useOtherWork } from '../../api/resources'
import { range, short } from '../../format/dates'
import { area, areaUnit, number } from '../../format/units'
import { figure, useAct } from '../../parts/act'
import DayField from '../../parts/DayField.vue'
import FigureField from '../../parts/FigureField.vue'
import Refusal from '../../parts/Refusal.vue'
import { keyOf, type Board } from '../../work/board'

/** Work of the farm's own that takes the same machines and people: hauling, hay, manure before the drill. */
const props = defineProps<{ board: Board; wanted?: string }>()
const open = defineModel<boolean>({ required: true })
const { data: works } = useOtherWork()
type Work = Schemas['WrittenWork']

const EMPTY = { what: '', machineId: '', fieldId: null, amount: '', cost: '', waitsFor: null, before: null }
const form = ref<{
  id?: string
  what: string
  machineId: string
  fieldId: string | null
  amount: string
  cost: string
  waitsFor: string | null
  before: string | null
}>({ ...EMPTY })
const counts = ref<'acres' | 'hours'>('hours')
const first = ref(props.board.today)
const last = ref('')
const { problem, busy, act } = useAct()

const toDo = computed(() => (works.value ?? []).filter((w) => !w.doneOn))
const done = computed(() => (works.value ?? []).filter((w) => w.doneOn))
const machines = computed(() => props.board.machines.map((m) => ({ value: m.id, title: m.name })))
const fields = computed(() =>
  [...new Map(props.board.jobs.filter((j) => j.fieldId && !j.zoneId).map((j) => [j.fieldId!, j.field]))]
    .map(([value, title]) => ({ value, title }))
    .sort((a, b) => a.title.localeCompare(b.title)),
)
const jobs = computed(() =>
  props.board.jobs
    .filter((j) => j.id.cover !== form.value.id)
    .map((j) => ({ value: keyOf(j), title: `${j.field}: ${j.words}` }))
    .sort((a, b) => a.title.localeCompare(b.title)),
)
const idOf = (key: string | null) => props.board.jobs.find((j) => keyOf(j) === key)?.id
const nameOf = (id?: Schemas['JobId']) => (id ? jobs.value.find((j) => j.value === keyOf({ id }))?.title : undefined)
const machineOf = (w: Work) => props.board.machines.find((m) => m.id === w.machineId)?.name ?? 'no machine any more'
const amount = (w: Work) => (w.hours ? `${number(w.hours, 1)} h` : `${area(w.acres!, 1)} ${areaUnit.value}`)
const about = (w: Work) =>
  [
    machineOf(w),
    amount(w),
    range(w.first, w.last),
    nameOf(w.waitsFor) && `after ${nameOf(w.waitsFor)}`,
    nameOf(w.before) && `before ${nameOf(w.before)}`,
  ]
    .filter(Boolean)
    .join(' · ')

async function keep() {
  const f = form.value
  const kept = await act(() =>
    got(
      api.POST('/api/v1/other-work', {
        body: {
          id: f.id ?? crypto.randomUUID(),
          what: f.what,
          machineId: f.machineId,
          fieldId: f.fieldId ?? undefined,
          acres: counts.value === 'acres' ? figure(f.amount) : undefined,
          hours: counts.value === 'hours' ? figure(f.amount) : undefined,
          first: first.value,
          last: last.value,
          cost: figure(f.cost),
          waitsFor: idOf(f.waitsFor),
          before: idOf(f.before),
        },
      }),
    ),
  )
  if (kept) form.value = { ...EMPTY }
}
function edit(w: Work) {
  form.value = {
    id: w.id,
    what: w.what,
    machineId: w.machineId ?? '',
    fieldId: w.fieldId ?? null,
    amount: String(w.hours ?? w.acres),
    cost: w.cost === undefined ? '' : String(w.cost),
    waitsFor: w.waitsFor ? keyOf({ id: w.waitsFor }) : null,
    before: w.before ? keyOf({ id: w.before }) : null,
  }
  counts.value = w.hours ? 'hours' : 'acres'
  first.value = w.first
  last.value = w.last
}
/** Work that is wanted stands in the form from the start, with its old days to be changed. */
watch(
  () => [open.value, props.wanted, works.value] as const,
  ([shown, id]) => {
    const work = shown && id && form.value.id !== id ? works.value?.find((w) => w.id === id) : undefined
    if (work) edit(work)
  },
)
const over = (w: Work) =>
  act(() =>
    got(
      api.POST('/api/v1/other-work/{id}/done', { params: { path: { id: w.id } }, body: { day: props.board.today } }),
    ),
  )
const remove = (id: string) => act(() => got(api.DELETE('/api/v1/other-work/{id}', { params: { path: { id } } })))
const ready = computed(() => form.value.what.trim() && form.value.machineId && form.value.amount && last.value)
</script>

<template>
  <v-dialog v-model="open" aria-label="Other work" max-width="680" scrollable>
    <v-card
      title="Other work"
      subtitle="Hauling, hay, manure: what takes the same machines and people is planned with the rest"
    >
      <v-card-text>
        <ul v-if="toDo.length" class="noted">
          <li v-for="w in toDo" :key="w.id">
            <span
              ><b>{{ w.what }}</b> <span class="quiet">{{ about(w) }}</span></span
            >
            <span class="acts">
              <v-btn size="small" variant="tonal" :aria-label="`${w.what} is done`" @click="over(w)">Done</v-btn>
              <v-btn size="small" variant="text" :aria-label="`Change ${w.what}`" @click="edit(w)">Change</v-btn>
              <v-btn size="small" variant="text" :aria-label="`Take off ${w.what}`" @click="remove(w.id)"
                >Take off</v-btn
              >
            </span>
          </li>
        </ul>
        <p v-else class="quiet">No other work is written down.</p>
        <h3>{{ form.id ? `Change “${form.what}”` : 'Write some down' }}</h3>
        <form @submit.prevent="keep">
          <v-text-field v-model="form.what" label="What" placeholder="Haul corn" maxlength="80" />
          <v-select v-model="form.machineId" label="With which machine" :items="machines" />
          <div class="pair">
            <FigureField v-model="form.amount" label="How much" :unit="counts === 'hours' ? 'HOUR' : 'ACRE'" />
            <v-btn-toggle v-model="counts" mandatory density="comfortable" aria-label="Counted in">
              <v-btn value="hours">hours</v-btn><v-btn value="acres">{{ areaUnit }}</v-btn>
            </v-btn-toggle>
          </div>
          <div class="pair">
            <DayField v-model="first" label="Not before" />
            <DayField v-model="last" label="Done by" />
          </div>
          <v-select v-model="form.fieldId" label="On which field (none: in any weather)" clearable :items="fields" />
          <v-autocomplete v-model="form.waitsFor" label="After" clearable :items="jobs" />
          <v-autocomplete v-model="form.before" label="Before" clearable :items="jobs" />
          <FigureField v-model="form.cost" label="What it costs if it is never done" unit="DOLLAR" />
          <Refusal :says="problem" />
          <div class="acts">
            <v-btn color="primary" type="submit" :loading="busy" :disabled="!ready">{{
              form.id ? 'Keep the change' : 'Put it on the list'
            }}</v-btn>
            <v-btn v-if="form.id" variant="text" @click="form = { ...EMPTY }">Leave it</v-btn>
          </div>
        </form>
        <details v-if="done.length">
          <summary>Done ({{ done.length }})</summary>
          <ul class="noted">
            <li v-for="w in done" :key="w.id">
              <span
                ><b>{{ w.what }}</b> <span class="quiet">{{ amount(w) }}, {{ short(w.doneOn!) }}</span></span
              >
            </li>
          </ul>
        </details>
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
form {
  display: grid;
  gap: 12px;
}
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  align-items: center;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.noted li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 4px 10px;
  align-items: center;
}
h3 {
  margin: 12px 0 8px;
  font-size: 1.05rem;
}
</style>

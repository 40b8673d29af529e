<script setup lang="ts">
import { ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useFields, useTerminationDates, useRefresh } from '../../api/resources'
import DayField from '../../parts/DayField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { short } from '../../format/dates'
import { planner, session } from '../../session'

/** Days that insurers and programmes set for the end of covers, as the farm has them from its agent. */
type KillDate = Schemas['KillDateView']
const { data: dates } = useTerminationDates()
const { data: fields } = useFields()
const refresh = useRefresh()
const { problem, busy, act } = useAct()
const open = ref(false)
const form = ref({
  id: '',
  name: '',
  kind: 'DEAD_BY' as KillDate['kind'],
  on: '',
  fieldIds: [] as string[],
  version: undefined as number | undefined,
})
const kinds = [
  { value: 'DEAD_BY', title: 'dead by' },
  { value: 'ALIVE_UNTIL', title: 'living until' },
]
const iso = (d: KillDate) =>
  `${(session.value?.today ?? '2026').slice(0, 4)}-${String(d.month).padStart(2, '0')}-${String(d.day).padStart(2, '0')}`
const names = (d: KillDate) =>
  d.everyField
    ? 'every field'
    : (fields.value ?? [])
        .filter((f) => d.fieldIds.includes(f.field.id))
        .map((f) => f.field.name)
        .join(', ') || 'no field left'

function edit(d?: KillDate) {
  form.value = d
    ? { id: d.id, name: d.name, kind: d.kind, on: iso(d), fieldIds: d.fieldIds, version: d.version }
    : { id: crypto.randomUUID(), name: '', kind: 'DEAD_BY', on: '', fieldIds: [], version: undefined }
  open.value = true
}
async function keep() {
  const { id, ...body } = form.value
  const done = await act(() => got(api.PUT('/api/v1/termination-dates/{id}', { params: { path: { id } }, body })))
  if (!done) return
  open.value = false
  await refresh.all()
}
async function remove(id: string) {
  if (await act(() => got(api.DELETE('/api/v1/termination-dates/{id}', { params: { path: { id } } }))))
    await refresh.all()
}
</script>

<template>
  <v-card class="pa-4">
    <h2>Dates of insurers and programmes</h2>
    <p class="quiet">
      They differ by place and policy: enter what your agent confirmed. A plan that breaks one says so wherever its
      cover is shown.
    </p>
    <Refusal :says="problem" />
    <ul v-if="dates?.length" class="dates">
      <li v-for="d in dates" :key="d.id">
        <span
          ><b>{{ d.name }}</b
          >: {{ d.kind === 'DEAD_BY' ? 'dead by' : 'living until' }} {{ short(iso(d)) }},
          <span class="quiet">{{ names(d) }}</span></span
        >
        <template v-if="planner">
          <v-btn size="small" variant="text" :aria-label="`Change ${d.name}`" @click="edit(d)">Change</v-btn>
          <v-btn size="small" variant="text" :aria-label="`Remove ${d.name}`" @click="remove(d.id)">Remove</v-btn>
        </template>
      </li>
    </ul>
    <p v-else-if="dates && !open">None entered.</p>
    <form v-if="open" class="form" @submit.prevent="keep">
      <v-text-field v-model="form.name" label="Whose date" placeholder="crop insurance" hide-details />
      <v-select v-model="form.kind" label="Cover is" :items="kinds" hide-details />
      <DayField v-model="form.on" label="Day of each year" />
      <v-autocomplete
        v-model="form.fieldIds"
        class="wide"
        label="Fields"
        hint="None: every field"
        persistent-hint
        multiple
        chips
        :items="(fields ?? []).map((f) => ({ value: f.field.id, title: f.field.name }))"
      />
      <div class="wide">
        <v-btn type="submit" color="primary" :disabled="busy || !form.name || !form.on">Keep it</v-btn>
        <v-btn variant="text" @click="open = false">Leave it</v-btn>
      </div>
    </form>
    <v-btn v-else-if="planner" variant="outlined" @click="edit()">Add a date</v-btn>
  </v-card>
</template>

<style scoped>
.dates {
  list-style: none;
  padding: 0;
}
.dates li {
  display: flex;
  gap: 8px;
  align-items: center;
  flex-wrap: wrap;
  min-height: 40px;
}
.form {
  display: grid;
  grid-template-columns: 1fr 150px 1fr;
  gap: 10px;
}
.wide {
  grid-column: 1 / -1;
}
@media (max-width: 600px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>

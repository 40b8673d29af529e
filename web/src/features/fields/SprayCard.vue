<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import DayField from '../../parts/DayField.vue'
import { reactive } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { long } from '../../format/dates'
import { useAct } from '../../parts/act'
import { useSpecies, useSprays } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

type Family = NonNullable<Schemas['UseForm']['families']>[number]
const props = defineProps<{ fieldId: string }>()
const { data: uses } = useSprays(() => props.fieldId)
const { data: species } = useSpecies()
const { problem, act } = useAct()
const families: { value: Family; title: string }[] = [
  { value: 'GRASS', title: 'all grasses' },
  { value: 'LEGUME', title: 'all legumes' },
  { value: 'BRASSICA', title: 'all brassicas' },
  { value: 'BROADLEAF', title: 'all broadleaves' },
]
const form = reactive({ active: '', appliedOn: '', days: '', families: [] as Family[], species: [] as string[] })
const name = (id: string) => species.value?.find((s) => s.id === id)?.name ?? id
async function add() {
  const kept = await act(() =>
    got(
      api.POST('/api/v1/herbicides/fields/{fieldId}', {
        params: { path: { fieldId: props.fieldId } },
        body: {
          active: form.active,
          appliedOn: form.appliedOn,
          days: Number(form.days),
          families: form.families,
          species: form.species,
        },
      }),
    ),
  )
  if (kept) Object.assign(form, { active: '', days: '', families: [], species: [] })
}
const remove = (id: string) => act(() => got(api.DELETE('/api/v1/herbicides/{id}', { params: { path: { id } } })))
</script>

<template>
  <section aria-label="Herbicides">
    <h2>Herbicides that keep covers out</h2>
    <ul>
      <li v-for="u in uses" :key="u.id">
        <b>{{ u.active }}</b> on {{ long(u.appliedOn) }}: no
        {{
          [...u.families.map((f) => families.find((x) => x.value === f)?.title), ...u.species.map(name)].join(', ')
        }}
        until <b class="figures">{{ long(u.until) }}</b>
        <v-btn v-if="planner" size="x-small" variant="text" :aria-label="`Remove ${u.active}`" @click="remove(u.id)"
          >Remove</v-btn
        >
      </li>
    </ul>
    <form v-if="planner" class="form" @submit.prevent="add">
      <v-text-field v-model="form.active" label="Active ingredient" required /><DayField
        v-model="form.appliedOn"
        label="Applied on"
      /><NumberField v-model="form.days" label="Days to sowing, from the label" required />
      <v-select v-model="form.families" label="Keeps out" :items="families" multiple /><v-autocomplete
        v-model="form.species"
        label="and these species"
        :items="species?.map((s) => ({ value: s.id, title: s.name }))"
        multiple
      /><v-btn type="submit" variant="tonal" color="primary">Write it down</v-btn>
    </form>
    <p class="quiet small">
      The label decides; enter its interval. What is entered here takes species out of the advice.
    </p>
    <Refusal :says="problem" />
  </section>
</template>

<style scoped>
ul {
  list-style: none;
  padding: 0;
  margin: 0 0 8px;
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  gap: 8px;
  align-items: center;
}
.small {
  font-size: 0.88rem;
}
@media (max-width: 600px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>

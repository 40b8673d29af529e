<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { reactive, ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { area, areaUnit, perArea, perAreaUnit, typedArea, units } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

const queries = useQueryClient()
const { data: machines } = useQuery({ queryKey: ['machines'], queryFn: () => got(api.GET('/api/machines')) })
const kinds: { value: Schemas['MachineForm']['kind']; title: string }[] = [
  { value: 'DRILL', title: 'Drill' }, { value: 'INTERSEEDER', title: 'Interseeder' }, { value: 'AIRPLANE', title: 'Airplane' }, { value: 'DRONE', title: 'Drone' },
  { value: 'ROLLER', title: 'Roller-crimper' }, { value: 'SPRAYER', title: 'Sprayer' }, { value: 'PLANTER', title: 'Planter' },
]
const form = reactive({ name: '', kind: 'DRILL' as Schemas['MachineForm']['kind'], rate: '', hired: false, cost: '' })
const problem = ref('')

async function act(asked: () => Promise<unknown>) {
  problem.value = ''
  try {
    await asked()
    await queries.invalidateQueries()
    form.name = ''
  } catch (e) {
    problem.value = (e as Error).message
  }
}
const add = () => act(() => got(api.POST('/api/machines', { body: { name: form.name, kind: form.kind, acresPerHour: typedArea(Number(form.rate)), hired: form.hired, costPerAcre: Number(form.cost || 0) * (units.value === 'US' ? 1 : 0.40468564224) } })))
const remove = (id: string) => act(() => got(api.DELETE('/api/machines/{id}', { params: { path: { id } } })))
</script>

<template>
  <v-card class="pa-4">
    <h2>Machines and crews</h2>
    <table class="plain">
      <thead><tr><th>Machine</th><th>Kind</th><th class="n">{{ areaUnit }}/h</th><th class="n">{{ perAreaUnit }}</th><th /></tr></thead>
      <tbody><tr v-for="m in machines" :key="m.id"><td>{{ m.name }}</td><td>{{ kinds.find((k) => k.value === m.kind)?.title }}{{ m.hired ? ', hired' : '' }}</td><td class="n">{{ area(m.acresPerHour, 1) }}</td><td class="n">{{ perArea(m.costPerAcre) }}</td><td><v-btn v-if="planner" size="x-small" variant="text" :aria-label="`Take out ${m.name}`" @click="remove(m.id)">Take out</v-btn></td></tr></tbody>
    </table>
    <form v-if="planner" class="form" @submit.prevent="add">
      <v-text-field v-model="form.name" label="Machine" required /><v-select v-model="form.kind" label="Kind" :items="kinds" />
      <v-text-field v-model="form.rate" :label="`Field capacity, ${areaUnit}/h`" type="number" step="any" required /><v-text-field v-model="form.cost" :label="`Cost, ${perAreaUnit}`" type="number" step="any" />
      <v-checkbox v-model="form.hired" label="Hired" /><v-btn type="submit" variant="tonal" color="primary">Add the machine</v-btn>
    </form>
    <Refusal :says="problem" />
  </v-card>
</template>

<style scoped>
.form { display: grid; grid-template-columns: 1fr 1fr; gap: 8px; margin-top: 12px; align-items: center; }
</style>

<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { reactive, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import Refusal from '../../parts/Refusal.vue'
import { cropWords } from '../season/lanes'
import OpeningsCard from './OpeningsCard.vue'
import SprayCard from './SprayCard.vue'

const props = defineProps<{ entry: Schemas['FieldWithChain'] }>()
const open = defineModel<boolean>({ required: true })
const queries = useQueryClient()
const land = reactive({ name: '', farmstead: '', soil: 'SILT_LOAM' as Schemas['LandForm']['soil'], drainage: 'MODERATE' as Schemas['LandForm']['drainage'], tiled: false, organic: false, slopePercent: 0, note: '', access: '' })
const crop = reactive({ kind: 'CORN_GRAIN' as Schemas['CropForm']['kind'], planted: '', maturity: 104, harvestMoisture: 20, harvest: '', canopyClosed: '', canopyOpen: '' })
const problem = ref('')
const said = ref('')

watch(open, (is) => {
  if (!is) return
  const f = props.entry.field
  Object.assign(land, { name: f.name, farmstead: f.farmstead, soil: f.soil, drainage: f.drainage, tiled: f.tiled, organic: f.organic, slopePercent: f.slopePercent, note: f.note, access: f.access })
  problem.value = ''
  said.value = ''
}, { immediate: true })
watch(() => crop.kind, (kind) => (crop.maturity = kind === 'SOYBEANS' ? 3 : 104))

async function act(asked: () => Promise<unknown>, words: string) {
  problem.value = ''
  said.value = ''
  try {
    await asked()
    await queries.invalidateQueries()
    said.value = words
  } catch (e) {
    problem.value = (e as Error).message
  }
}

const saveLand = () => act(() => got(api.PUT('/api/fields/{id}', { params: { path: { id: props.entry.field.id } }, body: { ...land, slopePercent: Number(land.slopePercent), version: props.entry.field.version } })), 'Land saved.')
const addCrop = () =>
  act(() => got(api.POST('/api/fields/{id}/crops', {
    params: { path: { id: props.entry.field.id } },
    body: { kind: crop.kind, planted: crop.planted, maturity: crop.kind.startsWith('CORN') || crop.kind === 'SOYBEANS' ? Number(crop.maturity) : undefined, harvestMoisture: crop.kind.startsWith('CORN') ? Number(crop.harvestMoisture) : undefined, harvest: crop.harvest || undefined, canopyClosed: crop.canopyClosed || undefined, canopyOpen: crop.canopyOpen || undefined },
  })), 'Crop added to the chain.')
const dropCrop = (id: string) => act(() => got(api.DELETE('/api/fields/crops/{linkId}', { params: { path: { linkId: id } } })), 'Taken out of the chain.')
const crops = Object.entries(cropWords).map(([value, title]) => ({ value, title }))
</script>

<template>
  <v-dialog v-model="open" max-width="680" scrollable>
    <v-card :title="entry.field.name" subtitle="Land and the chain of crops">
      <v-card-text>
        <form class="form" @submit.prevent="saveLand">
          <v-text-field v-model="land.name" label="Name" required />
          <v-text-field v-model="land.farmstead" label="Farmstead" />
          <v-select v-model="land.soil" label="Topsoil" :items="[{ value: 'SAND', title: 'Sand' }, { value: 'LOAM', title: 'Loam' }, { value: 'SILT_LOAM', title: 'Silt loam' }, { value: 'CLAY', title: 'Clay' }]" />
          <v-select v-model="land.drainage" label="Drainage" :items="[{ value: 'GOOD', title: 'Good' }, { value: 'MODERATE', title: 'Moderate' }, { value: 'POOR', title: 'Poor' }]" />
          <v-text-field v-model="land.slopePercent" label="Slope, %" type="number" min="0" max="60" />
          <div class="d-flex ga-4"><v-checkbox v-model="land.tiled" label="Tiled" /><v-checkbox v-model="land.organic" label="Organic" /></div>
          <v-text-field v-model="land.note" class="wide" label="Soft spots, ruts, anything to know" />
          <v-text-field v-model="land.access" class="wide" label="Way in, for people who do not know it" />
          <v-btn type="submit" color="primary">Save the land</v-btn>
        </form>
        <h2 class="mt-5">Chain</h2>
        <table class="plain">
          <tbody>
            <tr v-for="l in entry.chain" :key="l.id"><td>{{ l.crop ? cropWords[l.crop.kind] : 'Cover' }}</td><td class="figures">{{ l.crop ? `planted ${short(l.starts)} ${l.starts.slice(0, 4)}` : l.cover?.members.map((m) => m.species.replace('-', ' ')).join(' + ') }}</td><td class="n">{{ l.crop?.maturity || '' }}</td><td><v-btn v-if="l.crop" size="x-small" variant="text" @click="dropCrop(l.id)">Take out</v-btn></td></tr>
          </tbody>
        </table>
        <form class="form mt-3" @submit.prevent="addCrop">
          <v-select v-model="crop.kind" label="Crop" :items="crops" />
          <v-text-field v-model="crop.planted" label="Planted, or to be planted" type="date" required />
          <v-text-field v-if="crop.kind.startsWith('CORN') || crop.kind === 'SOYBEANS'" v-model="crop.maturity" :label="crop.kind === 'SOYBEANS' ? 'Maturity group' : 'Relative maturity, days'" type="number" step="any" />
          <v-text-field v-if="crop.kind.startsWith('CORN')" v-model="crop.harvestMoisture" label="Harvest at moisture, %" type="number" step="any" />
          <v-text-field v-model="crop.harvest" :label="crop.kind === 'OTHER' ? 'Harvest' : 'Harvest, if you know better'" type="date" :required="crop.kind === 'OTHER'" />
          <template v-if="crop.kind === 'OTHER'"><v-text-field v-model="crop.canopyClosed" label="Canopy closes" type="date" /><v-text-field v-model="crop.canopyOpen" label="Canopy opens again" type="date" /></template>
          <v-btn type="submit" color="primary" variant="tonal">Add the crop</v-btn>
        </form>
        <Refusal :says="problem" />
        <p v-if="said" role="status">{{ said }}</p>
        <OpeningsCard v-if="open" class="mt-5" :field-id="entry.field.id" />
        <SprayCard v-if="open" class="mt-5" :field-id="entry.field.id" />
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; } .wide { grid-column: 1 / -1; }
@media (max-width: 600px) { .form { grid-template-columns: 1fr; } }
</style>

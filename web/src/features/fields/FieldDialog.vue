<script setup lang="ts">
import { soils } from './soils'
import NumberField from '../../parts/NumberField.vue'
import { useRefresh } from '../../api/resources'
import { reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import ChainCard from './ChainCard.vue'
import OpeningsCard from './OpeningsCard.vue'
import SprayCard from './SprayCard.vue'
import ZonesCard from './ZonesCard.vue'

const props = defineProps<{ entry: Schemas['FieldWithChain'] }>()
const open = defineModel<boolean>({ required: true })
const refresh = useRefresh()
const land = reactive({
  name: '',
  farmstead: '',
  soil: 'SILT_LOAM' as Schemas['LandForm']['soil'],
  drainage: 'MODERATE' as Schemas['LandForm']['drainage'],
  tiled: false,
  organic: false,
  slopePercent: 0,
  note: '',
  access: '',
})
const problem = ref<Refused | ''>('')
const said = ref('')

watch(
  open,
  (is) => {
    if (!is) return
    const f = props.entry.field
    Object.assign(land, {
      name: f.name,
      farmstead: f.farmstead,
      soil: f.soil,
      drainage: f.drainage,
      tiled: f.tiled,
      organic: f.organic,
      slopePercent: f.slopePercent,
      note: f.note,
      access: f.access,
    })
    problem.value = ''
    said.value = ''
  },
  { immediate: true },
)

async function act(asked: () => Promise<unknown>, words: string) {
  problem.value = ''
  said.value = ''
  try {
    await asked()
    await refresh.all()
    said.value = words
  } catch (e) {
    problem.value = e as Refused
  }
}

const saveLand = () =>
  act(
    () =>
      got(
        api.PUT('/api/v1/fields/{id}', {
          params: { path: { id: props.entry.field.id } },
          body: { ...land, slopePercent: Number(land.slopePercent), version: props.entry.field.version },
        }),
      ),
    'Land saved.',
  )
</script>

<template>
  <v-dialog v-model="open" max-width="680" scrollable>
    <v-card :title="entry.field.name" subtitle="Land and the chain of crops">
      <v-card-text class="pt-3">
        <form class="form" @submit.prevent="saveLand">
          <v-text-field v-model="land.name" label="Name" required />
          <v-text-field v-model="land.farmstead" label="Farmstead" />
          <v-select v-model="land.soil" label="Topsoil" :items="soils" />
          <v-select
            v-model="land.drainage"
            label="Drainage"
            :items="[
              { value: 'GOOD', title: 'Good' },
              { value: 'MODERATE', title: 'Moderate' },
              { value: 'POOR', title: 'Poor' },
            ]"
          />
          <NumberField v-model="land.slopePercent" label="Slope, %" />
          <div class="d-flex ga-4">
            <v-checkbox v-model="land.tiled" label="Tiled" /><v-checkbox v-model="land.organic" label="Organic" />
          </div>
          <v-text-field v-model="land.note" class="wide" label="Soft spots, ruts, anything to know" />
          <v-text-field v-model="land.access" class="wide" label="Way in, for people who do not know it" />
          <v-btn type="submit" color="primary">Save the land</v-btn>
        </form>
        <Refusal :says="problem" />
        <p v-if="said" role="status">{{ said }}</p>
        <ZonesCard v-if="open" class="mt-5" :field="entry.field" />
        <ChainCard class="mt-5" :field-id="entry.field.id" :chain="entry.chain" />
        <OpeningsCard v-if="open" class="mt-5" :field-id="entry.field.id" />
        <SprayCard v-if="open" class="mt-5" :field-id="entry.field.id" />
      </v-card-text>
      <v-card-actions><v-spacer /><v-btn variant="text" @click="open = false">Close</v-btn></v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
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

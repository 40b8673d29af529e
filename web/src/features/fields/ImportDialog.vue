<script setup lang="ts">
import { useRefresh } from '../../api/resources'
import { ref } from 'vue'
import { upload, type Schemas, type Refused } from '../../api/client'
import { area, areaUnit } from '../../format/units'
import { soilWords } from './soils'
import FieldOutline from '../../parts/FieldOutline.vue'
import Refusal from '../../parts/Refusal.vue'

const open = defineModel<boolean>({ required: true })
const refresh = useRefresh()
const file = ref<File | null>(null)
const preview = ref<Schemas['Preview'] | null>(null)
const problem = ref<Refused | ''>('')
const busy = ref(false)

const landWords = (land: Schemas['LandTold']) =>
  [
    land.farmstead,
    soilWords[land.soil],
    `${land.drainage.toLowerCase()} drainage`,
    land.tiled && 'tiled',
    land.organic && 'organic',
  ]
    .filter(Boolean)
    .join(', ')

async function read(save: boolean) {
  problem.value = ''
  if (!file.value) {
    preview.value = null
    return
  }
  busy.value = true
  try {
    preview.value = await upload<Schemas['Preview']>('/api/v1/exchange/fields', file.value, save)
    if (save) {
      await refresh.all()
      open.value = false
      file.value = null
      preview.value = null
    }
  } catch (e) {
    preview.value = null
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <v-dialog v-model="open" max-width="640" scrollable>
    <v-card
      title="Bring fields"
      subtitle="GeoJSON, KML, a zipped shapefile or a table (CSV), in longitude and latitude, up to 12 MB"
    >
      <v-card-text class="pt-3">
        <v-file-input
          v-model="file"
          label="File"
          density="compact"
          variant="outlined"
          accept=".geojson,.json,.kml,.zip,.csv"
          @update:model-value="read(false)"
        />
        <Refusal :says="problem" />
        <template v-if="preview">
          <p>
            <b>{{ preview.good }} good</b>, {{ area(preview.acres, 1) }} {{ areaUnit
            }}<template v-if="preview.refused"
              >; <span class="trouble">{{ preview.refused }} refused</span></template
            >. Nothing is kept yet.
          </p>
          <p class="quiet">
            {{
              preview.columns.length
                ? `Recognised: ${preview.columns.join(', ')}.`
                : 'No column about land or crops was recognised. Titles that are: ' +
                  'crop, planted, maturity, crop 2025, soil, drainage, tiled, organic, slope, farmstead.'
            }}
          </p>
          <table class="plain">
            <tbody>
              <tr v-for="(f, i) in preview.fields" :key="i">
                <td><FieldOutline v-if="f.boundary" :boundary="f.boundary" /></td>
                <td>
                  <b>{{ f.name }}</b><span v-if="f.known" class="quiet">
                    is there: its land and crops are told anew</span
                  >
                  <div v-if="f.crops.length">{{ f.crops.join('; ') }}</div>
                  <div v-if="f.land" class="quiet">{{ landWords(f.land) }}</div>
                  <div v-for="n in f.notes" :key="n" class="trouble">left out: {{ n }}</div>
                </td>
                <td class="n">{{ f.acres !== undefined ? `${area(f.acres, 2)} ${areaUnit}` : '' }}</td>
                <td class="trouble">{{ f.problem }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </v-card-text>
      <v-card-actions
        ><v-spacer /><v-btn variant="text" @click="open = false">Cancel</v-btn
        ><v-btn color="primary" variant="flat" :disabled="!preview?.good" :loading="busy" @click="read(true)"
          >Keep {{ preview?.good ?? 0 }} fields</v-btn
        ></v-card-actions
      >
    </v-card>
  </v-dialog>
</template>

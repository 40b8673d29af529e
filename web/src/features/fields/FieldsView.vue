<script setup lang="ts">
import { useFields } from '../../api/resources'
import { mdiPencilOutline } from '@mdi/js'
import { computed, defineAsyncComponent, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { area, areaUnit } from '../../format/units'
import FieldOutline from '../../parts/FieldOutline.vue'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { cropName } from '../../lane/lanes'
import FieldDialog from './FieldDialog.vue'
import { soilWords } from './soils'
import ImportDialog from './ImportDialog.vue'

const MapPane = defineAsyncComponent(() => import('./MapPane.vue'))
const CropTable = defineAsyncComponent(() => import('./CropTable.vue'))

type Entry = Schemas['FieldWithChain']
const route = useRoute()
const router = useRouter()
const views = { list: 'List', map: 'Map', crops: 'Crops' } as const
type View = keyof typeof views
const view = computed(() => (String(route.query.view) in views ? (route.query.view as View) : 'list'))
const { data: fields, error } = useFields()
const find = ref('')
const bringing = ref(false)
const editing = ref(false)
const chosen = ref<Entry | null>(null)
const shown = computed(() =>
  (fields.value ?? []).filter((f) =>
    `${f.field.name} ${f.field.farmstead}`.toLowerCase().includes((find.value ?? '').toLowerCase()),
  ),
)
const total = computed(() => shown.value.reduce((sum, f) => sum + f.field.acres, 0))

function chain(entry: Entry): string {
  return entry.chain
    .slice(-5)
    .map((l) =>
      l.crop
        ? `${cropName(l.crop)} ${l.starts.slice(0, 4)}`
        : l.cover
          ? l.cover.members.map((m) => m.species.replace('-', ' ')).join(' + ')
          : 'cut',
    )
    .join(' → ')
}

function editById(id: string) {
  const entry = fields.value?.find((f) => f.field.id === id)
  if (entry) edit(entry)
}
watch(
  [fields, () => route.query.field],
  () => {
    if (route.query.field && fields.value && !editing.value) editById(String(route.query.field))
  },
  { immediate: true },
)

function edit(entry: Entry) {
  chosen.value = entry
  editing.value = true
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Fields</h1>
      <div class="switch" role="group" aria-label="Show as">
        <button
          v-for="(words, v) in views"
          :key="v"
          type="button"
          :aria-pressed="view === v"
          @click="router.replace({ query: v === 'list' ? {} : { view: v } })"
        >
          {{ words }}
        </button>
      </div>
      <v-text-field v-if="view === 'list'" v-model="find" class="find" label="Find a field" clearable />
      <span class="figures">{{ shown.length }} fields, {{ area(total) }} {{ areaUnit }}</span>
      <v-spacer />
      <a href="/api/v1/exchange/fields" download="fields.geojson">Save as GeoJSON</a>
      <v-btn v-if="planner" color="primary" @click="bringing = true">Bring fields</v-btn>
    </div>
    <Refusal :says="error" />
    <MapPane v-if="view === 'map'" @change="editById" />
    <CropTable v-else-if="view === 'crops'" />
    <v-card v-else-if="fields && !fields.length" class="pa-8 text-center">
      <h2>Bring your boundaries</h2>
      <p>
        A GeoJSON, KML or zipped shapefile from your monitor, your agronomist or a map tool. You see what is in it
        before anything is kept.
      </p>
      <v-btn v-if="planner" class="mt-3" color="primary" @click="bringing = true">Choose a file</v-btn>
    </v-card>
    <table v-else class="plain">
      <thead>
        <tr>
          <th />
          <th>Field</th>
          <th>Farmstead</th>
          <th class="n">{{ areaUnit }}</th>
          <th>Soil</th>
          <th>Land</th>
          <th>Chain of crops and covers</th>
          <th />
        </tr>
      </thead>
      <tbody>
        <tr v-for="f in shown" :key="f.field.id">
          <td><FieldOutline :boundary="f.field.boundary" /></td>
          <td>
            <b>{{ f.field.name }}</b><span v-if="f.field.leftOutSeason" class="trouble"
              ><br />left out {{ f.field.leftOutSeason }}</span
            >
          </td>
          <td class="whole">{{ f.field.farmstead }}</td>
          <td class="n">{{ area(f.field.acres, 1) }}</td>
          <td class="whole">{{ soilWords[f.field.soil] }}</td>
          <td>
            {{
              [
                f.field.tiled ? 'tiled' : '',
                f.field.organic ? 'organic' : '',
                f.field.zones.length ? `zones ${f.field.zones.map((z) => z.name).join(', ')}` : '',
                f.field.slopePercent ? `${f.field.slopePercent} % slope` : '',
                `${f.field.drainage.toLowerCase()} drainage`,
              ]
                .filter(Boolean)
                .join(', ')
            }}
          </td>
          <td class="chain">
            <span v-if="!f.chain.length" class="trouble">no crop yet</span>{{ chain(f)
            }}<template v-if="f.chain.length"> ({{ short(f.chain[f.chain.length - 1]!.starts) }})</template>
          </td>
          <td>
            <v-btn
              v-if="planner"
              icon
              size="small"
              variant="text"
              :aria-label="`Change ${f.field.name}`"
              @click="edit(f)"
              ><v-icon :icon="mdiPencilOutline"
            /></v-btn>
          </td>
        </tr>
      </tbody>
    </table>
    <ImportDialog v-model="bringing" />
    <FieldDialog
      v-if="chosen"
      v-model="editing"
      :entry="fields?.find((f) => f.field.id === chosen!.field.id) ?? chosen"
    />
  </div>
</template>

<style scoped>
.switch {
  display: flex;
  border: 1px solid var(--hair);
  border-radius: 4px;
  overflow: hidden;
}
.switch button {
  min-height: 40px;
  padding: 0 16px;
  border: 0;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  cursor: pointer;
}
.switch button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font-weight: 700;
}
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  margin-bottom: 10px;
  flex-wrap: wrap;
}
.find {
  max-width: 230px;
}
.chain {
  font-size: 0.88rem;
}
td {
  vertical-align: middle;
}
.whole {
  white-space: nowrap;
}
/* Under a thumb a field is a card: its outline and name, its acres, its chain beneath. */
@media (max-width: 640px) {
  table,
  tbody {
    display: block;
  }
  thead {
    display: none;
  }
  tr {
    display: grid;
    grid-template-columns: auto 1fr auto auto;
    align-items: center;
    border-bottom: 1px solid var(--hair);
  }
  tr td {
    border: 0;
  }
  td:nth-child(3),
  td:nth-child(5) {
    display: none;
  }
  td:nth-child(6),
  .chain {
    grid-column: 2 / -1;
    padding-top: 0;
  }
  td:nth-child(8) {
    grid-row: 1;
    grid-column: 4;
  }
}
</style>

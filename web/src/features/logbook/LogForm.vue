<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import DayField from '../../parts/DayField.vue'
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { matter, rateUnit, type Unit } from '../../format/units'
import FigureField from '../../parts/FigureField.vue'
import { useBoard, useChoices, useFields, useLots, useRefresh, useSpecies } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { session } from '../../session'
import { kindWords, typedKinds, type Kept } from './entries'

type Kind = Schemas['EntryForm']['kind']
const props = defineProps<{ field?: string; kind?: string; correcting: Kept | null }>()
const emit = defineEmits<{ settled: []; withdraw: [reason: string] }>()
const refresh = useRefresh()
const kinds = typedKinds.map((value) => ({ value, title: kindWords[value] }))
const DRAFT = 'furrow-log-draft'
/** Figures are kept in the units of the server, whatever the farm reads; the id names the entry, so that it is never kept twice. */
const empty = {
  id: '',
  fieldId: '',
  zoneId: '',
  kind: 'SEEDED' as Kind,
  on: '',
  machineId: '',
  acres: '',
  pounds: '',
  lot: '',
  note: '',
  route: 'EARLY_SPRAY',
  stage: 'FIRST_YELLOW',
  species: '',
  spots: '5',
  stems: '50',
  past: '',
  frame: '',
  grams: '',
  yieldPerAcre: '',
}
const form = reactive({ ...empty, ...(JSON.parse(localStorage.getItem(DRAFT) ?? '{}') as object) })
form.id ||= crypto.randomUUID()
watch(form, (now) => {
  if (!props.correcting) localStorage.setItem(DRAFT, JSON.stringify(now))
})
const reason = ref('')

const { data: fields, isPending: noFields } = useFields()
const { data: board, isPending: noBoard } = useBoard('')
const { data: lots } = useLots()
const { data: species, isPending: noSpecies } = useSpecies()
/** What an entry belongs to is filled in from these: it is not sent before they are there. */
const filling = computed(() => noFields.value || noBoard.value || noSpecies.value)

const problem = ref<Refused | ''>('')
const busy = ref(false)
const saved = ref<Schemas['Saved'] | null>(null)

watch(
  () => [props.field, props.kind, fields.value],
  () => {
    if (props.field && fields.value) form.fieldId = props.field
    if (props.kind) form.kind = props.kind as Kind
  },
  { immediate: true },
)
watch(
  () => session.value?.today,
  (today) => {
    if (today && (!form.on || form.on > today)) form.on = today
  },
  { immediate: true },
)

const chosen = computed(() => fields.value?.find((f) => f.field.id === form.fieldId))
const work = computed(() => ['SEEDED', 'DISCED', 'SLURRY_SPREAD', 'ENDED', 'CUT'].includes(form.kind))
/** A count can be of any zone; work is of a zone only where it has a cover of its own. */
const zones = computed(() => {
  const all = chosen.value?.field.zones ?? []
  const own = new Set(chosen.value?.chain.map((l) => l.zoneId))
  return work.value ? all.filter((z) => own.has(z.id)) : all
})
const zone = computed(() => zones.value.find((z) => z.id === form.zoneId)?.id)
const job = computed(() =>
  board.value?.jobs.find(
    (j) => !j.partOf && j.fieldId === form.fieldId && j.settledBy === form.kind && j.zoneId === zone.value,
  ),
)
const members = computed(() => {
  const covers = chosen.value?.chain.filter((l) => l.cover && l.starts <= (session.value?.today ?? '')) ?? []
  const ids = covers[covers.length - 1]?.cover?.members.map((m) => m.species) ?? []
  return (species.value ?? [])
    .filter((s) => ids.includes(s.id) && s.winterHardy)
    .map((s) => ({ value: s.id, title: s.name }))
})
watch(
  members,
  (now) => {
    if (!now.some((m) => m.value === form.species)) form.species = now[0]?.value ?? ''
  },
  { immediate: true },
)
watch(
  job,
  (now) => {
    if (now?.place && !props.correcting) form.machineId = now.place.machineId
  },
  { immediate: true },
)
// The whole field is offered once it is chosen; what was typed or restored stays through every refetch.
watch(
  () => chosen.value?.field.id,
  (now, was) => {
    if (now && !props.correcting && (was || form.acres === '')) form.acres = chosen.value!.field.acres.toFixed(1)
  },
  { immediate: true },
)
const crop = computed(() => chosen.value?.chain.filter((l) => l.crop && l.starts <= form.on).at(-1)?.crop)
const { data: choices } = useChoices()
const yieldUnit = computed<Unit>(() => (crop.value && choices.value?.yields[crop.value.kind]) || 'TON_PER_ACRE')

const optional = (text: string) => (String(text ?? '').trim() === '' ? undefined : Number(text))

// What was being written waits while a wrong entry is put right.
watch(
  () => props.correcting,
  (now) => {
    problem.value = ''
    saved.value = null
    reason.value = ''
    if (!now) {
      Object.assign(form, empty, JSON.parse(localStorage.getItem(DRAFT) ?? '{}') as object)
      form.id ||= crypto.randomUUID()
      return
    }
    const { entry } = now
    const d = entry.details
    const said = (figure?: number) => (figure === undefined ? '' : String(figure))
    Object.assign(form, empty, {
      id: crypto.randomUUID(),
      fieldId: entry.fieldId,
      zoneId: entry.zoneId ?? '',
      kind: entry.kind,
      on: entry.on,
      machineId: entry.machineId ?? '',
      acres: said(entry.acres),
      pounds: said(entry.pounds),
      lot: entry.lot,
      note: entry.note,
      route: d.route ?? empty.route,
      stage: d.stage ?? empty.stage,
      species: d.species ?? '',
      spots: said(d.spots) || empty.spots,
      stems: said(d.stems) || empty.stems,
      past: said(d.past),
      frame: said(d.frameSquareFeet),
      grams: d.dryGrams?.join(' ') ?? '',
      yieldPerAcre: said(d.yieldPerAcre),
    })
  },
)

async function save() {
  busy.value = true
  problem.value = ''
  saved.value = null
  const counted = form.kind === 'STEM_COUNT'
  const clipped = form.kind === 'BIOMASS'
  try {
    const entry = {
      id: form.id,
      fieldId: form.fieldId,
      zoneId: zone.value,
      kind: form.kind,
      on: form.on,
      note: form.note || undefined,
      job: work.value ? job.value?.id : undefined,
      machineId: work.value && form.machineId ? form.machineId : undefined,
      acres: work.value ? optional(form.acres) : undefined,
      pounds: form.kind === 'SEEDED' ? optional(form.pounds) : undefined,
      lot: form.kind === 'SEEDED' ? form.lot || undefined : undefined,
      route: form.kind === 'ENDED' ? (form.route as 'ROLL') : undefined,
      stage: form.kind === 'CROP_STAGE' ? (form.stage as 'V4') : undefined,
      species: counted ? form.species : undefined,
      spots: counted ? optional(form.spots) : undefined,
      stems: counted ? optional(form.stems) : undefined,
      past: counted ? optional(form.past) : undefined,
      frameSquareFeet: clipped ? optional(form.frame) : undefined,
      dryGrams: clipped
        ? form.grams
            .split(/[\s,;]+/)
            .filter(Boolean)
            .map(Number)
        : undefined,
      yieldPerAcre: form.kind === 'HARVESTED' ? optional(form.yieldPerAcre) : undefined,
    }
    const wrong = props.correcting?.entry.id
    saved.value = await got(
      wrong
        ? api.POST('/api/log/{id}/replacement', {
            params: { path: { id: wrong } },
            body: { entry, reason: reason.value || undefined },
          })
        : api.POST('/api/log', { body: entry }),
    )
    if (wrong) emit('settled')
    else
      Object.assign(form, {
        id: crypto.randomUUID(),
        pounds: '',
        lot: '',
        note: '',
        past: '',
        grams: '',
        yieldPerAcre: '',
      })
    await refresh.all()
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <v-card class="pa-4">
    <h2>{{ correcting ? `Correct: ${correcting.field}, ${correcting.about}` : 'Write down' }}</h2>
    <form class="form" @submit.prevent="save">
      <v-autocomplete
        v-model="form.fieldId"
        label="Field"
        :items="fields?.map((f) => ({ value: f.field.id, title: f.field.name }))"
        auto-select-first
      />
      <v-select v-model="form.kind" label="What" :items="kinds" />
      <v-select
        v-if="zones.length"
        v-model="form.zoneId"
        label="Zone"
        :items="[{ value: '', title: 'Whole field' }, ...zones.map((z) => ({ value: z.id, title: z.name }))]"
      />
      <DayField v-model="form.on" label="Day" :max="session?.today" />
      <template v-if="work">
        <v-select
          v-model="form.machineId"
          label="Machine"
          clearable
          :items="board?.machines.map((m) => ({ value: m.id, title: m.name }))"
        />
        <FigureField v-model="form.acres" label="Area done" unit="ACRE" min="0" />
      </template>
      <template v-if="form.kind === 'SEEDED'">
        <FigureField v-model="form.pounds" label="Seed used" unit="POUND" min="0" />
        <v-combobox
          v-model="form.lot"
          label="Seed lot"
          density="compact"
          variant="outlined"
          hide-details
          :items="lots?.map((l) => l.name)"
        />
      </template>
      <v-select v-if="form.kind === 'ENDED'" v-model="form.route" label="How" :items="choices?.routes" />
      <template v-if="form.kind === 'STEM_COUNT'">
        <v-select v-model="form.species" label="Species" :items="members" />
        <NumberField v-model="form.spots" label="Spots" />
        <NumberField v-model="form.stems" label="Stems looked at" />
        <NumberField v-model="form.past" label="Past flowering" />
      </template>
      <template v-if="form.kind === 'BIOMASS'">
        <FigureField v-model="form.frame" label="Frame" unit="SQUARE_FOOT" min="0" />
        <v-text-field
          v-model="form.grams"
          class="wide"
          label="Dry grams, one number a frame"
          hint="such as 118 96 131"
          persistent-hint
        />
      </template>
      <v-select
        v-if="form.kind === 'CROP_STAGE'"
        v-model="form.stage"
        label="Stage"
        :items="[
          { value: 'V4', title: 'Corn: 4 collars' },
          { value: 'V6', title: 'Corn: 6 collars' },
          { value: 'SILKING', title: 'Corn: silking' },
          { value: 'HALF_MILK', title: 'Corn: half milk line' },
          { value: 'BLACK_LAYER', title: 'Corn: black layer' },
          { value: 'LEAVES_GOING', title: 'Corn: leaves begin to go' },
          { value: 'HALF_LEAVES', title: 'Corn: half of the leaves lost' },
          { value: 'FIRST_YELLOW', title: 'Soybeans: first yellow leaf' },
          { value: 'LEAF_DROP', title: 'Soybeans: leaf drop begins' },
          { value: 'HEADING', title: 'Small grain: heading' },
        ]"
      />
      <FigureField
        v-if="form.kind === 'HARVESTED'"
        v-model="form.yieldPerAcre"
        label="Yield"
        :unit="yieldUnit"
        min="0"
      />
      <v-text-field v-model="form.note" class="wide" label="Note" />
      <v-text-field v-if="correcting" v-model="reason" class="wide" label="Why (optional)" />
      <Refusal class="wide" :says="problem" />
      <v-btn
        class="wide"
        type="submit"
        color="primary"
        size="large"
        :loading="busy"
        :disabled="!form.fieldId || filling"
        >{{ correcting ? 'Save the correction' : 'Save' }}</v-btn
      >
      <template v-if="correcting">
        <v-btn variant="text" color="error" @click="emit('withdraw', reason)">It never happened</v-btn>
        <v-btn variant="text" @click="emit('settled')">Leave it as it is</v-btn>
      </template>
    </form>
    <div v-if="saved" class="saved" role="status">
      <b>Saved.</b> <span v-if="saved.verdict">{{ saved.verdict }}&nbsp;</span>
      <span v-if="saved.entry.details.weather" class="quiet">The day's weather is filled in.</span>
      <table v-if="saved.changes.length" class="plain">
        <thead>
          <tr>
            <th>Forecast</th>
            <th class="n">before</th>
            <th class="n">after</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="c in saved.changes"
            :key="c.what"
            :class="{ moved: c.beforeDay !== c.afterDay || c.beforePounds !== c.afterPounds }"
          >
            <td>{{ c.what }}</td>
            <td class="n">
              {{ c.beforePounds !== undefined ? `${matter(c.beforePounds)} ${rateUnit}` : short(c.beforeDay) }}
            </td>
            <td class="n">
              {{ c.afterPounds !== undefined ? `${matter(c.afterPounds)} ${rateUnit}` : short(c.afterDay) }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </v-card>
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
.saved {
  margin-top: 12px;
  border-left: 4px solid var(--sage);
  padding: 4px 10px;
}
.moved td {
  font-weight: 700;
}
@media (max-width: 500px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>

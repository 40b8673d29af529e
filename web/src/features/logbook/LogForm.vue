<script setup lang="ts">
import DayField from '../../parts/DayField.vue'
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { matter, rateUnit, type Unit } from '../../format/units'
import FigureField from '../../parts/FigureField.vue'
import { useBoard, useChoices, useFields, useLots, useRefresh, useSpecies } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { session } from '../../session'
import { kindWords, type Kept } from './entries'
import { empty, factOf, figuresOf, optional, type Kind } from './facts/figures'
import { factForms, typedHere } from './facts/forms'

const props = defineProps<{ field?: string; kind?: string; correcting: Kept | null }>()
const emit = defineEmits<{ settled: []; withdraw: [reason: string] }>()
const refresh = useRefresh()
const DRAFT = 'furrow-log-draft'
/** The id names the entry, so that it is never kept twice. */
const blank = {
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
}
const drafted = (): object => JSON.parse(localStorage.getItem(DRAFT) ?? '{}') as object
const form = reactive({ ...blank, ...empty, ...drafted() })
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
/** What is read in the field is offered here only to be put right. */
const kinds = computed(() =>
  (Object.keys(kindWords) as Kind[])
    .filter((k) => typedHere.includes(k) || k === props.correcting?.kind)
    .map((value) => ({ value, title: kindWords[value] })),
)
const figures = computed(() => factForms[form.kind])
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

// What was being written waits while a wrong entry is put right.
watch(
  () => props.correcting,
  (now) => {
    problem.value = ''
    saved.value = null
    reason.value = ''
    if (!now) {
      Object.assign(form, blank, empty, drafted())
      form.id ||= crypto.randomUUID()
      return
    }
    Object.assign(form, blank, figuresOf(now.fact), {
      id: crypto.randomUUID(),
      fieldId: now.fieldId,
      zoneId: now.zoneId ?? '',
      kind: now.kind,
      on: now.on,
      machineId: now.machineId ?? '',
      acres: now.acres === undefined ? '' : String(now.acres),
      pounds: now.pounds === undefined ? '' : String(now.pounds),
      lot: now.lot,
      note: now.note,
    })
  },
)

async function save() {
  busy.value = true
  problem.value = ''
  saved.value = null
  try {
    const entry = {
      id: form.id,
      fieldId: form.fieldId,
      zoneId: zone.value,
      on: form.on,
      note: form.note || undefined,
      job: work.value ? job.value?.id : undefined,
      machineId: work.value && form.machineId ? form.machineId : undefined,
      acres: work.value ? optional(form.acres) : undefined,
      pounds: form.kind === 'SEEDED' ? optional(form.pounds) : undefined,
      lot: form.kind === 'SEEDED' ? form.lot || undefined : undefined,
      fact: factOf(form.kind, form, props.correcting?.fact),
    }
    const wrong = props.correcting?.id
    saved.value = await got(
      wrong
        ? api.POST('/api/v1/log/{id}/replacement', {
            params: { path: { id: wrong } },
            body: { entry, reason: reason.value || undefined },
          })
        : api.POST('/api/v1/log', { body: entry }),
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
      <component :is="figures" v-if="figures" :model-value="form" :members="members" :yield-unit="yieldUnit" />
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
      <span v-if="saved.weather" class="quiet">The day's weather is filled in.</span>
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

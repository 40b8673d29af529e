<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import DayField from '../../parts/DayField.vue'
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { figure, useAct } from '../../parts/act'
import { useChoices } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { cropName, cropWords } from '../../lane/lanes'

type Kind = Schemas['CropForm']['kind'] | Schemas['CutDetails']['how']
type Link = Schemas['Link']
const props = defineProps<{ fieldId: string; chain: Link[] }>()
const { problem, said, busy, act } = useAct()
const empty = {
  kind: 'CORN_GRAIN' as Kind,
  day: '',
  name: '',
  maturity: '',
  harvestMoisture: '',
  harvest: '',
  canopyClosed: '',
  canopyOpen: '',
  leafDrop: '',
}
const form = reactive({ ...empty })
const changing = ref<Link | null>(null)
const cutWords: Record<Schemas['CutDetails']['how'], string> = {
  FORAGE_CUT: 'Forage cut, then another cover',
  ENDED: 'Cover ended, then another cover',
}
const kinds = [
  ...Object.entries({ ...cropWords, OTHER: 'Any other crop, by its dates' }).filter(
    ([kind]) => kind !== 'FREE_GROUND',
  ),
  ...Object.entries(cutWords),
].map(([value, title]) => ({ value, title }))
const cut = computed(() => form.kind === 'FORAGE_CUT' || form.kind === 'ENDED')
const corn = computed(() => form.kind.startsWith('CORN'))
const { data: choices } = useChoices()
/** What the farm takes a crop to be like until something else is typed. */
function usual() {
  if (changing.value || !choices.value) return
  form.maturity = String(choices.value.maturities[form.kind] || '')
  form.harvestMoisture ||= String(choices.value.harvestMoisture)
}
watch(() => [form.kind, choices.value], usual, { immediate: true })

function body(): Schemas['CropForm'] {
  return {
    kind: form.kind as Schemas['CropForm']['kind'],
    planted: form.day,
    name: form.name || undefined,
    maturity: corn.value || form.kind === 'SOYBEANS' ? figure(form.maturity) : undefined,
    harvestMoisture: corn.value ? figure(form.harvestMoisture) : undefined,
    harvest: form.harvest || undefined,
    canopyClosed: form.canopyClosed || undefined,
    canopyOpen: form.canopyOpen || undefined,
    leafDrop: form.kind === 'SOYBEANS' ? form.leafDrop || undefined : undefined,
    version: changing.value?.version,
  }
}
async function save() {
  const path = { params: { path: { id: props.fieldId } } }
  const link = changing.value
  const done = await act(
    () =>
      cut.value
        ? got(
            api.POST('/api/v1/fields/{id}/cuts', {
              ...path,
              body: { day: form.day, cut: { how: form.kind as Schemas['CutDetails']['how'] } },
            }),
          )
        : link
          ? got(api.PUT('/api/v1/fields/crops/{linkId}', { params: { path: { linkId: link.id } }, body: body() }))
          : got(api.POST('/api/v1/fields/{id}/crops', { ...path, body: body() })),
    cut.value
      ? 'The cut is in the chain; choose the cover after it.'
      : link
        ? 'The crop is changed.'
        : 'Crop added to the chain.',
  )
  if (done) clear()
}
function clear() {
  changing.value = null
  Object.assign(form, empty)
  usual()
}
function change(link: Link) {
  changing.value = link
  const dates = link.crop!.dates ?? {}
  Object.assign(form, {
    kind: link.crop!.kind,
    day: link.starts,
    name: link.crop!.name ?? '',
    maturity: String(link.crop!.maturity || ''),
    harvestMoisture: String(link.crop!.harvestMoisture || ''),
    harvest: dates.HARVEST ?? '',
    canopyClosed: dates.CANOPY_CLOSED ?? '',
    canopyOpen: dates.CANOPY_OPEN ?? '',
    leafDrop: dates.LEAF_DROP ?? '',
  })
}
async function drop(id: string) {
  const gone = await act(() => got(api.DELETE('/api/v1/fields/crops/{linkId}', { params: { path: { linkId: id } } })))
  if (gone) said.value = gone.says
}
function maturity(crop: Schemas['CropDetails']): string {
  if (crop.kind === 'SOYBEANS') return `, group ${crop.maturity}`
  return crop.kind.startsWith('CORN') ? `, ${crop.maturity}-day` : ''
}
function words(l: Link): string {
  if (l.crop) return cropName(l.crop)
  return l.cut ? cutWords[l.cut.how].split(',')[0]! : 'Cover'
}
function detail(l: Link): string {
  const day = `${short(l.starts)} ${l.starts.slice(0, 4)}`
  if (l.cover) return l.cover.members.map((m) => m.species.replaceAll('-', ' ')).join(' + ')
  return l.crop ? `planted ${day}${maturity(l.crop)}` : day
}
</script>

<template>
  <section aria-label="Chain">
    <h2>Chain</h2>
    <table class="plain">
      <tbody>
        <tr v-for="l in chain" :key="l.id">
          <td>{{ words(l) }}</td>
          <td class="figures">{{ detail(l) }}</td>
          <td class="acts">
            <template v-if="planner && !l.cover"
              ><v-btn
                v-if="l.crop"
                size="x-small"
                variant="text"
                :aria-label="`Change ${words(l)} of ${l.starts}`"
                @click="change(l)"
                >Change</v-btn
              ><v-btn
                size="x-small"
                variant="text"
                :aria-label="`Take out ${words(l)} of ${l.starts}`"
                @click="drop(l.id)"
                >Take out</v-btn
              ></template
            >
            <router-link v-if="l.cut" :to="{ name: 'cover', params: { fieldId }, query: { place: 1 } }"
              >Cover after it</router-link
            >
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="planner" class="form mt-3" @submit.prevent="save">
      <v-select v-model="form.kind" label="What comes" :items="kinds" :disabled="!!changing" />
      <DayField v-model="form.day" :label="cut ? 'On about' : 'Planted, or to be planted'" />
      <template v-if="!cut">
        <v-text-field
          v-if="form.kind === 'OTHER'"
          v-model="form.name"
          label="Name of the crop"
          placeholder="peas, beets, hay …"
        />
        <NumberField
          v-if="corn || form.kind === 'SOYBEANS'"
          v-model="form.maturity"
          :label="form.kind === 'SOYBEANS' ? 'Maturity group' : 'Relative maturity, days'"
        />
        <NumberField v-if="corn" v-model="form.harvestMoisture" label="Harvest at moisture, %" />
        <DayField v-model="form.harvest" :label="form.kind === 'OTHER' ? 'Harvest' : 'Harvest, if you know better'" />
        <DayField
          v-if="form.kind === 'SOYBEANS'"
          v-model="form.leafDrop"
          label="Leaf drop begins, if you know better"
        />
        <template v-if="form.kind === 'OTHER'"
          ><DayField v-model="form.canopyClosed" label="Canopy closes" /><DayField
            v-model="form.canopyOpen"
            label="Canopy opens again"
        /></template>
      </template>
      <p v-else class="quiet">The cover before it then has until that day to grow; the one after it opens on it.</p>
      <div class="acts">
        <v-btn type="submit" color="primary" variant="tonal" :loading="busy">{{
          changing ? 'Save the crop' : cut ? 'Add the cut' : 'Add the crop'
        }}</v-btn><v-btn v-if="changing" variant="text" @click="clear">Leave it</v-btn>
      </div>
    </form>
    <Refusal :says="problem" />
    <p v-if="said" role="status">{{ said }}</p>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  align-items: center;
}
.acts {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>

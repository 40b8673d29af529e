<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { bare, kept, word } from '../../format/units'
import NumberField from '../../parts/NumberField.vue'
import { squareFeetOfRow, stand, standVerdict } from '../../pocket/pocket'
import { here } from './place'
import { useDraft } from './draft'
import PhotoStrip from './PhotoStrip.vue'
import type { Photo } from '../../parts/photos'
import type { Entry } from './store'

/** Plants counted in a hoop or along a row, spot by spot, and how the stand is judged. */
const props = defineProps<{ field: Schemas['ScoutField']; view: Schemas['ScoutView'] }>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()
const key = `stand ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({
  id: crypto.randomUUID(),
  on: props.view.today,
  species: props.field.members[0]?.id ?? '',
  by: 'row' as 'row' | 'hoop',
  rowFt: 3 as number | '',
  rowIn: 7.5 as number | '',
  hoopFt2: 1 as number | '',
  now: '' as number | '',
  plants: [] as number[],
  places: [] as { longitude?: number; latitude?: number }[],
  stems: '' as number | '',
})
const { forget } = useDraft(key, state)
const photos = ref<Photo[]>([])

const member = computed(() => props.field.members.find((m) => m.id === state.species))
const feet = computed(() => kept(Number(state.rowFt), 'FOOT'))
const ground = computed(() =>
  state.by === 'hoop'
    ? kept(Number(state.hoopFt2), 'SQUARE_FOOT')
    : squareFeetOfRow(feet.value, kept(Number(state.rowIn), 'INCH')),
)
const found = computed(() => {
  if (!state.plants.length || !(ground.value > 0)) return undefined
  const [mean, half, stems] = Array.from(stand(state.plants, ground.value, Number(state.stems) || 0))
  const ofStems = member.value?.smallGrain && stems! > 0 && member.value.stems
  const marks = ofStems ? member.value!.stems! : member.value?.plants
  const judged = marks && standVerdict(ofStems ? stems! : mean!, marks.good, marks.fair, marks.stems)
  return { mean: mean!, half: half!, stems: ofStems ? stems! : undefined, judged, marks }
})
const words = { GOOD: 'Good', FAIR: 'Fair', POOR: 'Poor' }
const per = (n: number) => bare(n, 'PER_SQUARE_FOOT', 1)
const skips = computed(() => state.plants.filter((p) => p === 0).length)

function add() {
  if (state.now === '' || !Number.isInteger(Number(state.now)) || Number(state.now) < 0) return
  state.plants.push(Number(state.now))
  state.places.push({})
  state.now = ''
  const at = state.plants.length - 1
  void here().then((p) => {
    if (p && state.places[at]) Object.assign(state.places[at]!, p)
  })
}
function drop(i: number) {
  state.plants.splice(i, 1)
  state.places.splice(i, 1)
}
async function finish() {
  await forget()
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: {
      kind: 'STAND_COUNT',
      species: state.species,
      plants: state.plants,
      squareFeet: ground.value,
      stemsPerPlant: Number(state.stems) > 0 ? Number(state.stems) : undefined,
      where: state.places,
    },
  } satisfies Entry
  emit(
    'done',
    form,
    `${per(found.value!.mean)} ${member.value?.name.toLowerCase()} plants ${word('PER_SQUARE_FOOT')}`,
    photos.value,
  )
}
</script>

<template>
  <section class="sheet" :aria-label="`Stand in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <p class="says" role="status">
      <template v-if="found">
        <b v-if="found.judged">{{ words[found.judged] }}:</b> {{ per(found.mean)
        }}<template v-if="found.half >= 0"> ± {{ per(found.half) }}</template> plants {{ word('PER_SQUARE_FOOT') }}
        <template v-if="found.stems">, {{ per(found.stems) }} stems</template>
      </template>
      <template v-else>Count the plants of each spot, at least four spots over the field.</template>
    </p>
    <p v-if="found?.marks" class="quiet">
      Good from {{ per(found.marks.good) }}, poor under {{ per(found.marks.fair) }}
      {{ found.marks.stems ? 'stems' : 'plants' }}.<template v-if="skips">
        {{ skips }} of {{ state.plants.length }} spots bare.</template
      >
    </p>
    <v-select
      v-if="field.members.length > 1"
      v-model="state.species"
      label="Of"
      :items="field.members.map((m) => ({ value: m.id, title: m.name }))"
      :disabled="state.plants.length > 0"
    />
    <v-btn-toggle v-model="state.by" mandatory class="by" aria-label="How">
      <v-btn value="row">Along a row</v-btn>
      <v-btn value="hoop">In a hoop</v-btn>
    </v-btn-toggle>
    <div class="two">
      <template v-if="state.by === 'row'">
        <NumberField v-model="state.rowFt" :label="`Row, ${word('FOOT')}`" />
        <NumberField v-model="state.rowIn" :label="`Rows apart, ${word('INCH')}`" />
      </template>
      <NumberField v-else v-model="state.hoopFt2" :label="`Hoop, ${word('SQUARE_FOOT')}`" />
    </div>
    <NumberField v-if="member?.smallGrain" v-model="state.stems" label="Stems per plant (from green-up)" />
    <ul v-if="state.plants.length" class="spots" aria-label="Spots">
      <li v-for="(p, i) in state.plants" :key="i">
        <button type="button" :aria-label="`Take out spot ${i + 1}, ${p} plants`" @click="drop(i)">{{ p }}</button>
      </li>
    </ul>
    <PhotoStrip v-model="photos" :draft="key" />
    <div class="thumb">
      <form class="add" @submit.prevent="add">
        <NumberField v-model="state.now" :label="`Plants in spot ${state.plants.length + 1}`" />
        <v-btn type="submit" variant="tonal" size="large">Next spot</v-btn>
      </form>
      <v-btn block color="primary" size="large" :disabled="!found" @click="finish">Keep this count</v-btn>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>

<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { bare, kept, matter, rateUnit, word } from '../../format/units'
import NumberField from '../../parts/NumberField.vue'
import { clipped, dryGrams, moisture } from '../../pocket/pocket'
import { useDraft } from './draft'
import PhotoStrip from './PhotoStrip.vue'
import type { Photo } from '../../parts/photos'
import type { Entry } from './store'

/** Frames clipped and weighed, wet or dry; how much stands, and whether that is enough frames. */
const props = defineProps<{ field: Schemas['ScoutField']; view: Schemas['ScoutView'] }>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()
const key = `clip ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({
  id: crypto.randomUUID(),
  on: props.view.today,
  frameFt2: 2.25 as number | '',
  weighed: 'wet' as 'wet' | 'dry',
  partWet: '' as number | '',
  partDry: '' as number | '',
  now: '' as number | '',
  grams: [] as number[],
})
const { forget } = useDraft(key, state)
const photos = ref<Photo[]>([])

const ofPart = computed(() => Number(state.partWet) > 0 && Number(state.partDry) > 0)
const water = computed(() =>
  ofPart.value ? moisture(Number(state.partWet), Number(state.partDry)) : props.view.test.clipMoisture,
)
const frame = computed(() => kept(Number(state.frameFt2), 'SQUARE_FOOT'))
const dry = computed(() => state.grams.map((g) => (state.weighed === 'dry' ? g : dryGrams(g, water.value))))
const found = computed(() => {
  if (!dry.value.length || !(frame.value > 0) || !(water.value >= 0 && water.value < 1)) return undefined
  const [mean, half, more] = Array.from(clipped(frame.value, dry.value, props.view.test.clipWide))
  return { mean: mean!, half: half!, more: more === 1 }
})
function add() {
  const grams = Number(state.now)
  if (state.now === '' || !(grams >= 0)) return
  state.grams.push(grams)
  state.now = ''
}
async function finish() {
  await forget()
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: { kind: 'BIOMASS', frameSquareFeet: frame.value, dryGrams: dry.value },
    note:
      state.weighed === 'wet'
        ? `Weighed wet; ${Math.round(100 * water.value)} % water ${ofPart.value ? 'by a part that was dried' : 'assumed'}.`
        : undefined,
  } satisfies Entry
  emit('done', form, `${matter(found.value!.mean)} ${rateUnit.value} clipped`, photos.value)
}
</script>

<template>
  <section class="sheet" :aria-label="`Clipping in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <p class="says" role="status">
      <template v-if="found">
        {{ matter(found.mean) }}<template v-if="found.half >= 0"> ± {{ matter(found.half) }}</template>
        {{ rateUnit }} dry.
        <b>{{ found.more ? 'Clip more.' : 'Enough.' }}</b>
      </template>
      <template v-else>Throw the frame, clip at the ground, weigh; three or four frames over the field.</template>
    </p>
    <NumberField v-model="state.frameFt2" :label="`Frame, ${word('SQUARE_FOOT')}`" />
    <v-btn-toggle v-model="state.weighed" mandatory class="by" aria-label="Weighed">
      <v-btn value="wet">Weighed wet</v-btn>
      <v-btn value="dry">Weighed dry</v-btn>
    </v-btn-toggle>
    <template v-if="state.weighed === 'wet'">
      <div class="two">
        <NumberField v-model="state.partWet" label="A part, wet g" />
        <NumberField v-model="state.partDry" label="The same, dry g" />
      </div>
      <p class="quiet">
        {{ bare(100 * water, 'NONE') }} % water{{
          ofPart ? ', by the part that was dried' : ', assumed until a part is dried'
        }}.
      </p>
    </template>
    <ul v-if="state.grams.length" class="spots" aria-label="Frames">
      <li v-for="(g, i) in state.grams" :key="i">
        <button type="button" :aria-label="`Take out frame ${i + 1}, ${g} g`" @click="state.grams.splice(i, 1)">
          {{ g }} g
        </button>
      </li>
    </ul>
    <PhotoStrip v-model="photos" :draft="key" />
    <div class="thumb">
      <form class="add" @submit.prevent="add">
        <NumberField v-model="state.now" :label="`Frame ${state.grams.length + 1}, g`" />
        <v-btn type="submit" variant="tonal" size="large">Next frame</v-btn>
      </form>
      <v-btn block color="primary" size="large" :disabled="!found" @click="finish">Keep this clipping</v-btn>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>

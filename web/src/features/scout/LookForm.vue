<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { bare, kept, word } from '../../format/units'
import NumberField from '../../parts/NumberField.vue'
import { leavesLost, readings } from '../../pocket/pocket'
import DrawnScale from './DrawnScale.vue'
import PhotoStrip from './PhotoStrip.vue'
import { buzz, here, speak } from './place'
import { useDraft } from './draft'
import { green, type Photo } from '../../parts/photos'
import type { Entry } from './store'

/** Readings spot by spot: height, green ground, light, ruts, weeds, a kill, pests. One form for all of them. */
const props = defineProps<{
  field: Schemas['ScoutField']
  view: Schemas['ScoutView']
  kind: Schemas['LookView']['kind']
}>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()
const key = `${props.kind} ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({
  id: crypto.randomUUID(),
  on: props.view.today,
  readings: [] as number[],
  places: [] as { longitude?: number; latitude?: number }[],
  now: '' as number | '',
  pest: props.view.pests[0]?.pest,
  photo: false,
  tested: true,
})
const { forget } = useDraft(key, state)
const photos = ref<Photo[]>([])
const reason = ref('')
const looking = ref(false)
const trouble = ref('')

const sheet = computed(() => props.view.sheets.find((s) => s.kind === props.kind))
const pest = computed(() =>
  props.kind === 'PESTS' ? props.view.pests.find((p) => p.pest === state.pest) : undefined,
)
const unit = computed(() => sheet.value?.unit ?? 'NONE')
const high = computed(() => pest.value?.most ?? sheet.value?.high ?? 0)
const least = computed(() => sheet.value?.least ?? 5)
const one = computed(() => least.value === 1)
const asks = computed(() => pest.value?.finds ?? sheet.value?.asks ?? '')
const unitWord = computed(() => word(unit.value))
const found = computed(() => {
  if (!state.readings.length) return undefined
  const [mean, half] = Array.from(readings(state.readings))
  return { mean: mean!, half: half! }
})
const told = (n: number) => bare(n, unit.value, Number.isInteger(n) ? 0 : 1)
const more = computed(() => Math.max(0, least.value - state.readings.length))
const leaves = computed(() =>
  props.kind === 'LIGHT' && props.field.litFull && state.readings.length
    ? Math.round(
        100 *
          leavesLost(
            state.readings.map((r) => r / 100),
            props.field.litFull,
          ),
      )
    : undefined,
)
const overLimit = computed(
  () => pest.value?.threshold !== undefined && found.value && found.value.mean >= pest.value.threshold,
)

function put(value: number) {
  trouble.value = ''
  const reading = kept(value, unit.value)
  if (!(reading >= 0 && reading <= high.value)) {
    trouble.value = `${asks.value} is 0–${told(high.value)} ${unitWord.value}.`
    return
  }
  state.readings.push(reading)
  state.places.push({})
  state.now = ''
  buzz(30)
  speak(`${told(reading)} ${unitWord.value}`)
  const at = state.readings.length - 1
  void here().then((p) => {
    if (p && state.places[at]) Object.assign(state.places[at]!, p)
  })
}
const add = () => state.now !== '' && put(Number(state.now))
function drop(i: number) {
  state.readings.splice(i, 1)
  state.places.splice(i, 1)
}
async function fromPhoto(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  looking.value = true
  try {
    const seen = await green(file)
    reason.value = seen.reason
    state.photo = true
    put(Math.round(100 * seen.share))
  } catch {
    trouble.value = 'This picture cannot be read: take another.'
  } finally {
    looking.value = false
  }
}
async function finish() {
  await forget()
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: {
      kind: sheet.value?.entry ?? 'PESTS',
      readings: state.readings,
      where: state.places,
      pest: pest.value?.pest,
      photo: state.photo || undefined,
      tested: props.kind === 'NITROGEN' ? state.tested : undefined,
    },
  } as Entry
  const name = pest.value?.words ?? sheet.value?.words.toLowerCase() ?? ''
  emit('done', form, `${name} ${told(found.value!.mean)} ${unitWord.value}`.trim(), photos.value)
}
</script>

<template>
  <section class="sheet" :aria-label="`${pest ? 'Pests' : sheet?.words} in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <p class="says" role="status">
      <template v-if="found">
        <b>{{ pest ? pest.words[0]!.toUpperCase() + pest.words.slice(1) : sheet?.words }}</b>
        {{ told(found.mean) }}{{ found.half >= 0 ? ` ± ${told(found.half)}` : '' }}{{ unitWord && ` ${unitWord}`
        }}{{ leaves === undefined ? '' : `: about ${leaves} % of the leaves are lost` }}.
        <template v-if="more">{{ more }} more {{ more === 1 ? 'spot' : 'spots' }} to be sure.</template>
      </template>
      <template v-else>{{ pest?.how ?? sheet?.how }}</template>
    </p>
    <v-select
      v-if="kind === 'PESTS'"
      v-model="state.pest"
      label="What"
      :items="view.pests.map((p) => ({ value: p.pest, title: p.words }))"
      :disabled="state.readings.length > 0"
    />
    <p v-if="pest" class="quiet">
      <template v-if="pest.threshold !== undefined"
        >{{ pest.threshold }} or more by spot are too many (set in Catalogue). </template
      ><b v-if="overLimit">{{ pest.does }} Who decides: {{ pest.decides }}.</b>
    </p>
    <v-btn-toggle v-if="kind === 'NITROGEN'" v-model="state.tested" mandatory class="by" aria-label="Where from">
      <v-btn :value="true">Soil test</v-btn>
      <v-btn :value="false">Manure or fertilizer</v-btn>
    </v-btn-toggle>
    <DrawnScale v-if="kind === 'COVER'" what="green" @pick="put" />
    <DrawnScale v-if="kind === 'KILL'" what="dead" @pick="put" />
    <figure v-if="reason" class="reason">
      <img :src="reason" alt="The photo with what counted as green lit up" />
      <figcaption>What is lit counted as green: {{ told(state.readings.at(-1) ?? 0) }} %.</figcaption>
    </figure>
    <ul v-if="state.readings.length" class="spots" aria-label="Spots">
      <li v-for="(r, i) in state.readings" :key="i">
        <button type="button" :aria-label="`Take out spot ${i + 1}, ${told(r)} ${unitWord}`" @click="drop(i)">
          {{ told(r) }}
        </button>
      </li>
    </ul>
    <PhotoStrip v-model="photos" :draft="key" />
    <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
    <div class="thumb">
      <label v-if="kind === 'COVER'" class="shoot">
        <input type="file" accept="image/*" capture="environment" @change="fromPhoto" />
        <span>{{ looking ? 'Looking …' : 'Tell green from a photo' }}</span>
      </label>
      <form v-if="!one || !state.readings.length" class="add" @submit.prevent="add">
        <NumberField v-model="state.now" :label="unitWord ? `${asks}, ${unitWord}` : asks" />
        <v-btn type="submit" variant="tonal" size="large">{{ one ? 'Put' : 'Next spot' }}</v-btn>
      </form>
      <v-btn block color="primary" size="large" :disabled="!found" @click="finish">Keep this</v-btn>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>
<style scoped>
.reason {
  margin: 0;
}
.reason img {
  max-height: 150px;
  border-radius: 8px;
}
.shoot {
  display: flex;
  justify-content: center;
  align-items: center;
  min-height: 52px;
  border: 2px dashed var(--quiet);
  border-radius: 12px;
  cursor: pointer;
}
.shoot:focus-within {
  outline: 3px solid var(--ochre);
}
.shoot input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
</style>

<script setup lang="ts">
import { computed, reactive, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { isoDay, dayNumber, short } from '../../format/dates'
import HandSigns from './HandSigns.vue'
import { buzz, here, speak } from './place'
import { countedReady, stemInterval, stemVerdict } from '../../pocket/pocket'
import { useDraft } from './draft'
import PhotoStrip from './PhotoStrip.vue'
import type { Photo } from '../../parts/photos'
import type { Entry } from './store'

/**
 * Stems counted with one thumb: ten a spot, the spot's place taken along, after each spot what the count says so far.
 * What is counted is kept on the phone after every stem.
 */
const props = defineProps<{ field: Schemas['ScoutField']; view: Schemas['ScoutView'] }>()
const emit = defineEmits<{ done: [form: Entry, says: string, photos: Photo[]]; away: [] }>()

interface Spot {
  past: number
  stems: number
  zone?: string
  longitude?: number
  latitude?: number
}
const key = `stems ${props.field.fieldId} ${props.field.zoneId ?? ''}`
const state = reactive({
  id: crypto.randomUUID(),
  on: props.view.today,
  species: props.field.members.find((m) => m.count)?.id ?? '',
  zone: props.field.zones[0]?.id,
  spots: [] as Spot[],
  taps: [] as boolean[],
})
const signs = ref(false)
const draft = useDraft(key, state)
const photos = ref<Photo[]>([])

const test = computed(() => props.view.test)
const member = computed(() => props.field.members.find((m) => m.id === state.species))
const species = computed(() => props.field.members.filter((m) => m.count))
const past = computed(() => state.spots.reduce((sum, s) => sum + s.past, 0))
const stems = computed(() => state.spots.reduce((sum, s) => sum + s.stems, 0))
const pause = ref(false)
const verdict = computed(() => {
  if (!state.spots.length) return undefined
  const t = test.value
  return stemVerdict(
    t.ready,
    t.notReady,
    t.wrong,
    t.likeness,
    t.leastSpots,
    t.mostStems,
    state.spots.length,
    stems.value,
    past.value,
  )
})
const interval = computed(() => {
  if (!stems.value) return undefined
  const ends = stemInterval(test.value.likeness, state.spots.length, stems.value, past.value)
  return `${Math.round(100 * ends[0]!)}–${Math.round(100 * ends[1]!)} %`
})
/** The day on which the count says that the field will be ready, by the forecast taken along. */
const moved = computed(() => {
  const base = member.value?.count
  if (!base || !stems.value) return undefined
  const t = test.value
  const after = countedReady(
    base.mean,
    base.sd,
    base.heat,
    t.likeness,
    t.scatter,
    t.observer,
    t.ready,
    state.spots.length,
    stems.value,
    past.value,
  )
  if (base.heat >= after[0]!) return 'by now'
  const day = base.ahead.findIndex((h) => h >= after[0]!)
  return day < 0 ? 'later than the forecast reaches' : `about ${short(isoDay(dayNumber(props.view.today) + day + 1))}`
})
const says = computed(() => {
  const open = test.value.leastSpots - state.spots.length
  switch (verdict.value) {
    case 'READY':
      return 'Ready: enough are past flowering.'
    case 'WAIT':
      return `Wait: not enough are past yet, ready ${moved.value}.`
    case 'COUNT_ON':
      return open > 0
        ? `${open} more ${open === 1 ? 'spot' : 'spots'} before there is a word.`
        : `Undecided: count on. Ready ${moved.value} so far.`
    default:
      return `Ready today with ${member.value?.count?.readyNow ?? 0} % by the forecast. Take ten stems as they come.`
  }
})

function tap(isPast: boolean) {
  pause.value = false
  buzz(isPast ? 30 : [15, 40, 15])
  state.taps.push(isPast)
  if (state.taps.length < test.value.stemsOfSpot) return
  const spot: Spot = { past: state.taps.filter(Boolean).length, stems: state.taps.length, zone: state.zone }
  state.spots.push(spot)
  state.taps = []
  pause.value = true
  buzz([60, 40, 60])
  speak(`${spot.past} of ${spot.stems}. ${says.value}`)
  const at = state.spots.length - 1
  void here().then((p) => {
    if (p && state.spots[at]) Object.assign(state.spots[at]!, p)
  })
}
function back() {
  pause.value = false
  if (state.taps.length) state.taps.pop()
  else {
    const last = state.spots.pop()
    // The last spot is opened again, less its last stem.
    if (last) state.taps = [...Array(last.past).fill(true), ...Array(last.stems - last.past).fill(false)].slice(0, -1)
  }
}
const zones = computed(() =>
  props.field.zones
    .map((z) => {
      const of = state.spots.filter((s) => s.zone === z.id)
      const all = of.reduce((sum, s) => sum + s.stems, 0)
      return {
        ...z,
        spots: of.length,
        share: all ? Math.round((100 * of.reduce((sum, s) => sum + s.past, 0)) / all) : undefined,
      }
    })
    .filter((z) => z.spots),
)

async function finish() {
  const form = {
    id: state.id,
    fieldId: props.field.fieldId,
    zoneId: props.field.zoneId,
    on: state.on,
    fact: {
      kind: 'STEM_COUNT',
      species: state.species,
      spots: state.spots.length,
      stems: stems.value,
      past: past.value,
      where: state.spots,
    },
  } satisfies Entry
  await draft.forget()
  emit('done', form, `${past.value} of ${stems.value} stems past flowering`, photos.value)
}
async function forget() {
  await draft.forget()
  emit('away')
}
</script>

<template>
  <section class="sheet" :aria-label="`Stems in ${field.name}`">
    <header>
      <h1>{{ field.name }}</h1>
      <v-btn variant="text" @click="emit('away')">Back</v-btn>
    </header>
    <div class="choose">
      <v-select
        v-if="species.length > 1"
        v-model="state.species"
        label="Of"
        :items="species.map((s) => ({ value: s.id, title: s.name }))"
        :disabled="state.spots.length > 0 || state.taps.length > 0"
      />
      <div v-if="field.zones.length" role="group" aria-label="Zone" class="zones">
        <v-btn
          v-for="z in field.zones"
          :key="z.id"
          size="small"
          :variant="state.zone === z.id ? 'flat' : 'tonal'"
          :color="state.zone === z.id ? 'primary' : undefined"
          :aria-pressed="state.zone === z.id"
          @click="state.zone = z.id"
          >{{ z.name }}</v-btn
        >
      </div>
    </div>
    <p class="says" role="status">{{ says }}</p>
    <p v-if="stems" class="figures sum">
      {{ past }} of {{ stems }} past · {{ interval }} · ready {{ moved }}
      <span v-for="z in zones" :key="z.id" class="zone">{{ z.name }} {{ z.share }} %</span>
    </p>
    <div class="dots" aria-hidden="true">
      <i
        v-for="n in test.stemsOfSpot"
        :key="n"
        :class="{ on: state.taps[n - 1] === true, off: state.taps[n - 1] === false }"
      />
    </div>
    <p class="figures spot">
      Spot {{ state.spots.length + (pause ? 0 : 1) }}{{ pause ? ' is done' : `, stem ${state.taps.length + 1}` }}
    </p>
    <button type="button" class="link" @click="signs = !signs">What counts as past flowering</button>
    <HandSigns v-if="signs" />
    <PhotoStrip v-model="photos" :draft="key" />
    <div class="thumb">
      <div class="two">
        <button type="button" class="big no" @click="tap(false)">Not yet</button>
        <button type="button" class="big yes" @click="tap(true)">Past</button>
      </div>
      <div class="two">
        <v-btn variant="tonal" size="large" :disabled="!state.taps.length && !state.spots.length" @click="back"
          >Undo</v-btn
        >
        <v-btn
          v-if="state.spots.length"
          color="primary"
          size="large"
          :disabled="state.taps.length > 0"
          @click="finish"
          >Keep this count</v-btn
        >
        <v-btn v-else variant="text" size="large" @click="forget">Throw away</v-btn>
      </div>
    </div>
  </section>
</template>

<style scoped src="./sheet.css"></style>
<style scoped>
.zones {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.says {
  font-weight: 700;
  margin: 6px 0 0;
}
.sum {
  font-size: 17px;
  margin: 0;
}
.zone {
  margin-left: 10px;
}
.dots {
  display: flex;
  gap: 6px;
}
.dots i {
  flex: 1;
  height: 18px;
  border: 1.5px solid var(--quiet);
  border-radius: 4px;
}
.dots .on {
  background: var(--sage);
  border-color: var(--sage);
}
.dots .off {
  background: repeating-linear-gradient(45deg, var(--hair) 0 3px, transparent 3px 6px);
}
.spot {
  font-size: 17px;
  margin: 0;
}
.link {
  align-self: flex-start;
  color: var(--flax);
  text-decoration: underline;
  min-height: 44px;
  background: none;
  border: 0;
  padding: 0;
}
</style>

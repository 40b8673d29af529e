<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, reactive, ref, watch } from 'vue'
import { useWorth, type Asked } from '../../api/resources'
import type { Schemas } from '../../api/client'
import { timescale } from '../../draw/timescale'
import { dayNumber, isoDay, long, short } from '../../format/dates'
import { bare, matter, rateUnit, word } from '../../format/units'
import TimeAxis from '../../lane/TimeAxis.vue'

/** What each way nets by the day it is done: a line to each, the band of the one that is read, any day taken apart. */
const props = defineProps<{ fieldId: string; zone?: string }>()
const asked = reactive<Asked>({ grain: 1, passes: 1, weeds: undefined, feed: undefined })
const {
  data: worth,
  error,
  isFetching,
} = useWorth(
  () => props.fieldId,
  () => props.zone,
  () => ({ ...asked }),
)
type Way = Schemas['WorthWay']
const chosen = ref<Way['way']>()
const day = ref(0)
const way = computed(() => worth.value?.ways.find((w) => w.way === chosen.value) ?? worth.value?.ways[0])
watch(way, (now) => now && (day.value = dayNumber(now.best.on)), { immediate: true })
const box = ref<HTMLElement>()
const width = ref(600)
const observer = new ResizeObserver(() => box.value && (width.value = Math.max(240, box.value.clientWidth)))
watch(box, (el) => el && observer.observe(el))
onMounted(() => box.value && observer.observe(box.value))
onBeforeUnmount(() => observer.disconnect())
const HIGH = 230
const all = computed(() => (worth.value?.ways ?? []).flatMap((w) => w.days))
const scale = computed(() => {
  const days = all.value.map((d) => dayNumber(d.on))
  return timescale(Math.min(...days), Math.max(...days) + 1, width.value)
})
const bounds = computed(() => {
  const means = all.value.map((d) => d.net)
  const band = way.value?.days ?? []
  const low = Math.min(-10, ...means, ...band.map((d) => d.low))
  const high = Math.max(10, ...means, ...band.map((d) => d.high))
  return { low: Math.max(low, -160), high: Math.min(high, 220) }
})
const y = (net: number) => {
  const { low, high } = bounds.value
  return HIGH - ((Math.max(low, Math.min(high, net)) - low) / (high - low)) * HIGH
}
const x = (iso: string) => scale.value.x(dayNumber(iso))
const path = (w: Way) => 'M' + w.days.map((d) => `${x(d.on).toFixed(1)},${y(d.net).toFixed(1)}`).join(' L')
const band = (w: Way) =>
  'M' +
  w.days.map((d) => `${x(d.on).toFixed(1)},${y(d.high).toFixed(1)}`).join(' L') +
  ' L' +
  [...w.days]
    .reverse()
    .map((d) => `${x(d.on).toFixed(1)},${y(d.low).toFixed(1)}`)
    .join(' L') +
  ' Z'
const ticks = computed(() => {
  const { low, high } = bounds.value
  const step = high - low > 160 ? 50 : high - low > 70 ? 25 : 10
  const found = []
  for (let t = Math.ceil(low / step) * step; t <= high; t += step) found.push(t)
  return found
})
const read = computed(() => {
  const days = way.value?.days ?? []
  return days.reduce<Schemas['WorthDay'] | undefined>(
    (best, d) =>
      !best || Math.abs(dayNumber(d.on) - day.value) < Math.abs(dayNumber(best.on) - day.value) ? d : best,
    undefined,
  )
})
function point(event: PointerEvent) {
  const at = event.clientX - (event.currentTarget as Element).getBoundingClientRect().left
  day.value = Math.round(scale.value.day(at))
}
const money = (n: number) => {
  const said = bare(Math.abs(n), 'DOLLAR_PER_ACRE', 0)
  return `${said === '0' ? '' : n < 0 ? '−' : '+'}$${said}`
}
const parts: { key: keyof Schemas['PartsView']; words: string; weak: boolean }[] = [
  { key: 'weeds', words: 'weeds kept down, passes saved', weak: true },
  { key: 'passes', words: 'trips and rolling', weak: false },
  { key: 'kill', words: 'what lives on, and its rescue', weak: true },
  { key: 'date', words: 'planted later', weak: true },
  { key: 'stand', words: 'plants lost to the mat', weak: true },
  { key: 'nitrogen', words: 'nitrogen, live grass', weak: true },
  { key: 'seed', words: 'seed that may be viable', weak: true },
  { key: 'water', words: 'water kept, water drunk', weak: true },
  { key: 'feed', words: 'hay or grazing', weak: false },
]
const loads = [
  { value: 'LIGHT', title: 'few' },
  { value: 'USUAL', title: 'as usual' },
  { value: 'HEAVY', title: 'many' },
]
const wins = (w: Way) => {
  if (w.wins === undefined) return 'nets most'
  const regret = bare(w.regret ?? 0, 'DOLLAR_PER_ACRE', 0)
  const level = w.turn ? `; level ${w.turn}` : ''
  return `nets more than the best in ${w.wins} of 100 springs; choosing it costs $${regret} a spring${level}`
}
</script>

<template>
  <section class="trade" aria-label="What each way nets">
    <p v-if="error" class="trouble" role="alert">{{ error.message }}</p>
    <p v-else-if="!worth" class="quiet">Setting the ways against each other …</p>
    <p v-else-if="!worth.ways.length || !way || !read" class="quiet">Nothing is left to choose between here.</p>
    <template v-else>
      <p class="says" aria-live="polite">
        <b>{{ worth.ways[0]!.words }}</b>, best {{ short(worth.ways[0]!.best.on) }}: about
        <b>{{ money(worth.ways[0]!.best.net) }}{{ word('DOLLAR_PER_ACRE').replace('$', '') }}</b> against no mat at
        all ({{ money(worth.ways[0]!.best.low) }} to {{ money(worth.ways[0]!.best.high) }} in eight springs of ten).
        <template v-if="worth.avoid.length"
          >The middle to avoid: {{ short(worth.avoid[0]) }} – {{ short(worth.avoid.at(-1)) }}, too late to spray and
          too early to plant green.</template
        >
      </p>
      <div class="knobs">
        <v-slider v-model="asked.grain" label="Grain price" :min="0.5" :max="2" :step="0.1" hide-details>
          <template #append
            ><span class="figures">× {{ asked.grain }}</span></template
          >
        </v-slider>
        <v-slider v-model="asked.passes" label="Passes" :min="0.5" :max="2" :step="0.1" hide-details>
          <template #append
            ><span class="figures">× {{ asked.passes }}</span></template
          >
        </v-slider>
        <v-select
          :model-value="asked.weeds ?? worth.weeds"
          label="Weeds"
          :items="loads"
          :hint="worth.scored ? 'as scored in the field' : ''"
          @update:model-value="(v: Schemas['WorthView']['weeds']) => (asked.weeds = v)"
        />
        <label class="feed"
          ><input
            type="checkbox"
            :checked="worth.feed"
            @change="asked.feed = ($event.target as HTMLInputElement).checked"
          />
          hay and grazing too</label
        >
      </div>
      <div class="body">
        <div ref="box" class="chart" :class="{ stale: isFetching }">
          <svg
            :width="width"
            :height="HIGH"
            role="img"
            :aria-label="`Net by day: ${way.words}`"
            @pointermove="point"
            @pointerdown="point"
          >
            <rect
              v-for="d in worth.avoid"
              :key="d"
              :x="x(d)"
              :width="scale.x(scale.first + 1) + 0.5"
              y="0"
              :height="HIGH"
              class="avoid"
            />
            <g v-for="t in ticks" :key="t">
              <line x1="0" :x2="width" :y1="y(t)" :y2="y(t)" class="grid" :class="{ nought: t === 0 }" />
              <text x="2" :y="y(t) - 3" class="tick">{{ t === 0 ? 'no mat: $0' : money(t) }}</text>
            </g>
            <path :d="band(way)" class="band" />
            <path
              v-for="(w, i) in worth.ways"
              :key="w.way"
              :d="path(w)"
              class="line"
              :class="[`n${i}`, { on: w.way === way.way }]"
            />
            <circle
              v-for="w in worth.ways"
              :key="w.way"
              :cx="x(w.best.on)"
              :cy="y(w.best.net)"
              r="4.5"
              class="best"
            />
            <line :x1="x(read.on)" :x2="x(read.on)" y1="0" :y2="HIGH" class="here" />
          </svg>
          <TimeAxis :scale="scale" />
          <input
            v-model.number="day"
            class="slide"
            type="range"
            :min="scale.first"
            :max="scale.last - 1"
            aria-label="Read a day"
            :aria-valuetext="long(isoDay(day))"
          />
          <div class="apart">
            <h3>{{ way.words }} on {{ short(read.on) }}: {{ money(read.net) }}</h3>
            <p class="quiet">
              {{ money(read.low) }} to {{ money(read.high) }} in eight springs of ten; about {{ read.kill }} % dies,
              mat {{ matter(read.matLbAc) }} {{ rateUnit }}. Planting is planned for {{ short(worth.planned) }} ({{
                worth.next.toLowerCase()
              }}).
            </p>
            <table class="plain">
              <tbody>
                <tr v-for="p in parts" :key="p.key">
                  <th scope="row">{{ p.words }}<span v-if="p.weak" class="quiet"> · weakly known</span></th>
                  <td class="n">{{ money(read.parts[p.key]) }}</td>
                  <td class="bar">
                    <span
                      :class="{ minus: read.parts[p.key] < 0 }"
                      :style="{ width: Math.min(100, Math.abs(read.parts[p.key])) + 'px' }"
                    />
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
        </div>
        <div class="side">
          <ul class="ways">
            <li v-for="(w, i) in worth.ways" :key="w.way">
              <button type="button" :aria-pressed="w.way === way.way" @click="chosen = w.way">
                <svg width="26" height="10" aria-hidden="true">
                  <line x1="0" x2="26" y1="5" y2="5" class="line on" :class="`n${i}`" />
                </svg>
                <span
                  ><b>{{ w.words }}</b> {{ money(w.best.net) }} on {{ short(w.best.on) }}<br /><span class="quiet">{{
                    wins(w)
                  }}</span></span
                >
              </button>
            </li>
          </ul>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
.says {
  font-size: 17px;
  margin: 4px 0 8px;
}
.says b:first-child,
.ways b {
  display: inline-block;
}
.says b:first-child::first-letter,
.ways b::first-letter,
h3::first-letter {
  text-transform: uppercase;
}
.knobs {
  display: grid;
  grid-template-columns: 1fr 1fr 160px auto;
  gap: 8px 24px;
  align-items: center;
  max-width: 1060px;
}
.feed {
  display: flex;
  gap: 6px;
  align-items: center;
}
.feed input {
  width: 18px;
  height: 18px;
  accent-color: var(--flax);
}
.body {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 18px;
  margin-top: 6px;
}
.chart {
  min-width: 0;
}
.stale {
  opacity: 0.6;
}
.chart svg {
  display: block;
  touch-action: pan-y;
}
.grid {
  stroke: var(--hair);
}
.grid.nought {
  stroke: var(--loam);
}
.tick {
  font: 12px var(--figures);
  fill: var(--quiet);
}
.avoid {
  fill: color-mix(in srgb, var(--madder) 16%, transparent);
}
.band {
  fill: color-mix(in srgb, var(--sage) 22%, transparent);
}
.line {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 1.6;
}
.line.on {
  stroke-width: 3.2;
}
.n0 {
  stroke: var(--sage);
}
.n1 {
  stroke: var(--flax);
  stroke-dasharray: 9 4;
}
.n2 {
  stroke: var(--ochre);
  stroke-dasharray: 3 3;
}
.n3 {
  stroke: var(--madder);
  stroke-dasharray: 12 3 2 3;
}
.n4 {
  stroke: var(--loam);
  stroke-dasharray: 2 5;
}
.n5 {
  stroke: var(--quiet);
  stroke-dasharray: 14 6;
}

.n6 {
  stroke: var(--sage);
  stroke-dasharray: 4 2 1 2;
}
.n7 {
  stroke: var(--flax);
  stroke-dasharray: 1 3;
}
.best {
  fill: var(--loam);
}
.here {
  stroke: var(--loam);
  stroke-dasharray: 2 2;
}
.slide {
  width: 100%;
  height: 28px;
  accent-color: var(--flax);
}
.ways {
  list-style: none;
  padding: 0;
  margin: 0;
}
.ways button {
  all: unset;
  box-sizing: border-box;
  cursor: pointer;
  display: grid;
  grid-template-columns: 30px 1fr;
  gap: 8px;
  text-align: left;
  padding: 6px;
  width: 100%;
  border-radius: 8px;
  font-size: 14px;
  line-height: 1.3;
}
.ways button[aria-pressed='true'] {
  background: var(--furrow);
}
.ways button:focus-visible {
  outline: 3px solid var(--flax);
}
.apart {
  max-width: 720px;
}
h3 {
  margin: 8px 0 0;
}
table {
  border-collapse: collapse;
}
th {
  text-align: left;
  font-weight: 400;
}
.bar span {
  display: inline-block;
  height: 10px;
  background: var(--sage);
}
.bar span.minus {
  background: var(--madder);
}
@media (max-width: 900px) {
  .body,
  .knobs {
    grid-template-columns: 1fr;
  }
}
</style>

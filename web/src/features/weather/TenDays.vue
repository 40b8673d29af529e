<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { short, weekday } from '../../format/dates'
import { bare, temperature, wind, word } from '../../format/units'

/** Ten days by the hour, drawn: temperature with its range, rain and wet leaves, wind, and who can work. */
const props = defineProps<{ ahead: Schemas['AheadView'] }>()
type Hour = Schemas['ComingHour']

const LEFT = 62
const HOUR = 4.6
const DAY = 24 * HOUR
const width = computed(() => LEFT + props.ahead.days.length * DAY + 4)
const T = { top: 46, height: 112 }
const R = { top: 172, height: 34 }
const W = { top: 218, height: 44 }
const WORK = { spray: 276, crimp: 304, height: 20 }
const HIGH = 330

const hours = computed(() => props.ahead.hours)
const x = (i: number) => LEFT + i * HOUR
const span = computed(() => {
  const lows = hours.value.map((h) => Math.min(h.temperature.low, h.dewPoint))
  const highs = hours.value.map((h) => h.temperature.high)
  return { low: Math.floor(Math.min(...lows) / 10) * 10, high: Math.ceil(Math.max(...highs) / 10) * 10 }
})
const t = (f: number) => T.top + T.height * (1 - (f - span.value.low) / (span.value.high - span.value.low))
const ticks = computed(() => {
  const { low, high } = span.value
  const step = high - low > 50 ? 20 : 10
  return Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => low + i * step)
})
const windTop = computed(() => Math.max(15, ...hours.value.map((h) => h.wind.high)))
const w = (mph: number) => W.top + W.height * (1 - mph / windTop.value)
const line = (y: (h: Hour) => number) =>
  hours.value.map((h, i) => `${x(i + 0.5).toFixed(1)},${y(h).toFixed(1)}`).join(' ')
const band = (y: (f: number) => number, of: (h: Hour) => Schemas['RangeView']) =>
  [
    ...hours.value.map((h, i) => `${x(i + 0.5).toFixed(1)},${y(of(h).high).toFixed(1)}`),
    ...hours.value.map((h, i) => `${x(i + 0.5).toFixed(1)},${y(of(h).low).toFixed(1)}`).reverse(),
  ].join(' ')
const nights = computed(() =>
  props.ahead.days.flatMap((d, i) => [
    { from: x(24 * i), to: x(24 * i + d.sunrise) },
    { from: x(24 * i + d.sunset), to: x(24 * (i + 1)) },
  ]),
)

const at = ref(9)
const shown = computed(() => hours.value[Math.min(at.value, hours.value.length - 1)])
function point(event: PointerEvent) {
  const box = (event.currentTarget as SVGElement).getBoundingClientRect()
  const i = Math.floor(((event.clientX - box.left) * (width.value / box.width) - LEFT) / HOUR)
  at.value = Math.max(0, Math.min(hours.value.length - 1, i))
}
function step(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowLeft: -1, ArrowUp: 24, ArrowDown: -24 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  at.value = Math.max(0, Math.min(hours.value.length - 1, at.value + by))
}
const clock = (h: Hour) =>
  `${weekday(h.at.slice(0, 10))} ${short(h.at.slice(0, 10))}, ${Number(h.at.slice(11, 13))} h`
const says = (h: Hour) =>
  [
    `${temperature(h.temperature.middle)} (${bare(h.temperature.low, 'FAHRENHEIT')}–${bare(h.temperature.high, 'FAHRENHEIT')})`,
    `dew point ${bare(h.dewPoint, 'FAHRENHEIT')}`,
    `topsoil ${bare(h.soil, 'FAHRENHEIT')}`,
    `wind ${wind(h.wind.middle)} (${bare(h.wind.low, 'MILE_PER_HOUR')}–${bare(h.wind.high, 'MILE_PER_HOUR')})`,
    `rain ${h.rainChance} %`,
    `leaves wet ${h.leavesWet} %`,
  ].join(' · ')
const work = (chance: number, limit: string) => `${chance} %${limit && chance < 90 ? `, else ${limit}` : ''}`
</script>

<template>
  <figure>
    <figcaption v-if="shown" class="figures" aria-live="polite">
      <b>{{ clock(shown) }}</b> {{ says(shown) }}<br />
      <span class="quiet"
        >To spray {{ work(shown.spray, shown.sprayLimit) }} · to roll {{ work(shown.crimp, shown.crimpLimit) }}</span
      >
    </figcaption>
    <div class="wide">
      <svg
        :viewBox="`0 0 ${width} ${HIGH}`"
        :style="{ minWidth: '1120px' }"
        role="slider"
        tabindex="0"
        aria-label="Ten days by the hour; arrow keys move by an hour or a day"
        :aria-valuenow="at"
        :aria-valuemin="0"
        :aria-valuemax="hours.length - 1"
        :aria-valuetext="shown ? `${clock(shown)}: ${says(shown)}` : ''"
        @pointermove="point"
        @pointerdown="point"
        @keydown="step"
      >
        <defs>
          <pattern id="unfit" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="5" class="hatch" />
          </pattern>
        </defs>
        <rect
          v-for="(n, i) in nights"
          :key="i"
          :x="n.from"
          :y="T.top"
          :width="n.to - n.from"
          :height="W.top + W.height - T.top"
          class="night"
        />
        <g v-for="(d, i) in ahead.days" :key="d.day">
          <line :x1="x(24 * i)" :x2="x(24 * i)" y1="4" :y2="HIGH" class="midnight" />
          <text :x="x(24 * i) + 6" y="17" class="name">{{ weekday(d.day) }} {{ short(d.day) }}</text>
          <text :x="x(24 * i) + 6" y="35" class="sub">
            {{ bare(d.high.middle, 'FAHRENHEIT') }} / {{ bare(d.low.middle, 'FAHRENHEIT') }} · rain
            {{ d.rainChance }} %
          </text>
        </g>
        <g v-for="f in ticks" :key="f">
          <line :x1="LEFT" :x2="width" :y1="t(f)" :y2="t(f)" class="grid" />
          <text :x="LEFT - 6" :y="t(f) + 4" class="axis">{{ temperature(f) }}</text>
        </g>
        <line v-if="span.low < 32 && span.high > 32" :x1="LEFT" :x2="width" :y1="t(32)" :y2="t(32)" class="freeze" />
        <polygon :points="band(t, (h) => h.temperature)" class="band" />
        <polyline :points="line((h) => t(h.dewPoint))" class="dew" />
        <polyline :points="line((h) => t(h.temperature.middle))" class="mean" />

        <text :x="LEFT - 6" :y="R.top + 14" class="axis">rain</text>
        <text :x="LEFT - 6" :y="R.top + R.height" class="axis">leaves</text>
        <g v-for="(h, i) in hours" :key="h.at">
          <rect
            v-if="h.rainChance > 1"
            :x="x(i)"
            :y="R.top + 24 - (24 * h.rainChance) / 100"
            :width="HOUR - 0.6"
            :height="(24 * h.rainChance) / 100"
            class="rain"
          />
          <rect
            v-if="h.leavesWet > 9"
            :x="x(i)"
            :y="R.top + 27"
            :width="HOUR + 0.2"
            height="7"
            class="leaf"
            :style="{ opacity: h.leavesWet / 100 }"
          />
        </g>

        <text :x="LEFT - 6" :y="W.top + 12" class="axis">wind</text>
        <text :x="LEFT - 6" :y="W.top + 30" class="axis sub">{{ word('MILE_PER_HOUR') }}</text>
        <rect :x="LEFT" :y="w(10)" :width="width - LEFT" :height="w(3) - w(10)" class="mild" />
        <polygon :points="band(w, (h) => h.wind)" class="band" />
        <polyline :points="line((h) => w(h.wind.middle))" class="mean" />

        <text :x="LEFT - 6" :y="WORK.spray + 15" class="axis">to spray</text>
        <text :x="LEFT - 6" :y="WORK.crimp + 15" class="axis">to roll</text>
        <rect :x="LEFT" :y="WORK.spray" :width="width - LEFT" :height="WORK.height" fill="url(#unfit)" />
        <rect :x="LEFT" :y="WORK.crimp" :width="width - LEFT" :height="WORK.height" fill="url(#unfit)" />
        <g v-for="(h, i) in hours" :key="h.at + 'w'">
          <rect
            v-if="h.spray"
            :x="x(i)"
            :y="WORK.spray + WORK.height * (1 - h.spray / 100)"
            :width="HOUR + 0.2"
            :height="(WORK.height * h.spray) / 100"
            class="fit"
          />
          <rect
            v-if="h.crimp"
            :x="x(i)"
            :y="WORK.crimp + WORK.height * (1 - h.crimp / 100)"
            :width="HOUR + 0.2"
            :height="(WORK.height * h.crimp) / 100"
            class="fit"
          />
        </g>
        <line :x1="x(at + 0.5)" :x2="x(at + 0.5)" y1="42" :y2="HIGH" class="cursor" />
      </svg>
    </div>
    <p class="quiet key">
      Band: eight years of ten about the forecast, then the years' own. Dashed: dew point. The paler strip of wind is
      {{ bare(3, 'MILE_PER_HOUR') }}–{{ bare(10, 'MILE_PER_HOUR') }} {{ word('MILE_PER_HOUR') }}. Hours are the sun's:
      noon is when it stands highest.
    </p>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}
figcaption {
  min-height: 44px;
  font-size: 17px;
}
.wide {
  overflow-x: auto;
}
svg {
  display: block;
  width: 100%;
  touch-action: pan-x;
}
svg:focus-visible {
  outline: 2px solid var(--flax);
}
.name {
  font: 700 15px var(--figures);
  fill: var(--loam);
}
.sub {
  font: 400 13.5px var(--figures);
  fill: var(--quiet);
}
.axis {
  font: 400 14px var(--figures);
  text-anchor: end;
  fill: var(--quiet);
}
.night {
  fill: var(--stubble);
  opacity: 0.35;
}
.midnight {
  stroke: var(--hair);
}
.grid {
  stroke: var(--hair);
  stroke-dasharray: 1 4;
}
.freeze {
  stroke: var(--flax);
  stroke-dasharray: 5 3;
}
.band {
  fill: var(--straw);
  opacity: 0.6;
}
.mean {
  fill: none;
  stroke: var(--loam);
  stroke-width: 1.6;
}
.dew {
  fill: none;
  stroke: var(--flax);
  stroke-width: 1.4;
  stroke-dasharray: 4 3;
}
.rain {
  fill: var(--flax);
}
.leaf {
  fill: var(--flax);
}
.mild {
  fill: var(--sage);
  opacity: 0.22;
}
.fit {
  fill: var(--sage);
}
.hatch {
  stroke: var(--hair);
  stroke-width: 1.4;
}
.cursor {
  stroke: var(--madder);
  stroke-width: 1.2;
}
.key {
  font-size: 14px;
  margin: 6px 0 0;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import { bandPath, crestPath, cut, ridgePath } from '../draw/ridge'
import { cropFill } from '../draw/texture'
import type { Timescale } from '../draw/timescale'
import { dayNumber, range, short } from '../format/dates'
import { matter, rateUnit } from '../format/units'
import type { Lane } from './lanes'

/**
 * One field's season, drawn: its height stands for `top` lb/ac dry; `mark` is the one height that is ruled across.
 */
const props = defineProps<{
  lane: Lane
  scale: Timescale
  today: number
  height: number
  top: number
  mark: number
  markWords?: string
}>()
const GROUND = computed(() => props.height - 15)
const PER_POUND = computed(() => (GROUND.value - 3) / Math.max(1, props.top))

const bands = computed(() =>
  props.lane.bands.map((band) => {
    const from = props.scale.x(dayNumber(band.from))
    const open = !band.to
    const to = band.to ? props.scale.x(dayNumber(band.to)) : props.scale.width + 20
    const early = band.early ? props.scale.x(dayNumber(band.early)) : to
    const late = band.late ? props.scale.x(dayNumber(band.late)) : to
    return {
      ...band,
      x: from,
      w: Math.max(0, early - from),
      soft: Math.max(0, late - early),
      open,
      fill: cropFill(band.kind),
      textX: Math.max(4, from + 4),
      textW: Math.min(to, props.scale.width) - Math.max(0, from),
    }
  }),
)

const marks = computed(() =>
  props.lane.bands
    .flatMap((band) =>
      band.marks.map((m) => ({
        x: props.scale.x(dayNumber(m.middle)),
        title: `${m.words} ${range(m.early, m.late)}`,
        key: band.from + m.code,
      })),
    )
    .filter((m) => m.x > 0 && m.x < props.scale.width),
)

const ridges = computed(() =>
  props.lane.ridges.map((ridge, i) => {
    const first = dayNumber(ridge.first)
    const days = ridge.days.map((d) => first + d)
    const alive = ridge.deadFrom
    const green = { days: days.slice(0, alive), mid: ridge.middle.slice(0, alive) }
    const parts = cut(green.days, green.mid, props.today)
    const low = cut(green.days, ridge.low.slice(0, alive), props.today).after
    const high = cut(green.days, ridge.high.slice(0, alive), props.today).after
    const tail = { days: days.slice(Math.max(0, alive - 1)), mid: ridge.middle.slice(Math.max(0, alive - 1)) }
    return {
      key: ridge.words + ridge.first,
      sown: ridge.sown,
      solid: ridge.sown
        ? ridgePath(parts.before[0], parts.before[1], props.scale, GROUND.value, PER_POUND.value)
        : '',
      crest: ridge.sown ? '' : crestPath(green.days, green.mid, props.scale, GROUND.value, PER_POUND.value),
      ahead: ridge.sown ? ridgePath(parts.after[0], parts.after[1], props.scale, GROUND.value, PER_POUND.value) : '',
      band: bandPath(low[0], low[1], high[1], props.scale, GROUND.value, PER_POUND.value),
      dead: ridgePath(tail.days, tail.mid, props.scale, GROUND.value, PER_POUND.value),
      marks: ridge.marks
        .filter(
          (m) => i === props.lane.ridges.length - 1 && dayNumber(m.middle) <= days[Math.min(alive, days.length - 1)]!,
        )
        .map((m) => ({
          x: props.scale.x(dayNumber(m.middle)),
          title: `${ridge.words}: ${m.words} ${range(m.early, m.late)}`,
        })),
      title: `${ridge.words}: ${matter(Math.max(...ridge.middle))} ${rateUnit.value} dry at most`,
    }
  }),
)

const brackets = computed(() =>
  props.lane.brackets.map((b, i) => {
    const start = dayNumber(b.from)
    const step = props.scale.x(b.stepDays) - props.scale.x(0)
    return {
      key: i,
      y: 3,
      kind: b.kind,
      cells: b.chances.map((chance, n) => ({ x: props.scale.x(start + n * b.stepDays), w: step, chance })),
      x1: props.scale.x(start),
      x2: props.scale.x(dayNumber(b.to)),
      best1: b.bestFrom ? props.scale.x(dayNumber(b.bestFrom)) : null,
      best2: b.bestTo ? props.scale.x(dayNumber(b.bestTo) + 1) : null,
      title: `${b.words}: ${short(b.from)} – ${short(b.to)}`,
    }
  }),
)

const stakes = computed(() =>
  props.lane.stakes
    .map((s) => ({
      ...s,
      x: props.scale.x(dayNumber(s.day)),
      title: `${s.words} ${short(s.day)}${s.machine ? ', ' + s.machine : ''}`,
    }))
    .filter((s) => s.x > -5 && s.x < props.scale.width + 5),
)
const markY = computed(() => GROUND.value - props.mark * PER_POUND.value)
const todayX = computed(() => props.scale.x(props.today))
</script>

<template>
  <svg :width="scale.width" :height="height" class="lane" aria-hidden="true">
    <g v-for="band in bands" :key="band.from">
      <rect
        :x="band.x"
        :y="GROUND"
        :width="band.w"
        height="13"
        :fill="band.fill"
        :class="{ planned: band.planned }"
      />
      <rect :x="band.x + band.w" :y="GROUND" :width="band.soft" height="13" :fill="band.fill" class="soft" />
      <g v-if="band.textW > 70">
        <rect :x="band.textX - 3" :y="GROUND" :width="band.words.length * 5.6 + 8" height="13" class="plate" />
        <text :x="band.textX" :y="GROUND + 10.5" class="crop-name">{{ band.words }}</text>
      </g>
    </g>
    <line v-for="m in marks" :key="m.key" :x1="m.x" :x2="m.x" :y1="GROUND + 1" :y2="GROUND + 12" class="mark">
      <title>{{ m.title }}</title>
    </line>
    <line :x1="0" :x2="scale.width" :y1="markY" :y2="markY" class="scale-mark" />
    <text v-if="markWords" :x="scale.width - 6" :y="markY - 3" class="scale-words">{{ markWords }}</text>
    <g v-for="ridge in ridges" :key="ridge.key">
      <path :d="ridge.dead" class="dead" />
      <path :d="ridge.ahead" class="ahead" />
      <path :d="ridge.crest" class="crest" />
      <path :d="ridge.band" class="uncertain" />
      <path :d="ridge.solid" class="solid">
        <title>{{ ridge.title }}</title>
      </path>
      <circle v-for="m in ridge.marks" :key="m.title" :cx="m.x" :cy="GROUND" r="2.6" class="stage">
        <title>{{ m.title }}</title>
      </circle>
    </g>
    <g v-for="b in brackets" :key="b.key" :class="['bracket', b.kind]">
      <title>{{ b.title }}</title>
      <rect
        v-for="cell in b.cells"
        :key="cell.x"
        :x="cell.x"
        :y="b.y"
        :width="cell.w + 0.5"
        height="8"
        :style="{ opacity: (cell.chance / 100) * 0.85 }"
      />
      <path :d="`M${b.x1},13 V3 M${b.x2},3 V13`" class="ends" />
      <line
        v-if="b.best1 !== null && b.best2 !== null"
        :x1="b.best1"
        :x2="Math.max(b.best2, b.best1 + 3)"
        y1="13"
        y2="13"
        class="best"
      />
    </g>
    <g
      v-for="s in stakes"
      :key="s.kind + s.day + (s.jobId ? s.jobId.cover + s.jobId.operation : '')"
      :transform="`translate(${s.x},0)`"
      :class="['stake', { done: s.done, seen: s.kind === 'SEEN' }]"
    >
      <title>{{ s.title }}</title>
      <line y1="16" :y2="GROUND" />
      <path v-if="s.kind === 'SEEN'" d="M-3,16 L0,12 L3,16 L0,20 Z" />
      <path v-else d="M0,16 h9 l-2.5,3.5 l2.5,3.5 h-9 Z" />
    </g>
    <line :x1="todayX" :x2="todayX" y1="0" :y2="height" class="plumb" />
  </svg>
</template>

<style scoped>
.lane {
  display: block;
}
.soft {
  opacity: 0.5;
}
.planned {
  opacity: 0.6;
}
.plate {
  fill: var(--stubble);
}
.scale-mark {
  stroke: var(--quiet);
  stroke-dasharray: 1 5;
  opacity: 0.55;
}
.scale-words {
  font-family: var(--figures);
  font-size: 12px;
  fill: var(--quiet);
  text-anchor: end;
}
.crop-name {
  font-family: var(--figures);
  font-size: 11.5px;
  fill: var(--loam);
  font-weight: 500;
}
.mark {
  stroke: var(--loam);
  opacity: 0.55;
  stroke-width: 1.4;
}
.solid {
  fill: var(--sage);
}
.ahead {
  fill: var(--sage-soft);
}
.crest {
  fill: none;
  stroke: var(--sage);
  stroke-dasharray: 4 3;
}
.uncertain {
  fill: var(--sage);
  opacity: 0.16;
}
.dead {
  fill: var(--straw);
}
.stage {
  fill: var(--loam);
}
.bracket rect {
  fill: var(--ochre);
}
.bracket.END rect {
  fill: var(--madder);
}
.ends,
.best {
  stroke: var(--ochre-text);
  fill: none;
  stroke-width: 1.4;
}
.END .ends,
.END .best {
  stroke: var(--madder);
}
.best {
  stroke-width: 3;
}
.stake line {
  stroke: var(--flax);
  stroke-width: 1.5;
}
.stake path {
  fill: none;
  stroke: var(--flax);
  stroke-width: 1.5;
}
.stake.done path {
  fill: var(--loam);
  stroke: var(--loam);
}
.stake.done line {
  stroke: var(--loam);
}
.stake.seen line {
  opacity: 0.25;
}
.plumb {
  stroke: var(--flax);
  stroke-width: 2;
}
</style>

<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { mdiCheck, mdiLock, mdiPlay } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { dayNumber, dayOfMonth, monthName, range, short, weekday } from '../../format/dates'
import { area, areaUnit, number } from '../../format/units'
import { amountOf, doingWords, keyOf, plusDays, type Board, type Job } from '../../work/board'
import { rowsOf, type Band } from './rows'
import WaitLines from './WaitLines.vue'
import { useWaits } from './waits'

/**
 * Machines by days. A day is as high as the hours that a plan counts on, paler to what nine years of ten do not exceed,
 * darker below what one of ten has; jobs lie in it by their hours; behind each, how far its end may spread.
 */
const props = defineProps<{
  board: Board
  jobs: Job[]
  from: string
  days: number
  risk?: Schemas['RiskView']
  soFar?: Schemas['SoFarView'][]
  carried?: Job | null
  hovered?: { machineId: string; day: string } | null
  movable: boolean
}>()
const emit = defineEmits<{ show: [Job]; press: [Job, PointerEvent]; unlock: [Job] }>()

const shown = computed(() => Array.from({ length: props.days }, (_, i) => plusDays(props.from, i)))
const narrow = computed(() => props.days > 40)
const height = computed(() => (props.days <= 4 ? 190 : props.days <= 14 ? 106 : props.days <= 40 ? 70 : 54))
/** Room above for the chance. */
const room = computed(() => (props.days <= 14 ? height.value / (height.value - 15) : 1))
const rows = computed(() =>
  rowsOf(props.board, props.jobs, shown.value, {
    room: room.value,
    lastOf: new Map((props.risk?.jobs ?? []).map((j) => [keyOf(j), j.late])),
    soFar: props.soFar ?? [],
  }),
)

const KINDS = [
  { season: 'SOWING', edge: '', words: 'sow' },
  { season: 'HARVEST', edge: 'grain', words: 'harvest' },
  { season: 'ENDING', edge: 'ending', words: 'end' },
  { season: 'OTHER', edge: 'other', words: 'other work' },
]
/** The colours of what is on the board at all. */
const kinds = computed(() => KINDS.filter((k) => props.jobs.some((j) => j.place && j.season === k.season)))
const part = (hours: number, tallest: number) => (hours / tallest) * 100
/** A block is as high as its hours, high enough to be seen and pressed; its name stands in it where there is room. */
const NAMED = 15
const tall = (hours: number, tallest: number) => Math.max(7, (part(hours, tallest) / 100) * height.value - 1)
const band = (b: Band | null, tallest: number) =>
  b
    ? {
        '--low': part(Math.min(b.low, b.counted), tallest) + '%',
        '--counted': part(b.counted, tallest) + '%',
        '--high': part(Math.max(b.high, b.counted), tallest) + '%',
      }
    : {}
const when = (job: Job) => range(job.place!.days[0]!.day, job.place!.days[job.place!.days.length - 1]!.day)
const title = (job: Job) =>
  [
    `${job.field}, ${job.words}, ${amountOf(job)}, ${when(job)}. ${job.place!.why}.`,
    job.doing && doingWords(job.doing, job.acres, job.counted),
  ]
    .filter(Boolean)
    .join(' ')
/** The mark of what was said of it: somebody is at it, or comes. */
const mark = (job: Job) => (job.doing?.under ? mdiPlay : job.doing?.agreed ? mdiCheck : undefined)

/** What waits for what, drawn while a job is pointed at or has the keys. */
const box = ref<HTMLElement | null>(null)
const { lines, pointed } = useWaits(box, () => props.jobs)
</script>

<template>
  <div ref="box" class="drawing" :class="{ narrow }">
    <div
      class="grid"
      :style="{ gridTemplateColumns: `150px repeat(${days}, minmax(${narrow ? 8 : days > 14 ? 22 : 54}px, 1fr))` }"
    >
      <div class="corner quiet">hours of a <TradeWord of="fit day" /></div>
      <div
        v-for="(day, i) in shown"
        :key="day"
        class="day"
        :class="{ today: day === board.today, end: ['Sat', 'Sun'].includes(weekday(day)) }"
      >
        <router-link v-if="days <= 14" :to="{ name: 'sheet', params: { day } }" :title="`Day sheet ${short(day)}`"
          >{{ weekday(day) }}<br /><b class="figures">{{
            dayOfMonth(dayNumber(day)) === 1 || i === 0 ? short(day) : dayOfMonth(dayNumber(day))
          }}</b></router-link
        >
        <span v-else-if="!narrow" class="figures"
          ><template v-if="dayOfMonth(dayNumber(day)) === 1 || i === 0"
            >{{ monthName(dayNumber(day)) }}<br /></template
          >{{ dayOfMonth(dayNumber(day)) }}</span
        >
        <span v-else-if="weekday(day) === 'Mon' && i % 14 < 7" class="figures far">{{ short(day) }}</span>
      </div>
      <template v-for="row in rows" :key="row.machine.id">
        <div class="machine" :class="{ idle: row.idle }" :title="row.machine.name">
          <b>{{ row.machine.name }}</b><span v-if="!row.idle" class="quiet figures"
            >{{ area(row.machine.acresPerHour, 1) }} {{ areaUnit }}/h<template v-if="row.machine.hired">
              · hired</template
            ></span
          >
          <span v-if="!row.idle && days <= 14" class="quiet figures">{{ number(row.most, 0) }} h high</span>
        </div>
        <div
          class="track"
          :style="{
            gridColumn: `2 / span ${days}`,
            gridTemplateColumns: `repeat(${days}, 1fr)`,
            height: (row.idle ? 34 : height) + 'px',
          }"
        >
          <div
            v-for="(day, i) in shown"
            :key="day"
            class="cell"
            :class="{
              today: day === board.today,
              hover: hovered?.machineId === row.machine.id && hovered.day === day,
              gone: row.gone.has(day),
              able: carried?.able.includes(row.machine.id),
            }"
            :style="band(row.bands[i]!, row.tallest)"
            :data-machine="row.machine.id"
            :data-day="day"
          >
            <span v-if="days <= 14 && row.bands[i] && !row.idle" class="figures fit"
              >{{ row.bands[i]!.chance }} %</span
            ><span v-else-if="days <= 14 && row.gone.has(day) && !row.idle" class="fit">not here</span>
          </div>
          <div
            v-for="c in row.ghosts"
            :key="'g' + c"
            class="ghost"
            :style="{ left: (c / days) * 100 + '%', width: 100 / days + '%' }"
          />
          <div
            v-for="t in row.tails"
            :key="'t' + keyOf(t.job)"
            class="tail"
            :style="{
              left: (t.column / days) * 100 + '%',
              width: (t.columns / days) * 100 + '%',
              bottom: part(t.below, row.tallest) + '%',
              height: Math.max(4, (part(t.hours, row.tallest) / 100) * height) + 'px',
            }"
          />
          <i
            v-for="s in row.segments.filter((one) => one.road > 0)"
            :key="'road ' + keyOf(s.job) + s.day"
            class="road"
            :title="`${Math.round(60 * s.road)} min on the road to ${s.job.field}`"
            :style="{
              left: (s.column / days) * 100 + '%',
              width: 100 / days + '%',
              bottom: part(s.below - s.road, row.tallest) + '%',
              height: Math.max(3, (part(s.road, row.tallest) / 100) * height) + 'px',
            }"
          />
          <component
            :is="s.named ? 'button' : 'div'"
            v-for="s in row.segments"
            :key="keyOf(s.job) + s.day"
            :type="s.named ? 'button' : undefined"
            class="block"
            :class="{
              late: s.job.place!.late,
              locked: s.job.place!.locked,
              ending: s.job.season === 'ENDING',
              grain: s.job.season === 'HARVEST',
              other: s.job.season === 'OTHER',
              begins: s.first,
              ends: s.last,
              runs: s.nameDays > 1,
            }"
            :title="title(s.job)"
            :aria-label="s.named ? title(s.job) : undefined"
            :data-job="s.named ? keyOf(s.job) : undefined"
            :style="{
              left: (s.column / days) * 100 + '%',
              width: `calc(${100 / days}% - ${s.last && !narrow ? 3 : 0}px)`,
              bottom: part(s.below, row.tallest) + '%',
              height: tall(s.hours, row.tallest) + 'px',
            }"
            @click="emit('show', s.job)"
            @pointerdown="movable && emit('press', s.job, $event)"
            @pointerenter="pointed(s.job)"
            @pointerleave="pointed(null)"
            @focus="pointed(s.job)"
            @blur="pointed(null)"
          >
            <span
              v-if="!narrow && s.named && tall(s.hours, row.tallest) >= NAMED"
              class="name"
              :style="{ width: `${100 * s.nameDays}%` }"
              ><v-icon v-if="mark(s.job)" :icon="mark(s.job)" size="13" aria-hidden="true" />{{ s.job.field }}</span
            >
            <span v-if="days <= 4 && s.first" class="figures">{{ s.job.words }} · {{ number(s.hours, 1) }} h</span>
            <v-icon
              v-if="s.job.place!.locked && s.first && !narrow"
              :icon="mdiLock"
              size="12"
              class="lock"
              aria-label="locked"
              @click.stop="emit('unlock', s.job)"
              @pointerdown.stop
            />
          </component>
        </div>
      </template>
    </div>
    <WaitLines :lines="lines" />
    <p class="key quiet">
      <i class="k counted" /> hours to count on <i class="k high" /> up to these in nine years of ten
      <i class="k low" /> these at least, nine of ten <i class="k tail-key" /> may run on so far
      <i class="k road-key" /> on the road <i v-if="board.notHad.length" class="k gone-key" /><template
        v-if="board.notHad.length"
        >not here: away, or not called yet</template
      >
      <template v-for="k in kinds" :key="k.season"><i class="k kind" :class="k.edge" />{{ k.words }}</template>
    </p>
  </div>
</template>

<style scoped>
.drawing {
  position: relative;
  min-width: 900px;
}
.grid {
  display: grid;
}
.corner {
  padding: 8px 10px;
  font-size: 0.8rem;
  align-self: end;
}
.day {
  text-align: center;
  padding: 4px 0;
  border-left: 1px solid var(--hair);
  font-size: 0.85rem;
}
.narrow .day {
  border-left: 0;
  white-space: nowrap;
  text-align: left;
}
.far {
  display: block;
  width: 0;
}
.day a {
  color: inherit;
  text-decoration: none;
  display: block;
}
.day.end {
  background: rgb(var(--v-theme-surface-variant));
}
.day.today {
  border-left: 3px solid var(--flax);
}
.machine {
  padding: 6px 10px;
  border-top: 1px solid var(--hair);
  display: flex;
  flex-direction: column;
  font-size: 0.92rem;
  background: rgb(var(--v-theme-background));
  position: sticky;
  left: 0;
  z-index: 2;
  overflow: hidden;
}
.machine.idle {
  padding: 3px 10px;
  justify-content: center;
}
.machine.idle b {
  font-weight: 400;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.track {
  position: relative;
  display: grid;
  border-top: 1px solid var(--hair);
}
.cell {
  border-left: 1px solid var(--hair);
  background: linear-gradient(
    to top,
    color-mix(in srgb, var(--sage) 46%, var(--furrow)) 0 var(--low, 0%),
    color-mix(in srgb, var(--sage) 30%, var(--furrow)) var(--low, 0%) var(--counted, 0%),
    color-mix(in srgb, var(--sage) 13%, var(--furrow)) var(--counted, 0%) var(--high, 0%),
    var(--furrow) var(--high, 0%)
  );
  text-align: right;
}
/* Not to be had: no hours at all, whatever the weather. */
.cell.gone {
  background: repeating-linear-gradient(
    135deg,
    var(--furrow) 0 6px,
    color-mix(in srgb, var(--stubble) 60%, var(--furrow)) 6px 8px
  );
}
.narrow .cell {
  border-left: 0;
}
.cell.today {
  border-left: 3px solid var(--flax);
}
.cell.able {
  outline: 1px dashed var(--flax);
  outline-offset: -3px;
}
.cell.hover {
  outline: 3px solid var(--flax);
}
.fit {
  font-size: 0.78rem;
  color: var(--quiet);
  padding-right: 2px;
}
.block {
  position: absolute;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border: 1.5px solid var(--flax);
  border-width: 1.5px 0;
  padding: 0 3px;
  text-align: left;
  overflow: hidden;
  cursor: grab;
  line-height: 1.1;
  font-size: 0.8rem;
  touch-action: none;
  user-select: none;
}
.block.runs {
  overflow: visible;
}
.block.begins {
  border-left-width: 5px;
  border-top-left-radius: 3px;
  border-bottom-left-radius: 3px;
}
.block.ends {
  border-right-width: 1.5px;
}
.narrow .block {
  padding: 0;
}
.narrow .block.begins {
  border-left-width: 3px;
}
.block.ending {
  border-color: var(--madder);
}
.block.grain {
  border-color: var(--ochre);
}
.block.other {
  border-color: var(--loam);
}
.block.late {
  border-style: dashed;
}
.block .name {
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  display: block;
}
/* Above the days after it, over which it runs. */
.block.runs .name {
  position: relative;
  z-index: 1;
}
.road {
  position: absolute;
  pointer-events: none;
  background: repeating-linear-gradient(90deg, var(--loam) 0 6px, transparent 6px 10px);
}
.tail {
  position: absolute;
  pointer-events: none;
  background: linear-gradient(to right, color-mix(in srgb, var(--flax) 42%, transparent), transparent);
}
.ghost {
  position: absolute;
  top: 30%;
  bottom: 30%;
  border: 2px dashed var(--ochre);
  pointer-events: none;
  z-index: 1;
}
.lock {
  position: absolute;
  right: 2px;
  top: 2px;
}
.key {
  font-size: 0.8rem;
  padding: 6px 10px;
  margin: 0;
}
.k {
  display: inline-block;
  width: 14px;
  height: 11px;
  margin: 0 3px 0 10px;
  vertical-align: -1px;
  border: 1px solid var(--hair);
}
.k.counted {
  background: color-mix(in srgb, var(--sage) 30%, var(--furrow));
  margin-left: 0;
}
.k.gone-key {
  background: repeating-linear-gradient(135deg, var(--furrow) 0 3px, var(--stubble) 3px 5px);
}
.k.high {
  background: color-mix(in srgb, var(--sage) 13%, var(--furrow));
}
.k.low {
  background: color-mix(in srgb, var(--sage) 46%, var(--furrow));
}
.k.kind {
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid var(--flax);
  border-left-width: 4px;
}
.k.kind.grain {
  border-color: var(--ochre);
}
.k.kind.ending {
  border-color: var(--madder);
}
.k.kind.other {
  border-color: var(--loam);
}
.k.road-key {
  background: repeating-linear-gradient(90deg, var(--loam) 0 4px, transparent 4px 7px);
}
.tail-key {
  background: linear-gradient(to right, color-mix(in srgb, var(--flax) 42%, transparent), transparent);
}
</style>

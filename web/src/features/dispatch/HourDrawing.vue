<script setup lang="ts">
import { computed, ref } from 'vue'
import { long } from '../../format/dates'
import { area, areaUnit, number } from '../../format/units'
import { keyOf, type Board, type Job } from '../../work/board'
import { hoursOf, isIdle, type Clocked } from './hours'
import WaitLines from './WaitLines.vue'
import { useWaits } from './waits'

/** One day by the hour of the farm's clock: each machine's jobs along it, the road before each. */
const props = defineProps<{
  board: Board
  jobs: Job[]
  day: string
  carried?: Job | null
  hovered?: { machineId: string } | null
  movable: boolean
}>()
const emit = defineEmits<{ show: [Job]; press: [Job, PointerEvent] }>()

/** What is left of a job at times is a few minutes; nothing would be wrong. */
const SHORTEST = 0.1
const drawn = computed(() => hoursOf(props.board, props.jobs, props.day))
const far = computed(() => drawn.value.rows.some((r) => r.unclocked.length))
/** None on a day that is too far ahead for the clock. */
const ticks = computed(() =>
  far.value ? [] : Array.from({ length: drawn.value.to - drawn.value.from + 1 }, (_, i) => drawn.value.from + i),
)
const x = (hour: number) => `${(100 * (hour - drawn.value.from)) / (drawn.value.to - drawn.value.from)}%`
const wide = (hours: number) => `${(100 * hours) / (drawn.value.to - drawn.value.from)}%`
const says = (c: Clocked) =>
  [
    c.when,
    c.job.words,
    c.job.counted ? '' : `${area(c.acres, 1)} ${areaUnit.value}`,
    `open and fit ${c.chance}\u00a0%`,
    c.driver ?? '',
  ]
    .filter(Boolean)
    .join(' · ')
const box = ref<HTMLElement | null>(null)
const { lines, pointed } = useWaits(box, () => props.jobs)
</script>

<template>
  <div ref="box" class="drawing">
    <div class="row head">
      <div class="machine">
        <router-link :to="{ name: 'sheet', params: { day } }">{{ long(day) }}</router-link>
      </div>
      <div class="clock figures">
        <span v-for="t in ticks" :key="t" :style="{ left: x(t) }">{{ t % 24 }}:00</span>
      </div>
    </div>
    <div v-for="row in drawn.rows" :key="row.machine.id" class="row" :class="{ idle: isIdle(row) }">
      <div class="machine" :title="row.machine.name">
        <b>{{ row.machine.name }}</b>
        <span v-if="row.gone" class="quiet">not here</span>
        <span v-else-if="row.band && !isIdle(row)" class="quiet figures"
          >{{ number(row.band.counted, 1) }} h to count on</span
        >
      </div>
      <div
        class="track"
        :class="{
          able: carried?.able.includes(row.machine.id),
          hover: hovered?.machineId === row.machine.id,
          gone: row.gone,
        }"
        :data-machine="row.machine.id"
        :data-day="day"
      >
        <i v-for="t in ticks" :key="t" class="tick" :style="{ left: x(t) }" />
        <template v-for="c in row.clocked" :key="keyOf(c.job)">
          <i
            v-if="c.road > 0"
            class="road"
            :title="`${Math.round(60 * c.road)} min on the road to ${c.job.field}`"
            :style="{ left: x(c.begins - c.road), width: wide(c.road) }"
          />
          <button
            type="button"
            class="block"
            :class="[c.job.season.toLowerCase(), { late: c.job.place!.late, locked: c.job.place!.locked }]"
            :title="`${c.job.field}, ${says(c)}. ${c.job.place!.why}.`"
            :aria-label="`${c.job.field}, ${says(c)}`"
            :data-job="keyOf(c.job)"
            :style="{ left: x(c.begins), width: wide(c.ends - c.begins) }"
            @click="emit('show', c.job)"
            @pointerdown="movable && emit('press', c.job, $event)"
            @pointerenter="pointed(c.job)"
            @pointerleave="pointed(null)"
            @focus="pointed(c.job)"
            @blur="pointed(null)"
          >
            <b>{{ c.job.field }}</b><span class="figures">{{ says(c) }}</span>
          </button>
        </template>
        <button
          v-for="u in row.unclocked"
          :key="keyOf(u.job)"
          type="button"
          class="chip"
          :class="u.job.season.toLowerCase()"
          @click="emit('show', u.job)"
          @pointerdown="movable && emit('press', u.job, $event)"
        >
          <b>{{ u.job.field }}</b>
          <span class="figures">{{ u.job.words }} · {{ number(Math.max(SHORTEST, u.hours), 1) }} h</span>
        </button>
      </div>
    </div>
    <WaitLines :lines="lines" />
    <p class="quiet key">
      <template v-if="far"
        >This day is too far ahead for hours of the clock: only what is done on it is known.</template
      >
      <template v-else>About these hours: the weather of the day has the last word.</template>
    </p>
  </div>
</template>

<style scoped>
.drawing {
  position: relative;
  min-width: 760px;
}
.row {
  display: grid;
  grid-template-columns: 164px 1fr;
  border-bottom: 1px solid var(--hair);
}
.machine {
  padding: 6px 10px;
  display: flex;
  flex-direction: column;
  font-size: 0.92rem;
  background: rgb(var(--v-theme-background));
  border-right: 1px solid var(--hair);
}
.idle .machine b {
  font-weight: 400;
}
.clock {
  position: relative;
  height: 34px;
  margin: 0 20px;
}
.clock span {
  position: absolute;
  bottom: 4px;
  transform: translateX(-50%);
}
.track {
  position: relative;
  min-height: 108px;
  padding: 0;
  margin: 0 20px;
  display: flex;
  gap: 8px;
  align-items: center;
}
.idle .track {
  min-height: 34px;
}
.track.able {
  background: var(--furrow);
}
.track.hover {
  outline: 2px solid var(--flax);
}
.track.gone {
  background: repeating-linear-gradient(135deg, transparent 0 6px, var(--hair) 6px 7px);
}
.tick {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--hair);
  pointer-events: none;
}
.block,
.chip {
  text-align: left;
  color: inherit;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--flax);
  border-left: 4px solid var(--flax);
  padding: 3px 8px;
  cursor: grab;
  font-size: 0.9rem;
  overflow: hidden;
  touch-action: pan-y;
  user-select: none;
}
.block {
  position: absolute;
  top: 8px;
  bottom: 8px;
  display: flex;
  flex-direction: column;
  justify-content: center;
}
.block b {
  flex: none;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
/* What a short job's block cannot hold stands in its title. */
.block span {
  line-height: 1.25;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 3;
  overflow: hidden;
  text-overflow: ellipsis;
}
.chip {
  position: relative;
  min-height: 44px;
}
.harvest {
  border-color: var(--ochre);
}
.ending {
  border-color: var(--madder);
}
.other {
  border-color: var(--loam);
}
.late b {
  color: var(--madder);
}
.locked {
  border-style: solid double;
}
.road {
  position: absolute;
  top: 50%;
  height: 6px;
  margin-top: -3px;
  background: repeating-linear-gradient(90deg, var(--loam) 0 5px, transparent 5px 9px);
}
.key {
  padding: 8px 12px;
  margin: 0;
  font-size: 0.86rem;
}
</style>

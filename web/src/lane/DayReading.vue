<script setup lang="ts">
import { computed } from 'vue'
import { useFieldDay } from '../api/resources'
import { readRidge } from '../draw/reading'
import { dayNumber, isoDay, long } from '../format/dates'
import { matter, rateUnit } from '../format/units'
import type { Lane } from './lanes'

/** What one day of a lane says: at once what is drawn, then what the server reads off the day. */
/** Of a cover that is only tried the server keeps no days: what is drawn is all that is read. */
const props = defineProps<{ lane: Lane; day: number; today: number; tried?: boolean }>()
const iso = computed(() => isoDay(props.day))
const stands = computed(() => readRidge(props.lane.ridges, props.day))
const { data: read } = useFieldDay(
  () => props.lane.fieldId,
  () => props.lane.zoneId,
  iso,
  () => !props.tried,
)
// What was read is shown for its own day only: never the day before's under this day's date.
const known = computed(() => (read.value && dayNumber(read.value.day) === props.day ? read.value : null))
const ahead = computed(() => props.day > props.today)
const span = (low: string | number, high: string | number) => (ahead.value ? ` (${low}–${high})` : '')
/** What the server reads stands for what was drawn between two points, as soon as it is there. */
const standing = computed(() => {
  const drawn = stands.value
  if (!drawn) return ''
  const it = known.value?.mat ?? drawn
  const what = drawn.alive ? 'dry' : 'of dead mat'
  return `${matter(it.middle)} ${rateUnit.value} ${what}${span(matter(it.low), matter(it.high))}`
})
const topsoil = computed(() => {
  const it = known.value?.topsoil
  return it ? `topsoil at ${it.middle} % of field capacity${span(it.low, it.high)}` : ''
})
</script>

<template>
  <div class="reading">
    <p class="day">
      <b>{{ long(iso) }}</b>
    </p>
    <p v-if="stands">{{ standing }}</p>
    <p v-else class="quiet">nothing stands</p>
    <template v-if="known">
      <p v-for="s in known.stages" :key="s.species">
        {{ s.species }}: <span class="figures">{{ s.stems }} %</span> {{ s.words }}
      </p>
      <p v-for="j in known.jobs" :key="j.words">
        {{ j.words }}: open and fit <span class="figures">{{ j.chance }} %</span>
      </p>
      <p class="quiet">{{ topsoil }}</p>
    </template>
    <p v-else-if="!tried" class="quiet">reading the day …</p>
  </div>
</template>

<style scoped>
.reading p {
  margin: 0;
  line-height: 1.35;
}
.day {
  white-space: nowrap;
}
</style>

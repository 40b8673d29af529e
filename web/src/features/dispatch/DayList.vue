<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useDaySheet, useRefresh } from '../../api/resources'
import { clockRange, long } from '../../format/dates'
import { area, areaUnit, mass, massUnit, number, rate, rateUnit } from '../../format/units'
import type { Schemas } from '../../api/client'
import FieldOutline from '../../parts/FieldOutline.vue'
import Refusal from '../../parts/Refusal.vue'
import { planner, session } from '../../session'
import SayBar from '../../work/SayBar.vue'
import SheetTold from './SheetTold.vue'
import SprayLine from './SprayLine.vue'
import { sayFromField } from '../../work/say'
import { firstBusyDay, plusDays, type Board } from '../../work/board'

/** A day for a phone: who does what, machine by machine, or one person's work only. */
const props = defineProps<{ board: Board }>()
const day = ref(firstBusyDay(props.board.jobs, props.board.today))
const person = ref<string | null>(null)
const { data: sheet, error } = useDaySheet(day)
const people = computed(() =>
  [...new Set((sheet.value?.machines ?? []).flatMap((m) => m.jobs.flatMap((j) => j.driver ?? [])))].sort(),
)
/** A driver sees his own day first; whoever clears it sees everybody's. */
let asked = false
watch(
  people,
  (now) => {
    if (person.value && !now.includes(person.value)) person.value = null
    const own = session.value?.name
    if (!asked && !planner.value && own && now.includes(own)) person.value = own
    asked ||= now.length > 0
  },
  { immediate: true },
)
const machines = computed(() =>
  (sheet.value?.machines ?? [])
    .map((m) => ({ ...m, jobs: m.jobs.filter((j) => !person.value || j.driver === person.value) }))
    .filter((m) => m.jobs.length),
)
const refresh = useRefresh()
async function say(form: Schemas['ReportForm'], photo?: File) {
  await sayFromField(form, photo)
  await refresh.jobs()
}
</script>

<template>
  <div class="list">
    <div class="bar">
      <v-btn icon variant="text" aria-label="Day before" @click="day = plusDays(day, -1)"
        ><v-icon :icon="mdiChevronLeft"
      /></v-btn>
      <h2>{{ long(day) }}</h2>
      <v-btn icon variant="text" aria-label="Day after" @click="day = plusDays(day, 1)"
        ><v-icon :icon="mdiChevronRight"
      /></v-btn>
    </div>
    <div class="bar">
      <v-btn variant="tonal" @click="day = board.today">Today</v-btn>
      <v-btn variant="tonal" @click="day = firstBusyDay(board.jobs, plusDays(day, 1))">Next work</v-btn>
      <v-select v-if="people.length" v-model="person" label="Whose day" clearable :items="people" />
    </div>
    <Refusal :says="error" />
    <SheetTold v-if="sheet && sheet.day === day" :sheet="sheet" />
    <p v-if="sheet && sheet.day === day && !machines.length" class="quiet">No work is placed on this day.</p>
    <section v-for="m in sheet?.day === day ? machines : []" :key="m.machine" :aria-label="m.machine">
      <h3>{{ m.machine }}<span v-if="m.hired" class="quiet"> hired</span></h3>
      <article v-for="j in m.jobs" :key="j.field + j.words">
        <div class="what">
          <FieldOutline v-if="j.boundary" :boundary="j.boundary" :size="44" />
          <p>
            <b>{{ j.field }}</b>, {{ j.words }} <span class="quiet">{{ j.farmstead }}</span>
          </p>
        </div>
        <p class="figures">
          <template v-if="j.begins && j.ends">about {{ clockRange(j.begins, j.ends) }} · </template
          ><template v-if="!j.counted">{{ area(j.acres, 1) }} {{ areaUnit }} · </template>{{ number(j.hours, 1) }} h ·
          open and fit {{ j.fitChance }} %<template v-if="j.driver"> · {{ j.driver }}</template>
        </p>
        <SprayLine v-if="j.spray" :spray="j.spray" />
        <p v-for="s in j.seed" :key="s.name" class="figures">
          {{ s.name }} {{ rate(s.bulkRate) }} {{ rateUnit }} bulk, {{ mass(s.pounds) }} {{ massUnit }}
        </p>
        <p v-if="j.note">{{ j.note }}</p>
        <SayBar
          :job="j.id"
          :field="j.field"
          :left="j.left"
          :doing="j.doing"
          :counted="j.counted"
          :today="board.today"
          :pounds="j.seed.length > 0"
          :say="say"
        />
        <router-link
          v-if="j.id.operation !== 'OTHER'"
          class="log"
          :to="{ name: 'logbook', query: { field: j.fieldId } }"
          >Write it down</router-link
        >
      </article>
      <p v-for="c in m.cautions" :key="c" class="caution">{{ c }}</p>
    </section>
  </div>
</template>

<style scoped>
.list {
  padding: 0 14px 24px;
}
.bar {
  display: flex;
  gap: 8px;
  align-items: center;
  justify-content: space-between;
  margin-bottom: 8px;
}
h2,
h3 {
  margin: 4px 0;
}
article {
  border-left: 4px solid var(--flax);
  padding: 4px 10px;
  margin: 6px 0;
  background: rgb(var(--v-theme-surface));
}
.what {
  display: flex;
  gap: 8px;
  align-items: center;
}
p {
  margin: 0;
}
.log {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
}
.caution {
  border-left: 3px solid var(--ochre);
  padding-left: 8px;
  margin: 3px 0;
  font-size: 0.9rem;
}
</style>

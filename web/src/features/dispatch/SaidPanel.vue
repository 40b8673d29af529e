<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { area, areaUnit, mass, massUnit } from '../../format/units'
import { planner } from '../../session'
import { keyOf, type Board } from '../../work/board'

/** Hired crews against their terms, and what was said from the field, what wants an answer first. */
const props = defineProps<{ board: Board }>()
const emit = defineEmits<{ put: [said: Schemas['ReportView']]; list: [machineId: string] }>()
const SHOWN = 4

const name = (id: string) => props.board.machines.find((m) => m.id === id)?.name ?? ''
const jobs = computed(() => new Map(props.board.jobs.map((j) => [keyOf(j), j])))
/** A proposal that stands: nothing that was said of the job later has settled it. */
const asks = (s: Schemas['ReportView']) => {
  const doing = jobs.value.get(keyOf({ id: s.job }))?.doing
  return s.kind === 'PROPOSED' && doing?.proposed === s.day && doing.last === 'PROPOSED'
}
/** The last of each job, and every problem of one that is still open: no later word settles it. */
const kept = computed(() => {
  const last = new Map(props.board.said.map((s) => [keyOf({ id: s.job }), s.id]))
  return props.board.said.filter((s) => s.kind === 'PROBLEM' || last.get(keyOf({ id: s.job })) === s.id)
})
const rank = (s: Schemas['ReportView']) => (asks(s) ? 0 : s.kind === 'PROBLEM' ? 1 : 2)
const shown = computed(() => [...kept.value].reverse().sort((a, b) => rank(a) - rank(b)))
const all = ref(false)
function says(s: Schemas['ReportView']): string {
  switch (s.kind) {
    case 'ACCEPTED':
      return `has it, for ${short(s.day)}`
    case 'PROPOSED':
      return `asks for ${short(s.day)} instead`
    case 'STARTED':
      return `began on ${short(s.day)}`
    case 'STOPPED':
      return (
        `stopped on ${short(s.day)}, ${area(s.acres ?? 0, 1)} ${areaUnit.value} done` +
        (s.pounds === undefined ? '' : `, ${mass(s.pounds)} ${massUnit.value} used`)
      )
    default:
      return `problem on ${short(s.day)}`
  }
}
</script>

<template>
  <section v-if="board.crews.length || shown.length" class="people" aria-labelledby="people">
    <h2 id="people">Crews and drivers</h2>
    <ul>
      <li v-for="c in board.crews" :key="c.machineId">
        <b>{{ name(c.machineId) }}</b> <span class="figures">{{ area(c.acres) }} {{ areaUnit }}</span> from
        {{ short(c.first) }}
        <span v-if="c.callBy" class="row" :class="{ trouble: c.callBy <= board.today }"
          >Call by {{ short(c.callBy) }}</span
        >
        <span v-else class="row">Has said to come</span>
        <span v-if="c.shortBy > 0" class="row trouble"
          >{{ area(c.shortBy) }} {{ areaUnit }} short of the least that is paid for<template v-if="c.toFill.length"
            >: add {{ c.toFill.map((f) => `${f.field} (${area(f.acres)})`).join(' or ') }}</template
          ></span
        >
        <v-btn v-if="planner" size="small" variant="text" @click="emit('list', c.machineId)">Its own list</v-btn>
      </li>
      <li v-for="s in all ? shown : shown.slice(0, SHOWN)" :key="s.id">
        <b>{{ s.field }}</b>: {{ s.by }} {{ says(s) }}
        <span v-if="s.words" class="row" :class="{ trouble: s.kind === 'PROBLEM' }">“{{ s.words }}”</span>
        <a v-if="s.photo" class="row" :href="`/api/v1/reports/${s.id}/photo`" target="_blank">See the photo</a>
        <v-btn v-if="planner && asks(s)" size="small" variant="tonal" @click="emit('put', s)"
          >Put it on {{ short(s.day) }}</v-btn
        >
      </li>
    </ul>
    <v-btn v-if="shown.length > SHOWN && !all" size="small" variant="text" @click="all = true"
      >{{ shown.length - SHOWN }} more</v-btn
    >
  </section>
</template>

<style scoped>
.people {
  border-bottom: 1px solid var(--hair);
  margin-bottom: 10px;
  padding-bottom: 8px;
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  margin-bottom: 6px;
}
.row {
  display: block;
  font-size: 0.9rem;
}
</style>

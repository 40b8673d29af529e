<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { planner } from '../../session'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { range } from '../../format/dates'
import { area, areaUnit, money, number } from '../../format/units'
import { useFollowedRun } from '../../parts/followRun'
import Refusal from '../../parts/Refusal.vue'

/** What could be changed about machines and days, and what each would bring; true of the board that is shown. */
const problem = ref<Refused | ''>('')
const props = defineProps<{ board: Schemas['BoardView'] }>()
const { run, open, ask, callOff, look } = useFollowedRun(
  {
    look: () => got(api.GET('/api/v1/dispatch/helps')),
    ask: () => got(api.POST('/api/v1/dispatch/helps')),
    callOff: () => got(api.DELETE('/api/v1/dispatch/helps')),
  },
  problem,
)
watch(() => props.board, look)
const helps = computed(() => (run.value?.state === 'DONE' ? run.value.helps : undefined))
function says(h: Schemas['HelpView']): string {
  switch (h.what) {
    case 'DRIVER':
      return `One more driver, ${range(h.from, h.to)}`
    case 'MACHINE':
      return `Another ${h.machine}, ${range(h.from, h.to)}`
    case 'FLOWN':
      return `${h.machine} for ${h.fields.join(', ')}, over the standing crop`
    case 'EARLIER':
      return `Being ready ${number(h.by, 0)} days earlier, everywhere`
    case 'LONGER':
      return `Working ${number(h.by, 0)} hours longer on fit days`
    default:
      return `Giving up ${h.fields.join(', ')}: ${h.words}`
  }
}
</script>

<template>
  <section class="helps" aria-labelledby="helps">
    <h2 id="helps">What helps most</h2>
    <v-btn v-if="planner && !open && !helps" size="small" variant="tonal" @click="ask">Work it out</v-btn>
    <Refusal :says="problem" />
    <p v-if="run?.says" class="quiet">{{ run.says }}</p>
    <div v-if="open" class="run" role="status">
      <v-progress-linear :model-value="run!.percent" color="primary" height="8" aria-label="How far it is" />
      <span>{{ run!.percent }} %. Playing what could be changed …</span>
      <v-btn v-if="planner" size="small" variant="tonal" aria-label="Call off what helps most" @click="callOff"
        >Call it off</v-btn
      >
    </div>
    <template v-if="helps">
      <p v-if="!helps.length">Nothing that was tried brings more than it does now: the wet days decide.</p>
      <ul>
        <li v-for="h in helps" :key="says(h)">
          <b>{{ says(h) }}</b>
          <span class="row"
            >{{ money(h.gain) }} a year less lost, less in {{ h.chance }}&nbsp;% of years; then
            {{ area(h.atRisk) }}&nbsp;{{ areaUnit }} may not be done in time</span
          >
        </li>
      </ul>
      <p v-if="helps.length" class="quiet">
        What it costs to have is not taken off, but for what a hired crew asks for its acres. Seed flown over the top
        needs a higher rate.
      </p>
    </template>
  </section>
</template>

<style scoped>
.helps {
  border-bottom: 1px solid var(--hair);
  margin-bottom: 10px;
  padding-bottom: 8px;
}
.run {
  display: grid;
  gap: 6px;
  justify-items: start;
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
  padding: 4px 0;
}
p {
  margin: 4px 0;
}
.row {
  display: block;
  font-size: 0.88rem;
}
</style>

<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got } from '../../api/client'
import { useAhead, useFit, useRefresh, useSaid, useScenarios, type Ground } from '../../api/resources'
import { short, weekday } from '../../format/dates'
import { bare, word } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { planner } from '../../session'
import FitGrid from './FitGrid.vue'
import GaugeCard from './GaugeCard.vue'
import TenDays from './TenDays.vue'
import YearBands from './YearBands.vue'

/** The days to come: what they are like by the hour, what they are fit for, and how far forecasts were off. */
const ground = ref<Ground>({ living: false })
const { data: ahead, error } = useAhead(ground)
const { data: fit } = useFit(ground)
const { data: said } = useSaid()
const { data: scenarios } = useScenarios()
const grounds = computed(() =>
  (ahead.value?.grounds ?? []).map((g) => ({
    value: g.words,
    title: g.fields ? `${g.words}, ${g.fields} ${g.fields === 1 ? 'field' : 'fields'}` : g.words,
  })),
)
const chosen = computed({
  get: () => ahead.value?.grounds.find((g) => g.chosen)?.words ?? '',
  set: (words: string) => {
    const of = ahead.value?.grounds.find((g) => g.words === words)
    if (of) ground.value = { ...ground.value, soil: of.soil, tiled: of.tiled }
  },
})
const blocks = (work: string) => (ahead.value?.blocks ?? []).filter((b) => b.work === work)
const when = (b: { from: string; to: string }) =>
  `${weekday(b.from.slice(0, 10))} ${short(b.from.slice(0, 10))}, ${Number(b.from.slice(11, 13))}–${Number(b.to.slice(11, 13)) || 24} h`

const { problem, busy, act } = useAct()
const refresh = useRefresh()
const scenario = computed(() => scenarios.value?.find((s) => s.chosen))
async function runThrough(code: string) {
  if (await act(() => got(api.PUT('/api/v1/weather/scenario', { body: { scenario: code } })))) await refresh.all()
}
</script>

<template>
  <div class="page weather">
    <div class="head">
      <h1>Weather</h1>
      <v-select v-model="chosen" class="pick" label="On" :items="grounds" />
      <v-checkbox v-model="ground.living" label="under a living cover" density="compact" hide-details />
    </div>
    <Refusal :says="error || problem" />
    <template v-if="ahead">
      <p class="answer" aria-live="polite">
        <span v-for="s in ahead.says" :key="s">{{ s }}. </span>
      </p>
      <TenDays :ahead="ahead" />
      <div class="blocks">
        <section aria-labelledby="to-spray">
          <h2 id="to-spray">Hours to spray</h2>
          <ul>
            <li v-for="b in blocks('spray')" :key="b.from">
              <b>{{ when(b) }}</b> <span class="quiet">{{ b.chance }} %</span>
            </li>
            <li v-if="!blocks('spray').length" class="quiet">No three hours in a row that will more likely do.</li>
          </ul>
          <p class="quiet">
            The label comes first: its wind, rain-free hours and temperatures bind, and so does local law.
          </p>
        </section>
        <section aria-labelledby="to-roll">
          <h2 id="to-roll">Hours to roll</h2>
          <ul>
            <li v-for="b in blocks('roll')" :key="b.from">
              <b>{{ when(b) }}</b> <span class="quiet">{{ b.chance }} %</span>
            </li>
            <li v-if="!blocks('roll').length" class="quiet">No three hours in a row that will more likely do.</li>
          </ul>
          <p class="quiet">Dry leaves, dry air, firm ground. Whether the stems are ready is another question.</p>
        </section>
      </div>
    </template>
    <section v-if="fit" class="mt-4" aria-labelledby="fit">
      <h2 id="fit">Fit for work</h2>
      <FitGrid :fit="fit" />
    </section>
    <GaugeCard v-if="planner" />
    <YearBands />
    <section v-if="said?.length" class="mt-4" aria-labelledby="said">
      <h2 id="said">What was forecast against what came</h2>
      <p><router-link to="/right">The farm's own forecasts: how right were we</router-link></p>
      <div class="wide" tabindex="0" role="region" aria-label="Forecasts by days ahead">
        <table class="plain">
          <caption>
            The last sixty days
          </caption>
          <thead>
            <tr>
              <th scope="col">Days ahead</th>
              <th scope="col" class="n">off by, {{ word('FAHRENHEIT_STEP') }}</th>
              <th scope="col" class="n">said too warm by</th>
              <th scope="col" class="n">rain said and came</th>
              <th scope="col" class="n">said in vain</th>
              <th scope="col" class="n">came unsaid</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="s in said" :key="s.lead">
              <td>{{ s.lead }}</td>
              <td class="n">{{ bare(s.offF, 'FAHRENHEIT_STEP', 1) }}</td>
              <td class="n">{{ bare(s.tooWarmF, 'FAHRENHEIT_STEP', 1) }}</td>
              <td class="n">{{ s.rainCame }}</td>
              <td class="n">{{ s.rainInVain }}</td>
              <td class="n">{{ s.rainMissed }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
    <section v-if="scenarios?.length && planner" class="mt-4" aria-labelledby="seasons">
      <h2 id="seasons">Run the demo through another season</h2>
      <p v-if="scenario" class="quiet">
        Now: <b>{{ scenario.words }}</b>. It shows {{ scenario.teaches }}.
      </p>
      <ul class="seasons">
        <li v-for="s in scenarios" :key="s.code">
          <v-btn
            :variant="s.chosen ? 'flat' : 'tonal'"
            :color="s.chosen ? 'primary' : undefined"
            :loading="busy"
            :aria-pressed="s.chosen"
            @click="runThrough(s.code)"
            >{{ s.words }}</v-btn
          >
          <span>{{ s.teaches }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
}
.pick {
  max-width: 280px;
  min-width: 220px;
}
.answer {
  font-size: 17px;
  max-width: 1000px;
}
.blocks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 8px 28px;
  margin-top: 10px;
}
ul {
  list-style: none;
  padding: 0;
  margin: 4px 0;
}
.wide {
  overflow-x: auto;
}
caption {
  text-align: left;
  font-weight: 700;
}
.seasons li {
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 4px 0;
}
.seasons .v-btn {
  flex: 0 0 270px;
}
@media (max-width: 700px) {
  .seasons li {
    flex-direction: column;
    align-items: stretch;
  }
  .seasons .v-btn {
    flex-basis: auto;
  }
}
</style>

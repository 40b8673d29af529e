<script setup lang="ts">
import { useRefresh, useWeather } from '../../api/resources'
import { ref } from 'vue'
import { api, got, type Refused, upload, type Schemas } from '../../api/client'
import { long } from '../../format/dates'
import Refusal from '../../parts/Refusal.vue'
import { loadSession, planner } from '../../session'

const stale = useRefresh()
const { data: weather } = useWeather()
const file = ref<File | null>(null)
const report = ref<Schemas['ImportReport'] | null>(null)
const problem = ref<Refused | ''>('')
const busy = ref(false)
const sources = { NONE: 'none yet', SIMULATED: 'simulated station', IMPORTED: 'your own file' }

async function refresh() {
  await loadSession()
  await stale.all()
}

async function read(save: boolean) {
  problem.value = ''
  report.value = save ? report.value : null
  if (!file.value) return
  busy.value = true
  try {
    report.value = await upload<Schemas['ImportReport']>('/api/v1/weather/import', file.value, save)
    if (save) await refresh()
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}

async function take(source: 'SIMULATED' | 'IMPORTED') {
  problem.value = ''
  try {
    await got(api.PUT('/api/v1/weather/source', { body: { source } }))
    await refresh()
  } catch (e) {
    problem.value = e as Refused
  }
}
const columns =
  'Columns by day: date, max_f, min_f, rain_in or date, max_c, min_c, rain_mm. ' +
  'By hour: time, temp_f, rain_in or time, temp_c, rain_mm.'
</script>

<template>
  <v-card class="pa-4">
    <h2>Weather</h2>
    <p v-if="weather">
      From: <b>{{ sources[weather.source] }}</b><template v-if="weather.first && weather.last"
        >, {{ long(weather.first) }} to {{ long(weather.last) }};
        <b class="figures">{{ weather.climateYears }}</b> whole years behind every forecast</template
      >.
    </p>
    <p v-if="weather && weather.climateYears > 0 && weather.climateYears < weather.wantedYears" class="trouble">
      {{ weather.wantedYears }} years are wanted: chances from fewer are rough.
    </p>
    <p v-if="weather && weather.filledDays > 0" class="trouble">
      {{ weather.filledDays }} missing days hold the calendar day's mean.
    </p>
    <p><router-link to="/weather">The days to come, fit for what, and this year against others</router-link></p>
    <template v-if="planner">
      <v-file-input
        v-model="file"
        class="mt-2"
        label="Weather by day or by hour, CSV"
        :hint="columns"
        persistent-hint
        density="compact"
        variant="outlined"
        accept=".csv,text/csv"
        @update:model-value="read(false)"
      />
      <Refusal :says="problem" />
      <div v-if="report" role="status" class="mt-2">
        <p>
          <b class="figures">{{ report.days.toLocaleString('en-US') }}</b> days, {{ long(report.first) }} to
          {{ long(report.last) }}; <b class="figures">{{ report.wholeYears }}</b> whole years;
          <span :class="{ trouble: report.gapDays }">{{ report.gapDays }} days missing</span
          ><template v-if="report.firstGaps.length"> (first {{ long(report.firstGaps[0]!) }})</template>.
        </p>
        <p v-if="report.saved"><b>Kept.</b> Every window is worked out anew from it.</p>
        <v-btn v-else color="primary" :disabled="!report.enough" :loading="busy" @click="read(true)"
          >Use this weather</v-btn
        >
      </div>
      <v-btn v-if="weather?.source !== 'SIMULATED'" class="mt-3" variant="tonal" @click="take('SIMULATED')"
        >Take the simulated station</v-btn
      >
    </template>
  </v-card>
</template>

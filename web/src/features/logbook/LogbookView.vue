<script setup lang="ts">
import { useLog, useRefresh } from '../../api/resources'
import { mdiDeleteOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, got, type Refused, upload, type Schemas } from '../../api/client'
import { long } from '../../format/dates'
import {
  area,
  areaUnit,
  mass,
  massUnit,
  rain,
  rate,
  rateUnit,
  say,
  temperature,
  wind,
  type Unit,
} from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import AppliedDialog from './AppliedDialog.vue'
import LogForm from './LogForm.vue'

const route = useRoute()
const asked = computed(() => ({
  field: route.query.field as string | undefined,
  kind: route.query.kind as string | undefined,
}))
const refresh = useRefresh()
const { data: entries, error } = useLog()
const find = ref('')
const problem = ref<Refused | ''>('')
const shown = computed(() => {
  const wanted = (find.value ?? '').toLowerCase()
  return (entries.value ?? [])
    .filter((e) => `${e.field} ${e.about} ${e.entry.lot} ${e.entry.note}`.toLowerCase().includes(wanted))
    .slice(0, 120)
})

function figures(e: Schemas['Entry'], actualRate?: number, yieldUnit: Unit = 'NONE'): string {
  const parts: string[] = []
  if (e.acres) parts.push(`${area(e.acres, 1)} ${areaUnit.value}`)
  if (e.pounds) parts.push(`${mass(e.pounds)} ${massUnit.value}`)
  if (actualRate) parts.push(`${rate(actualRate)} ${rateUnit.value}`)
  if (e.details.yieldPerAcre) parts.push(say(e.details.yieldPerAcre, yieldUnit, 1))
  return parts.join(' · ')
}

const mapOpen = ref(false)
const mapOf = ref('')
function showMap(id: string) {
  mapOf.value = id
  mapOpen.value = true
}
watch(
  () => route.query.map,
  (id) => id && showMap(String(id)),
  { immediate: true },
)

async function bring(id: string, event: Event) {
  const input = event.target as HTMLInputElement
  problem.value = ''
  try {
    await upload(`/api/log/${id}/applied`, input.files![0]!)
    await refresh.all()
    showMap(id)
  } catch (e) {
    problem.value = e as Refused
  }
  input.value = ''
}

const taken = ref<{ id: string; about: string } | null>(null)

/** An entry is never rewritten: taking it out, and putting it back, are words on it. */
async function correct(id: string, about: string, kind: 'WITHDRAWN' | 'RESTORED') {
  problem.value = ''
  try {
    await got(
      api.POST('/api/log/{id}/corrections', { params: { path: { id } }, body: { id: crypto.randomUUID(), kind } }),
    )
    taken.value = kind === 'WITHDRAWN' ? { id, about } : null
    await refresh.all()
  } catch (e) {
    problem.value = e as Refused
  }
}
</script>

<template>
  <div class="page">
    <div class="both">
      <LogForm class="side" :field="asked.field" :kind="asked.kind" />
      <section class="list" aria-label="Entries">
        <div class="head">
          <h1>Logbook</h1>
          <v-text-field v-model="find" class="find" label="Find an entry" clearable />
        </div>
        <Refusal :says="error || problem" />
        <p v-if="taken" role="status">
          {{ taken.about }}: taken out as a mistake.
          <v-btn size="small" variant="text" color="primary" @click="correct(taken.id, taken.about, 'RESTORED')">
            Put it back
          </v-btn>
        </p>
        <p v-if="entries && !entries.length" class="quiet">
          Nothing is written down yet. What you save here moves the forecasts of its field.
        </p>
        <ol>
          <li v-for="{ entry, field, zone, about, machine, actualRate, mapped, yieldUnit } in shown" :key="entry.id">
            <span class="figures when">{{ long(entry.on) }}</span>
            <div>
              <b>{{ field }}</b><template v-if="zone"> · {{ zone }}</template
              >, {{ about }}<span v-if="machine" class="quiet"> · {{ machine }}</span
              ><br />
              <span class="figures">{{ figures(entry, actualRate, yieldUnit) }}</span><span
                v-if="entry.lot"
                class="quiet"
              >
                · lot {{ entry.lot }}</span
              >
              <span v-if="entry.note"> · {{ entry.note }}</span>
              <span v-if="entry.details.weather" class="quiet small figures"
                ><template v-if="figures(entry, actualRate, yieldUnit)"> · </template
                >{{ temperature(entry.details.weather.maxF) }} / {{ temperature(entry.details.weather.minF) }}, rain
                {{ rain(entry.details.weather.rainIn) }}, wind {{ wind(entry.details.weather.windMph) }}</span
              >
              <span class="quiet small"> · {{ entry.by }}</span>
              <template v-if="entry.kind === 'SEEDED'"
                ><br /><v-btn
                  v-if="mapped"
                  size="x-small"
                  variant="tonal"
                  color="primary"
                  :aria-label="`What was laid where in ${field}`"
                  @click="showMap(entry.id)"
                  >What was laid where</v-btn
                ><label v-else class="bring"
                  >Bring the machine's points<input
                    type="file"
                    accept=".csv"
                    :aria-label="`Points of ${field}, CSV`"
                    @change="bring(entry.id, $event)" /></label
                ><a
                  v-if="!mapped"
                  class="try"
                  :href="`/api/simulator/drill-monitor/${entry.fieldId}`"
                  download="drill-points.csv"
                  :aria-label="`Points that the drill stand-in would have written on ${field}`"
                  >or try the stand-in's</a
                ></template
              >
            </div>
            <v-btn
              v-if="planner"
              icon
              size="x-small"
              variant="text"
              :aria-label="`Take out ${field}, ${about}`"
              @click="correct(entry.id, `${field}, ${about}`, 'WITHDRAWN')"
              ><v-icon :icon="mdiDeleteOutline"
            /></v-btn>
          </li>
        </ol>
      </section>
    </div>
    <AppliedDialog v-model="mapOpen" :entry-id="mapOf" />
  </div>
</template>

<style scoped>
.try {
  font-size: 0.84rem;
  margin-left: 12px;
}
.bring {
  font-size: 0.84rem;
  color: rgb(var(--v-theme-primary));
  cursor: pointer;
  text-decoration: underline;
}
.bring input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
.bring:focus-within {
  outline: 3px solid rgb(var(--v-theme-primary));
}
.both {
  display: grid;
  grid-template-columns: 430px 1fr;
  gap: 18px;
  align-items: start;
}
.side {
  position: sticky;
  top: 66px;
}
.head {
  display: flex;
  align-items: center;
  gap: 14px;
  justify-content: space-between;
}
.find {
  max-width: 240px;
}
ol {
  list-style: none;
  margin: 8px 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 132px 1fr auto;
  gap: 8px;
  padding: 7px 0;
  border-bottom: 1px solid var(--hair);
}
.small {
  font-size: 0.88rem;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
  .side {
    position: static;
  }
  li {
    grid-template-columns: 1fr auto;
  }
  .when {
    grid-column: 1 / -1;
  }
}
</style>

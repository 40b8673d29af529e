<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { computed, onBeforeUnmount, reactive, ref, shallowRef, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { area, areaUnit, length, lengthUnit, mass, massUnit, number, rate, rateUnit, wind } from '../../format/units'
import { figure } from '../../parts/act'
import { useFields, useFlightPlan, useMachines, useRefresh } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import MachineTabs from '../../parts/MachineTabs.vue'
import FlightDrawing from './FlightDrawing.vue'
import FigureField from '../../parts/FigureField.vue'

const route = useRoute()
const router = useRouter()
const refresh = useRefresh()
const fieldId = computed(() => String(route.params.fieldId ?? ''))
const { data: fields } = useFields()
const { data: machines } = useMachines()
const drones = computed(() => (machines.value ?? []).filter((m) => m.kind === 'DRONE'))
const flyable = computed(() => (fields.value ?? []).filter((f) => f.chain.some((l) => l.cover)))
const byDrone = computed(() => flyable.value.filter((f) => f.chain.some((l) => l.cover?.way === 'DRONE')))
const machineId = ref('')
watch(drones, (all) => (machineId.value ||= all[0]?.id ?? ''), { immediate: true })
watch(
  [flyable, fieldId],
  () => {
    const first = byDrone.value[0] ?? flyable.value[0]
    if (!fieldId.value && first) void router.replace({ name: 'flight', params: { fieldId: first.field.id } })
  },
  { immediate: true },
)

const fieldName = computed(() => flyable.value.find((f) => f.field.id === fieldId.value)?.field.name ?? 'the field')

const ask = reactive({ pass: 1, bearing: '', marginFt: '0' })
const home = ref<[number, number] | null>(null)
const placing = ref(false)
watch(fieldId, () => {
  ask.pass = 1
  home.value = null
})
const query = computed(() => ({
  pass: ask.pass,
  bearing: figure(ask.bearing),
  marginFt: figure(ask.marginFt) ?? 0,
  longitude: home.value?.[0],
  latitude: home.value?.[1],
}))
const { data: answered, error } = useFlightPlan(fieldId, machineId, query)
// The plan shown last stays while the next is worked out, or refused: the form must not go from under the fingers.
const plan = shallowRef<Schemas['PlanView']>()
watch([fieldId, machineId], () => (plan.value = undefined))
watch(answered, (fresh) => fresh && (plan.value = fresh), { immediate: true })
const file = (format: string) =>
  `/api/v1/flight/plans/${fieldId.value}/${machineId.value}/file?${new URLSearchParams(
    Object.entries({ ...query.value, format })
      .filter(([, v]) => v !== undefined)
      .map(([k, v]) => [k, String(v)]),
  )}`

const run = ref<Schemas['RunView'] | null>(null)
const windMph = ref('6')
const faster = ref(60)
const problem = ref<Refused | ''>('')
let watching: EventSource | null = null

function watchRun(id: string) {
  watching?.close()
  watching = new EventSource(`/api/v1/flight/runs/${id}/events`)
  watching.addEventListener('flight', (e) => {
    run.value = JSON.parse((e as MessageEvent).data)
    if (run.value?.done) watching?.close()
  })
}
onBeforeUnmount(() => watching?.close())

watch(
  fieldId,
  async (id) => {
    watching?.close()
    run.value = null
    if (!id) return
    const all = await got(api.GET('/api/v1/flight/runs')).catch(() => [])
    const mine = all.find((r) => r.fieldId === id)
    if (mine) {
      run.value = mine
      if (!mine.done && !mine.paused) watchRun(mine.id)
    }
  },
  { immediate: true },
)

async function act(asked: () => Promise<Schemas['RunView']>) {
  problem.value = ''
  try {
    run.value = await asked()
    if (!run.value.done && !run.value.paused) watchRun(run.value.id)
    else watching?.close()
  } catch (e) {
    problem.value = e as Refused
  }
}
const start = () =>
  act(() =>
    got(
      api.POST('/api/v1/flight/runs', {
        body: {
          fieldId: fieldId.value,
          machineId: machineId.value,
          pass: ask.pass,
          bearing: query.value.bearing,
          marginFt: query.value.marginFt,
          homeLongitude: query.value.longitude,
          homeLatitude: query.value.latitude,
          windMph: Number(windMph.value),
          timesFaster: faster.value,
        },
      }),
    ),
  )
const pause = () =>
  act(() => got(api.POST('/api/v1/flight/runs/{id}/pause', { params: { path: { id: run.value!.id } } })))
const resume = () =>
  act(() => got(api.POST('/api/v1/flight/runs/{id}/resume', { params: { path: { id: run.value!.id } } })))
async function log() {
  await act(() => got(api.POST('/api/v1/flight/runs/{id}/log', { params: { path: { id: run.value!.id } } })))
  await refresh.all()
}
const doing: Record<string, string> = {
  FERRY: 'on the way',
  SPREADING: 'spreading',
  TURNING: 'turning',
  REFILLING: 'refilling',
  HOLDING_FOR_WIND: 'holding for wind',
  LANDED: 'landed',
}
const share = computed(() => (run.value ? (run.value.seconds / run.value.totalSeconds) * 100 : 0))

function placed(at: [number, number]) {
  home.value = at
  placing.value = false
}
</script>

<template>
  <div class="page">
    <MachineTabs />
    <div class="head">
      <h1>Flight plan</h1>
      <v-autocomplete
        class="pick"
        label="Field"
        :items="flyable.map((f) => ({ value: f.field.id, title: f.field.name }))"
        :model-value="fieldId"
        auto-select-first
        @update:model-value="$event && router.push({ name: 'flight', params: { fieldId: $event } })"
      />
      <v-select
        v-if="drones.length"
        v-model="machineId"
        class="pick"
        label="Drone"
        :items="drones.map((m) => ({ value: m.id, title: m.name }))"
      />
      <p v-else-if="machines" class="quiet">No drone yet. <router-link to="/machines">Add one</router-link></p>
    </div>
    <Refusal :says="error || problem" />
    <p v-if="!plan && !error && fieldId && machineId" class="working" role="status">
      Working out the flight over {{ fieldName }} …
    </p>
    <div v-if="plan" class="both" :aria-busy="!answered">
      <FlightDrawing :plan="plan" :run="run" :placing="placing" @placed="placed" />
      <div>
        <v-card class="pa-4 mb-3">
          <h2>{{ plan.seed }}: {{ plan.flights.length }} flights, {{ number(plan.dayHours, 1) }} h</h2>
          <dl class="three">
            <div>
              <dt>Spread</dt>
              <dd>{{ mass(plan.pounds) }} {{ massUnit }}</dd>
            </div>
            <div>
              <dt>over</dt>
              <dd>{{ area(plan.flownAcres, 1) }} {{ areaUnit }}</dd>
            </div>
            <div>
              <dt>Left out for hazards</dt>
              <dd>{{ area(plan.leftOutAcres, 1) }} {{ areaUnit }}</dd>
            </div>
            <div>
              <dt>Lines</dt>
              <dd>{{ plan.lines }}</dd>
            </div>
            <div>
              <dt>Apart</dt>
              <dd>{{ length(plan.apartFt, 1) }} {{ lengthUnit }}</dd>
            </div>
            <div>
              <dt>Bearing</dt>
              <dd>{{ number(plan.bearing) }}°</dd>
            </div>
          </dl>
          <p class="quiet small">
            {{ rate(plan.rate) }} {{ rateUnit }} bulk. Fill at {{ plan.filling }}.
            {{
              plan.hazards.length
                ? `Keeps clear of ${plan.hazards.map((h) => h.name || h.words).join(', ')}.`
                : 'No hazards are marked here: look for wires and people before every flight.'
            }}
          </p>
          <div class="form">
            <v-select
              v-if="plan.passes.length > 1"
              v-model="ask.pass"
              label="Pass"
              :items="plan.passes.map((p, i) => ({ value: i + 1, title: `${i + 1}: ${p}` }))"
            />
            <NumberField
              v-model="ask.bearing"
              label="Direction"
              placeholder="fewest turns"
              persistent-placeholder
              suffix="°"
            />
            <FigureField v-model="ask.marginFt" label="Kept from the edge" unit="FOOT" />
            <v-btn variant="tonal" color="primary" :aria-pressed="placing" @click="placing = !placing">{{
              placing ? 'Tap the drawing' : 'Move the filling place'
            }}</v-btn>
          </div>
          <p class="files">
            <a :href="file('geojson')" download="flight-plan.geojson">GeoJSON</a
            ><a :href="file('kml')" download="flight-plan.kml">KML</a
            ><a :href="`/api/v1/work-orders/${fieldId}/${machineId}`" download="work-order.pdf">Work order (PDF)</a>
          </p>
        </v-card>
        <v-card class="pa-4" aria-label="Flight">
          <h2>Fly it with the stand-in</h2>
          <div v-if="!run || run.done" class="form">
            <FigureField v-model="windMph" label="Wind" unit="MILE_PER_HOUR" />
            <v-select
              v-model="faster"
              label="How fast"
              :items="[
                { value: 1, title: 'as it flies' },
                { value: 60, title: '60 times faster' },
                { value: 600, title: '600 times faster' },
                { value: 3600, title: 'an hour in a second' },
              ]"
            />
            <v-btn v-if="planner" color="primary" @click="start">Start the flight</v-btn>
          </div>
          <template v-if="run">
            <p role="status" class="live">
              <b>{{
                run.done
                  ? 'Landed'
                  : run.paused
                    ? 'Paused'
                    : `Flight ${run.now.flight} of ${run.flights}, ${doing[run.now.doing]}`
              }}</b>
              <span class="figures">{{ mass(run.pounds) }} of {{ mass(run.plannedPounds) }} {{ massUnit }}</span>
            </p>
            <v-progress-linear
              :model-value="share"
              height="10"
              color="secondary"
              :aria-label="`Flown ${number(share)} %`"
            />
            <p class="quiet small figures">
              battery {{ number(run.now.batteryPercent) }} % · wind {{ wind(run.now.windMph) }} ·
              {{ number(run.seconds / 3600, 1) }} of {{ number(run.totalSeconds / 3600, 1) }} h
            </p>
            <div v-if="planner" class="acts">
              <v-btn v-if="!run.done && !run.paused" variant="tonal" @click="pause">Pause</v-btn
              ><v-btn v-if="run.paused" variant="tonal" @click="resume">Go on</v-btn>
              <v-btn v-if="run.done && !run.entryId" color="primary" @click="log">Write it in the logbook</v-btn>
              <router-link v-if="run.entryId" :to="{ name: 'logbook', query: { map: run.entryId } }"
                >See what was laid where</router-link
              >
            </div>
          </template>
          <ul class="cautions">
            <li v-for="c in plan.cautions" :key="c">{{ c }}</li>
          </ul>
        </v-card>
      </div>
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  margin-bottom: 8px;
}
.pick {
  max-width: 260px;
  min-width: 220px;
}
.both {
  display: grid;
  grid-template-columns: 1.35fr 1fr;
  gap: 14px;
  align-items: start;
}
.three {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px 12px;
  margin: 0 0 6px;
}
dt {
  font-size: 0.8rem;
  color: var(--quiet);
}
dd {
  margin: 0;
  font-family: var(--figures);
  font-size: 1.2rem;
  font-weight: 600;
}
h2::first-letter {
  text-transform: uppercase;
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: center;
  margin: 8px 0;
}
.working {
  padding: 20px;
  border: 1px dashed var(--hair);
  min-height: 60vh;
}
.files {
  display: flex;
  gap: 16px;
  margin: 8px 0 0;
}
.small {
  font-size: 0.88rem;
}
.acts {
  display: flex;
  gap: 10px;
  align-items: center;
}
.live {
  margin: 6px 0;
}
.cautions {
  border-left: 3px solid var(--ochre);
  padding-left: 22px;
  font-size: 0.88rem;
  margin: 12px 0 0;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
  /* The figures first; the drawing beneath them can be moved. */
  .both > :first-child {
    order: 1;
  }
}
</style>

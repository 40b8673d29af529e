<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import {
  area,
  areaUnit,
  bulk,
  bulkUnit,
  density,
  densityUnit,
  length,
  lengthUnit,
  mass,
  massUnit,
  number,
  perArea,
  perAreaUnit,
  read,
  rate,
  rateUnit,
} from '../../format/units'
import { figure } from '../../parts/act'
import { useFields, useMachines, useSetUpSheet, useWaysIn } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import MachineTabs from '../../parts/MachineTabs.vue'
import LoadStrip from './LoadStrip.vue'
import FigureField from '../../parts/FigureField.vue'
import type { Series } from '../../parts/ChartBox.vue'

const ChartBox = defineAsyncComponent(() => import('../../parts/ChartBox.vue'))

const route = useRoute()
const router = useRouter()
const fieldId = computed(() => String(route.params.fieldId ?? ''))
const { data: fields } = useFields()
const { data: machines } = useMachines()
const withCover = computed(() => (fields.value ?? []).filter((f) => f.chain.some((l) => l.cover)))
watch(
  [withCover, fieldId],
  () => {
    if (!fieldId.value && withCover.value[0])
      void router.replace({ name: 'loads', params: { fieldId: withCover.value[0].field.id } })
  },
  { immediate: true },
)

const { data: ways, error: waysError } = useWaysIn(fieldId)
const machineId = ref('')
let machineOf = ''
watch(
  [ways, fieldId],
  ([all, field]) => {
    const planned = all?.find((w) => w.planned) ?? all?.[0]
    if (!planned) return
    if (machineOf !== field || !all?.some((w) => w.machineId === machineId.value)) machineId.value = planned.machineId
    machineOf = field
  },
  { immediate: true },
)
const machine = computed(() => machines.value?.find((m) => m.id === machineId.value))

type Setup = Schemas['MachineSetup']
const tried = reactive<Record<string, unknown>>({})
const rateFactor = ref(1)
const changed = ref(false)
watch(
  machine,
  (m) => {
    for (const key of Object.keys(tried)) delete tried[key]
    if (m) Object.assign(tried, m.setup)
    rateFactor.value = 1
    changed.value = false
  },
  { immediate: true },
)
const { data: sheet } = useSetUpSheet(machine)
const parts = computed(() =>
  (sheet.value ?? [])
    .filter((g) => g.changesLoads)
    .flatMap((g) => g.figures)
    .filter((p) => machine.value?.setup[p.key as keyof Setup] !== undefined),
)

const loads = ref<Schemas['LoadsView'] | null>(null)
const problem = ref<Refused | ''>('')
let round = 0
async function ask() {
  if (!fieldId.value || !machineId.value) return
  const mine = ++round
  const setup: Record<string, unknown> = { ...machine.value?.setup }
  if (changed.value) for (const part of parts.value) setup[part.key] = figure(tried[part.key])
  try {
    const answer = await got(
      api.POST('/api/v1/loads', {
        body: {
          fieldId: fieldId.value,
          machineId: machineId.value,
          setup: changed.value ? (setup as Setup) : undefined,
          rateFactor: rateFactor.value,
        },
      }),
    )
    if (mine === round) [loads.value, problem.value] = [answer, '']
  } catch (e) {
    if (mine === round) problem.value = e as Refused
  }
}
let timer: ReturnType<typeof setTimeout> | undefined
onBeforeUnmount(() => clearTimeout(timer))
watch(
  [fieldId, machineId, rateFactor, tried],
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => void ask(), 150)
  },
  { deep: true, immediate: true },
)

function change(key: string, value: unknown) {
  tried[key] = value
  changed.value = true
}
function asItIs() {
  if (machine.value) Object.assign(tried, machine.value.setup)
  rateFactor.value = 1
  changed.value = false
}
const cents = (dollars?: number) => (dollars === undefined ? '' : '$' + number(dollars, 3))
const prices = computed<Series[]>(() => {
  const curve = loads.value?.price.curve ?? []
  const line = (label: string, color: string, of: (p: Schemas['PricePoint']) => number): Series => ({
    label,
    color,
    points: curve.map((p) => ({ x: read(p.lbAc, 'POUND_PER_ACRE'), y: read(of(p), 'DOLLAR_PER_ACRE') })),
  })
  return curve.length
    ? [line('by the acre', '--flax', (p) => p.byAcre), line('by the hour', '--ochre', (p) => p.byHour)]
    : []
})
</script>

<template>
  <div class="page">
    <MachineTabs />
    <div class="head">
      <h1>Loads and price</h1>
      <v-autocomplete
        class="pick"
        label="Field"
        :items="withCover.map((f) => ({ value: f.field.id, title: f.field.name }))"
        :model-value="fieldId"
        auto-select-first
        @update:model-value="$event && router.push({ name: 'loads', params: { fieldId: $event } })"
      />
      <p v-if="loads" class="about">
        {{ loads.cover }} on <span class="figures">{{ area(loads.acres, 1) }} {{ areaUnit }}</span
        >, runs of <span class="figures">{{ length(loads.runFeet) }} {{ lengthUnit }}</span>
      </p>
    </div>
    <Refusal :says="waysError" />
    <section v-if="ways" aria-label="Ways in compared">
      <table class="plain ways">
        <thead>
          <tr>
            <th>Machine and way in</th>
            <th>Opens</th>
            <th class="n">in time</th>
            <th class="n">bulk {{ rateUnit }}</th>
            <th class="n">loads</th>
            <th class="n">hours</th>
            <th class="n">seed {{ perAreaUnit }}</th>
            <th class="n">pass</th>
            <th class="n">together</th>
            <th class="n">plants {{ densityUnit }}</th>
            <th class="n">$ per 1,000 plants</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="w in ways"
            :key="w.machineId"
            :class="{ here: w.machineId === machineId, off: !!w.impossible || !w.likely }"
          >
            <td>
              <button
                type="button"
                class="choose"
                :aria-pressed="w.machineId === machineId"
                @click="machineId = w.machineId"
              >
                <b>{{ w.machine }}</b><span class="quiet">{{ w.wayWords }}</span>
              </button>
              <span v-if="w.cheapest" class="tag best">cheapest by what comes up</span
              ><span v-if="w.planned" class="tag">the plan</span>
            </td>
            <template v-if="w.impossible"
              ><td colspan="10" class="trouble">Not possible: {{ w.impossible }}</td></template
            >
            <template v-else>
              <td class="figures when">{{ short(w.opens) }}</td>
              <td class="n" :class="{ trouble: !w.likely }">{{ w.chancePercent }} %</td>
              <td class="n">{{ rate(w.bulkRate) }}</td>
              <td class="n">{{ w.loads }}</td>
              <td class="n">{{ number(w.hours, 1) }}</td>
              <td class="n">{{ perArea(w.seedPerAcre) }}</td>
              <td class="n">{{ perArea(w.passPerAcre) }}</td>
              <td class="n">
                <b>{{ perArea(w.perAcre) }}</b>
              </td>
              <td class="n">{{ density(w.plantsPerSquareFoot) }}</td>
              <td class="n">{{ cents(w.perThousandPlants) }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </section>
    <div class="both">
      <v-card v-if="loads" class="pa-4" aria-label="Loads" aria-live="polite">
        <div class="head">
          <h2>{{ loads.machine }}: {{ number(loads.hours, 1) }} h, {{ mass(loads.poundsInAll) }} {{ massUnit }}</h2>
          <a :href="`/api/v1/work-orders/${fieldId}/${machineId}`" download="work-order.pdf">Work order (PDF)</a>
        </div>
        <Refusal :says="problem" />
        <div v-for="(p, i) in loads.passes" :key="p.seed" class="pass">
          <h3>{{ loads.passes.length > 1 ? `Pass ${i + 1}: ` : '' }}{{ p.seed }}</h3>
          <p v-if="p.impossible" class="trouble big">Not possible: {{ p.impossible }}.</p>
          <template v-else>
            <dl class="four">
              <div>
                <dt>Loads</dt>
                <dd>{{ p.loads }}</dd>
              </div>
              <div>
                <dt>A load</dt>
                <dd>{{ mass(p.loadPounds) }} {{ massUnit }}</dd>
              </div>
              <div>
                <dt>goes</dt>
                <dd>{{ area(p.acresPerLoad, 1) }} {{ areaUnit }}</dd>
              </div>
              <div>
                <dt>Last load</dt>
                <dd>{{ mass(p.lastPounds) }} {{ massUnit }}</dd>
              </div>
              <div>
                <dt>Pace</dt>
                <dd>{{ area(p.acresPerHour, 1) }} {{ areaUnit }}/h</dd>
              </div>
              <div>
                <dt>Hours</dt>
                <dd>{{ number(p.hours, 1) }}</dd>
              </div>
              <div>
                <dt>Load to load</dt>
                <dd>{{ number(p.minutesPerLoad, 1) }} min</dd>
              </div>
              <div>
                <dt>Held back by</dt>
                <dd class="words">{{ p.limits }}</dd>
              </div>
            </dl>
            <LoadStrip :pass="p" :acres="loads.acres" />
            <p class="quiet small">
              {{ rate(p.bulkRate) }} {{ rateUnit }} bulk at {{ bulk(p.poundsPerCubicFoot) }} {{ bulkUnit
              }}<template v-for="n in p.needs" :key="n.what">; {{ n.what }}: {{ n.count }}</template
              ><template v-for="n in p.notes" :key="n">; {{ n }}</template
              >.
            </p>
          </template>
        </div>
        <p v-if="loads.unloadsPerFill !== undefined">
          Fill the seed box at every <b class="figures">{{ loads.unloadsPerFill || 'single' }}</b> grain unload{{
            (loads.unloadsPerFill ?? 0) > 1 ? 's' : ''
          }}
          (a tank of grain is {{ area(loads.acresPerUnload ?? 0, 1) }} {{ areaUnit }}).
        </p>
        <ul v-if="loads.cautions.length">
          <li v-for="c in loads.cautions" :key="c" class="trouble">{{ c }}</li>
        </ul>
        <ol v-if="loads.steps.length">
          <li v-for="s in loads.steps" :key="s.what">
            {{ s.what }}<template v-if="s.afterDays"> after {{ s.afterDays }}–{{ s.withinDays }} days</template
            ><template v-if="s.hours">, {{ number(s.hours, 1) }} h</template>
          </li>
        </ol>
        <h3>Price of the pass here</h3>
        <dl class="four">
          <div v-if="loads.price.own !== undefined">
            <dt>Own cost</dt>
            <dd>{{ perArea(loads.price.own) }}</dd>
          </div>
          <div v-if="loads.price.byAcre !== undefined">
            <dt>By the acre</dt>
            <dd>{{ perArea(loads.price.byAcre) }}</dd>
          </div>
          <div v-if="loads.price.byHour !== undefined">
            <dt>By the hour</dt>
            <dd>{{ perArea(loads.price.byHour) }}</dd>
          </div>
          <div v-if="loads.price.rented !== undefined">
            <dt>Rented</dt>
            <dd>{{ perArea(loads.price.rented) }}</dd>
          </div>
          <div>
            <dt>You pay, {{ perAreaUnit }}</dt>
            <dd class="pay">{{ perArea(loads.price.pass) }}</dd>
          </div>
        </dl>
        <p v-if="loads.price.crossingLbAc !== undefined" class="quiet small">
          Above {{ rate(loads.price.crossingLbAc) }} {{ rateUnit }} bulk the hour costs more than the acre here.
        </p>
        <p v-else-if="loads.price.byHour !== undefined && loads.price.byAcre !== undefined" class="quiet small">
          The two prices never cross between {{ rate(1, 0) }} and {{ rate(200, 0) }} {{ rateUnit }} here.
        </p>
        <ChartBox
          v-if="prices.length"
          title="Price by the acre and by the hour"
          :x-label="`${rateUnit} bulk`"
          :y-label="perAreaUnit"
          :series="prices"
        />
      </v-card>
      <v-card v-if="machine" class="pa-4" aria-label="What if">
        <div class="head">
          <h2>What if</h2>
          <v-btn v-if="changed || rateFactor !== 1" size="small" variant="text" color="primary" @click="asItIs"
            >As it is</v-btn
          >
        </div>
        <p class="quiet small">Tried here only; the machine itself stays as it is.</p>
        <label class="slide"
          >Rate: <b class="figures">{{ number(rateFactor * 100) }} %</b> of the plan<input
            v-model.number="rateFactor"
            type="range"
            min="0.4"
            max="2"
            step="0.05"
            aria-label="Rate, share of the plan"
        /></label>
        <div class="form">
          <FigureField
            v-for="p in parts"
            :key="p.key"
            :model-value="tried[p.key] ?? ''"
            :label="p.words"
            :unit="p.unit"
            @update:model-value="change(p.key, $event)"
          />
        </div>
      </v-card>
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
  justify-content: space-between;
}
.head h1 {
  margin-right: auto;
}
.pick {
  max-width: 260px;
  min-width: 220px;
}
.about {
  margin: 0;
}
.ways {
  margin-bottom: 14px;
}
.ways td,
.ways th {
  padding: 3px 6px;
}
.ways tr.here td {
  background: color-mix(in srgb, var(--flax) 10%, transparent);
}
.ways tr.off b {
  font-weight: 400;
}
.choose {
  background: none;
  border: 0;
  color: inherit;
  text-align: left;
  cursor: pointer;
  padding: 4px 0;
  display: inline-flex;
  gap: 8px;
  flex-wrap: wrap;
  min-height: 32px;
  align-items: center;
}
.tag {
  font-size: 0.78rem;
  border: 1px solid var(--hair);
  border-radius: 9px;
  padding: 0 7px;
  margin-left: 6px;
  white-space: nowrap;
}
td.when {
  white-space: nowrap;
}
.tag.best {
  border-color: var(--sage);
}
.both {
  display: grid;
  grid-template-columns: 1.7fr 1fr;
  gap: 14px;
  align-items: start;
}
.four {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 6px 12px;
  margin: 0 0 8px;
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
dd.words {
  font-size: 1.02rem;
}
.pay {
  font-size: 1.45rem;
}
h3 {
  font-size: 1rem;
  margin: 6px 0 4px;
}
h3::first-letter {
  text-transform: uppercase;
}
.small {
  font-size: 0.88rem;
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
.slide {
  display: block;
  margin-bottom: 12px;
}
.slide input {
  display: block;
  width: 100%;
  min-height: 32px;
  accent-color: var(--flax);
}
.big {
  font-weight: 700;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
  .ways {
    display: block;
    overflow-x: auto;
  }
  .four {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>

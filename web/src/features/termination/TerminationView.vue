<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useTermination, usePlantBack, useRefresh } from '../../api/resources'
import { timescale } from '../../draw/timescale'
import { dayNumber, isoDay, long, range, short } from '../../format/dates'
import { matter, rateUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { planner } from '../../session'
import DayField from '../../parts/DayField.vue'
import TimeAxis from '../../lane/TimeAxis.vue'
import LearntCard from './LearntCard.vue'
import StemMark from './StemMark.vue'
import TradeOff from './TradeOff.vue'
import MethodStrips from './MethodStrips.vue'
import MethodTable from './MethodTable.vue'

/** Every living cover and its ways of ending, what closes first on top. */
type Row = Schemas['TerminationRow']
const { data: sheet, error } = useTermination()
const { data: plantBack } = usePlantBack()
const refresh = useRefresh()
const { problem, busy, act } = useAct()
const keyOf = (r: Row) => r.fieldId + (r.zoneId ?? '')
const open = ref('')
const picked = ref<string[]>([])
const told = ref<{ field: string; refused?: string }[]>([])
const hovered = ref<Row>()
const day = ref(0)
watch(
  () => sheet.value?.today,
  (today) => today && (day.value = dayNumber(today)),
  { immediate: true },
)
const start = computed(() => (sheet.value ? dayNumber(sheet.value.from) : 0))
const axis = computed(() => timescale(start.value, start.value + (sheet.value?.days ?? 1), width.value))
const width = ref(600)
const head = ref<HTMLElement>()
const observer = new ResizeObserver(
  () => head.value && (width.value = Math.max(120, head.value.clientWidth - BRIEFS)),
)
watch(head, (el) => el && observer.observe(el))

const chosen = (r: Row) => r.terminations.find((x) => x.answer.chosen)?.answer
const first = computed(() => sheet.value?.rows[0])
const soon = computed(() => {
  const within = (sheet.value?.rows ?? []).filter(
    (r) => r.closes && dayNumber(r.closes) - dayNumber(sheet.value!.today) <= 10,
  )
  return within.length
})
const offset = computed(() => day.value - start.value)
const chances = (r: Row) =>
  r.terminations
    .filter((x) => x.chances.length)
    .map((x) => `${x.answer.words} ${x.chances[offset.value] ?? 0} %`)
    .join(', ')
function point(event: PointerEvent) {
  const box = (event.currentTarget as Element).getBoundingClientRect()
  const at = (event.clientX - box.left - BRIEFS) / (box.width - BRIEFS)
  day.value = Math.round(start.value + Math.max(0, Math.min(0.999, at)) * (sheet.value?.days ?? 1) - 0.5)
}
const over = (r: Row) => !!r.closes && r.closes < sheet.value!.today
const routes = computed(
  () => first.value?.terminations.map((r) => ({ value: r.answer.termination, title: r.answer.words })) ?? [],
)
async function end(termination: Schemas['TerminationForm']['termination'], rows: Row[]) {
  const fields = rows.map((r) => ({ fieldId: r.fieldId, zoneId: r.zoneId, version: r.version }))
  const done = await act(async () => {
    told.value = (await got(api.PUT('/api/v1/termination/chosen', { body: { termination, fields } }))).filter(
      (k) => k.refused,
    )
  })
  if (done) await refresh.all()
}
const every = ref(false)
const planting = ref('')
async function plantOn(on: string, rows: Row[]) {
  const fields = rows.map((r) => ({ fieldId: r.fieldId, zoneId: r.zoneId }))
  const done = await act(async () => {
    told.value = (await got(api.PUT('/api/v1/termination/planting', { body: { day: on, fields } }))).filter(
      (k) => k.refused,
    )
  })
  if (done) {
    planting.value = ''
    await refresh.all()
  }
}
/** Ways whose plan has a name of its own. */
const PLANS: Partial<Record<Row['termination'], string>> = {
  ROLL: 'Roll plan and work order',
  ROLL_AFTER: 'Roll plan and work order',
  ROLL_AND_SPRAY: 'Roll plan and work order',
  PLANT_GREEN: 'Planting green: checklist and work order',
}
/** Width of the words before the strips. */
const BRIEFS = 76
const broken = (r: Row) => r.limits.filter((l) => l.says)
const many = computed(() => (sheet.value?.rows ?? []).filter((r) => picked.value.includes(keyOf(r))))
</script>

<template>
  <div class="page ending">
    <h1>Termination</h1>
    <Refusal :says="error || problem" />
    <template v-if="sheet">
      <p class="says" aria-live="polite">
        <template v-if="first">
          {{ sheet.rows.length }} {{ sheet.rows.length === 1 ? 'cover lives' : 'covers live' }};
          {{ soon ? `${soon} ${soon === 1 ? 'closes' : 'close'} within ten days` : 'none closes within ten days' }}.
          First <b>{{ first.field }}</b>: {{ chosen(first)?.words
          }}<template v-if="chosen(first)?.aim">, about {{ short(chosen(first)?.aim) }}</template
          ><template v-if="first.closes">; closes {{ short(first.closes) }}</template
          >.
        </template>
        <template v-else>No cover lives that has to be ended.</template>
      </p>
      <div v-if="sheet.rows.length" class="tools">
        <span class="quiet"
          ><span class="key planter" /> planting planned <span class="key seed" /> first viable seed, one year of ten
          <span class="key chosen" /> the way chosen <span class="key limit" /> insurer or programme</span
        >
        <label class="every"><input v-model="every" type="checkbox" /> a strip for every way</label>
        <template v-if="planner && many.length">
          <b>{{ many.length }} picked:</b>
          <v-select
            class="pick"
            label="End them by"
            :items="routes"
            :model-value="null"
            :loading="busy"
            density="compact"
            hide-details
            @update:model-value="(r: Schemas['TerminationForm']['termination'] | null) => r && end(r, many)"
          />
          <DayField v-model="planting" class="pick" label="Plant after them on" />
          <v-btn :disabled="!planting || busy" variant="outlined" @click="plantOn(planting, many)">Set the day</v-btn>
        </template>
      </div>
      <LearntCard />
      <p v-for="t in told" :key="t.field" class="trouble" role="alert">{{ t.field }}: {{ t.refused }}</p>
      <p v-if="plantBack?.length" class="quiet small">
        By your labels, from spraying to planting:
        <template v-for="(p, i) in plantBack" :key="p.product + p.corn"
          >{{ i ? '; ' : '' }}{{ p.corn ? 'corn' : 'soybeans' }} {{ p.days }} days ({{ p.product }})</template
        >.
      </p>
      <div v-if="sheet.rows.length" class="sheet" role="table" aria-label="Covers to end">
        <div class="row top" role="row">
          <span role="columnheader"><span class="sr">Pick</span></span>
          <span role="columnheader">Cover</span>
          <span role="columnheader">Stands</span>
          <div ref="head" role="columnheader" aria-label="Days" class="axis">
            <TimeAxis :scale="axis" />
          </div>
          <span role="columnheader">Ends</span>
        </div>
        <template v-for="r in sheet.rows" :key="keyOf(r)">
          <div class="row" role="row">
            <span role="cell"
              ><input v-model="picked" type="checkbox" :value="keyOf(r)" :aria-label="`Pick ${r.field}`"
            /></span>
            <div role="cell">
              <button
                type="button"
                class="name"
                :aria-expanded="open === keyOf(r)"
                @click="open = open === keyOf(r) ? '' : keyOf(r)"
              >
                {{ r.field }}
              </button>
              <div class="quiet small">{{ r.cover }}<template v-if="r.organic"> · organic</template></div>
              <div class="quiet small">
                {{ r.next.toLowerCase() }} {{ short(r.planterDay)
                }}<template v-if="r.deadBy">, dead by {{ short(r.deadBy) }}</template>
              </div>
              <div v-for="s in r.stages" :key="s.species" class="small stage">
                <StemMark :stems="s.stems" /> {{ s.stems }} % {{ s.words
                }}<template v-if="r.stages.length > 1">, {{ s.species.toLowerCase() }}</template>
              </div>
            </div>
            <div role="cell" class="figures">
              <template v-if="r.mat">{{ matter(r.mat.middle) }} {{ rateUnit }}</template>
              <div class="quiet small">{{ r.enough }} % for {{ matter(r.leastLbAc) }}</div>
            </div>
            <div role="cell">
              <div
                class="strip"
                role="slider"
                tabindex="0"
                :aria-label="`Read a day of ${r.field}`"
                :aria-valuemin="start"
                :aria-valuemax="start + sheet.days - 1"
                :aria-valuenow="day"
                :aria-valuetext="`${long(isoDay(day))}: ${chances(r)}`"
                @pointermove="((hovered = r), point($event))"
                @pointerdown="((hovered = r), point($event))"
                @focus="hovered = r"
                @keydown.left.prevent="day = Math.max(start, day - 1)"
                @keydown.right.prevent="day = Math.min(start + sheet.days - 1, day + 1)"
              >
                <MethodStrips :row="r" :from="sheet.from" :days="sheet.days" :day="offset" :every="every" />
              </div>
            </div>
            <div role="cell">
              <v-select
                v-if="planner"
                :model-value="r.termination"
                :items="
                  r.terminations.map((x) => ({
                    value: x.answer.termination,
                    title: x.answer.words,
                    props: { disabled: !!x.answer.impossible },
                  }))
                "
                :aria-label="`How ${r.field} ends`"
                density="compact"
                hide-details
                @update:model-value="(termination: Row['termination']) => end(termination, [r])"
              />
              <span v-else>{{ chosen(r)?.words }}</span>
              <div class="small">
                <template v-if="chosen(r)?.impossible"
                  ><span class="trouble">{{ chosen(r)?.impossible }}</span></template
                >
                <template v-else
                  ><b v-if="over(r)" class="trouble">closed {{ short(r.closes) }}; open was </b
                  >{{ range(chosen(r)?.opens.middle, chosen(r)?.closes.middle)
                  }}<template v-if="chosen(r)?.killLow !== undefined"
                    >, kill {{ chosen(r)?.killLow }}–{{ chosen(r)?.killHigh }} %</template
                  ></template
                >
                <div v-for="l in broken(r)" :key="l.name" class="trouble">{{ l.says }}</div>
              </div>
            </div>
          </div>
          <div v-if="open === keyOf(r)" class="opened">
            <p class="links">
              <router-link
                v-if="!r.organic"
                :to="{ name: 'spray', params: { fieldId: r.fieldId }, query: { zone: r.zoneId } }"
                >Herbicide plan</router-link
              >
              <router-link :to="{ name: 'growth', params: { fieldId: r.fieldId }, query: { zone: r.zoneId } }"
                >How it grows and what it leaves</router-link
              >
              <router-link
                :to="{
                  name: 'hours',
                  query: { field: r.fieldId, work: chosen(r)?.termination === 'ROLL' ? 'ROLL' : 'SPRAY' },
                }"
                >Hours to roll and to spray</router-link
              >
              <router-link
                :to="{ name: 'termination-plan', params: { fieldId: r.fieldId }, query: { zone: r.zoneId } }"
                >{{ PLANS[r.termination] ?? 'Plan and work order' }}</router-link
              >
            </p>
            <TradeOff :field-id="r.fieldId" :zone="r.zoneId" />
            <div v-if="planner" class="plants">
              <template v-if="r.cropEntered">
                <DayField
                  :model-value="r.planterDay"
                  :label="`${r.next} planted on`"
                  @settled="(on: string) => on && on !== r.planterDay && plantOn(on, [r])"
                />
                <span class="quiet">Another day redraws every strip and the money.</span>
              </template>
              <span v-else class="quiet"
                >No crop is entered after this cover; {{ r.next.toLowerCase() }} on {{ short(r.planterDay) }} is
                taken. <router-link to="/fields?view=crops">Enter it</router-link></span
              >
            </div>
            <MethodTable
              :field-id="r.fieldId"
              :zone="r.zoneId"
              :planner="planner"
              @take="(route) => end(route, [r])"
            />
            <p class="quiet">
              The label is the law where herbicide is used; insurers and programmes have latest dates of their own:
              ask your agent before you plant green or wait. Stand clear of rollers; keep grazing and feeding days by
              the label.
            </p>
          </div>
        </template>
      </div>
      <p v-if="sheet.rows.length" class="reading figures" aria-hidden="true">
        {{ long(isoDay(day)) }}<template v-if="hovered"> · {{ hovered.field }}: {{ chances(hovered) }}</template>
      </p>
    </template>
  </div>
</template>

<style scoped>
.says {
  font-size: 18px;
  max-width: 1000px;
}
.tools {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  min-height: 44px;
}
.pick {
  max-width: 260px;
  min-width: 220px;
}
.key {
  display: inline-block;
  width: 12px;
  height: 12px;
  margin: 0 4px 0 10px;
  vertical-align: -2px;
}
.key.planter {
  width: 2px;
  background: var(--loam);
}
.key.seed {
  width: 2px;
  background: repeating-linear-gradient(var(--madder) 0 3px, transparent 3px 6px);
}
.key.chosen {
  background: var(--sage);
}
.row {
  display: grid;
  grid-template-columns: 26px 210px 120px minmax(200px, 1fr) 290px;
  gap: 12px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
}
.row.top {
  font-weight: 700;
  padding: 0;
}
.row input[type='checkbox'] {
  width: 20px;
  height: 20px;
  accent-color: var(--flax);
}
.name {
  all: unset;
  cursor: pointer;
  display: inline-flex;
  align-items: center;
  font-weight: 700;
  text-decoration: underline;
  text-decoration-color: var(--hair);
  min-height: 28px;
}
.name:focus-visible {
  outline: 3px solid var(--flax);
}
.row :deep(.v-select__selection-text) {
  font-size: 14px;
}
.small {
  font-size: 13.5px;
}
.stage {
  display: flex;
  gap: 6px;
  align-items: center;
}
.strip:focus-visible {
  outline: 3px solid var(--flax);
}
.opened {
  padding: 10px 0 16px 26px;
  border-bottom: 2px solid var(--loam);
}
.links {
  display: flex;
  gap: 18px;
  flex-wrap: wrap;
  margin: 0;
}
.reading {
  position: sticky;
  bottom: 0;
  background: rgb(var(--v-theme-background));
  padding: 4px 0;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
.key.limit {
  width: 2px;
  background: repeating-linear-gradient(var(--ochre) 0 6px, transparent 6px 9px);
}
.axis {
  padding-left: 76px;
}
.every {
  display: flex;
  align-items: center;
  gap: 6px;
  min-height: 44px;
}
.every input {
  width: 18px;
  height: 18px;
  accent-color: var(--flax);
}
.plants {
  margin-top: 16px;
  display: flex;
  gap: 14px;
  align-items: center;
  max-width: 620px;
}
@media (max-width: 900px) {
  .row {
    grid-template-columns: 26px 1fr;
  }
  .row > :nth-child(n + 3) {
    grid-column: 2;
  }
  .row.top {
    display: none;
  }
}
</style>

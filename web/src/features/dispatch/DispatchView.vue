<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { useBoard, useRefresh, useRisk } from '../../api/resources'
import { mdiChevronLeft, mdiChevronRight, mdiLock, mdiRedo, mdiUndo } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDisplay } from 'vuetify'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { dayNumber, dayOfMonth, range, short, weekday } from '../../format/dates'
import { area, areaUnit, money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { blocksOf, firstBusyDay, keyOf, plusDays, whenOf, type Board, type Job } from './board'
import { useCarry, type Spot } from './carry'
import DayList from './DayList.vue'
import MoveDialog from './MoveDialog.vue'
import RiskPanel from './RiskPanel.vue'

const DAYS = 14
const route = useRoute()
const { mobile } = useDisplay({ mobileBreakpoint: 641 })
const refresh = useRefresh()
const from = ref('')
const { data: board, error, isPlaceholderData } = useBoard(from)
const { data: risk } = useRisk()
const problem = ref<Refused | ''>('')
const busy = ref(false)
const said = ref('')
const chosen = ref<Job | null>(null)
const dialog = ref(false)
const start = ref<{ machineId: string; day: string }>()
const hovered = ref<{ machineId: string; day: string } | null>(null)
const told = ref<Schemas['WhatIfView'] | null>(null)
const toldProblem = ref('')

watch(board, (now) => {
  if (now && !from.value) from.value = firstBusyDay(now.jobs, now.today)
})

const days = computed(() =>
  Array.from({ length: DAYS }, (_, i) => plusDays(from.value || (board.value?.today ?? '2026-01-01'), i)),
)
const first = computed(() => dayNumber(days.value[0]!))
const rows = computed(() =>
  (board.value?.machines ?? []).map((machine) => ({
    machine,
    ...blocksOf(machine.id, board.value!.jobs, first.value, DAYS),
  })),
)
const wanted = computed(() => String(route.query.job ?? ''))
const waiting = computed(() =>
  (board.value?.jobs ?? [])
    .filter((j) => !j.place)
    .sort(
      (a, b) =>
        Number(b.fieldId === wanted.value) - Number(a.fieldId === wanted.value) ||
        (a.closes ?? '9').localeCompare(b.closes ?? '9'),
    ),
)
const placedAcres = computed(() => (board.value?.jobs ?? []).filter((j) => j.place).length)

function chance(kind: string, day: string): number | undefined {
  const row = board.value?.fit.find((f) => f.kind === kind)
  return row?.chances[dayNumber(day) - dayNumber(row.first)]
}

async function act(asked: () => Promise<Board>, words: string | ((now: Board) => string)) {
  busy.value = true
  problem.value = ''
  said.value = ''
  try {
    const now = await asked()
    take(now)
    said.value = typeof words === 'string' ? words : words(now)
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}

/** A new board from the server; the fit chances are asked anew for the days in sight. */
function take(now: Board) {
  void refresh.jobs()
  if (placedAcres.value === 0) from.value = firstBusyDay(now.jobs, now.today)
}

const planIt = () => act(() => got(api.POST('/api/dispatch/plan')), planned)
const planned = ({ planned: p }: Board) =>
  p
    ? `Planned over ${p.years} years of weather: they take ${money(p.dollars)} a year, ${money(p.byClosing)} by what closes first.`
    : ''
const undo = () => act(() => got(api.POST('/api/dispatch/undo')), 'Undone.')
const redo = () => act(() => got(api.POST('/api/dispatch/redo')), 'Done again.')

function show(job: Job, at?: { machineId: string; day: string }) {
  if (!planner.value) return
  chosen.value = job
  start.value = at
  dialog.value = true
}

let asked = ''
async function hover(job: Job, spot: Spot | null) {
  const machine = board.value?.machines.find((m) => m.id === spot?.machineId)
  if (!spot || machine?.kind !== job.kind) {
    hovered.value = null
    told.value = null
    toldProblem.value = spot ? `${machine?.name} cannot do this.` : ''
    asked = ''
    return
  }
  const key = spot.machineId + spot.day
  if (asked === key) return
  asked = key
  hovered.value = spot
  told.value = null
  toldProblem.value = ''
  try {
    const answer = await got(
      api.POST('/api/dispatch/what-if', {
        body: { job: job.id, machineId: spot.machineId, day: spot.day, locked: true },
      }),
    )
    if (asked === key) told.value = answer
  } catch (e) {
    if (asked === key) toldProblem.value = (e as Error).message
  }
}

function put(job: Job, spot: Spot | null) {
  const answer = told.value
  const fits = spot && board.value?.machines.find((m) => m.id === spot.machineId)?.kind === job.kind
  hovered.value = null
  told.value = null
  toldProblem.value = ''
  asked = ''
  if (!fits) return
  if (!answer || answer.late) return show(job, spot)
  void act(
    () =>
      got(
        api.PUT('/api/dispatch/jobs/{cover}/{operation}', {
          params: { path: job.id },
          body: {
            machineId: spot.machineId,
            day: spot.day,
            locked: true,
            acceptLate: false,
            version: job.place?.version,
          },
        }),
      ),
    `${job.field} moved to ${short(spot.day)}.`,
  )
}

const { carried: dragged, at, press, wasCarried } = useCarry<Job>((job, spot) => void hover(job, spot), put)

const toggleLock = (job: Job) =>
  act(
    () =>
      got(
        api.PUT('/api/dispatch/jobs/{cover}/{operation}', {
          params: { path: job.id },
          body: {
            machineId: job.place!.machineId,
            day: job.place!.days[0]!.day,
            locked: !job.place!.locked,
            acceptLate: true,
            version: job.place!.version,
          },
        }),
      ),
    job.place!.locked ? 'Unlocked.' : 'Locked.',
  )

const title = (job: Job) =>
  `${job.field}, ${job.words}, ${range(job.place!.days[0]!.day, job.place!.days[job.place!.days.length - 1]!.day)}. ${job.place!.why}.`
</script>

<template>
  <div class="dispatch">
    <div class="tools">
      <h1>Dispatch</h1>
      <template v-if="planner">
        <v-btn color="primary" :loading="busy" @click="planIt">Plan it</v-btn>
        <v-btn variant="text" size="small" :prepend-icon="mdiUndo" :disabled="!board?.undo" @click="undo"
          >Undo<span v-if="board?.undo" class="quiet">&nbsp;{{ board.undo }}</span></v-btn
        >
        <v-btn variant="text" size="small" :prepend-icon="mdiRedo" :disabled="!board?.redo" @click="redo"
          >Redo<span v-if="board?.redo" class="quiet">&nbsp;{{ board.redo }}</span></v-btn
        >
      </template>
      <span role="status" class="quiet">{{ said }}</span>
      <v-spacer />
      <template v-if="!mobile">
        <a href="/api/exchange/jobs.ics" download>Calendar</a
        ><a href="/api/exchange/jobs.csv" download>Spreadsheet</a>
        <v-btn icon size="small" variant="text" aria-label="A week back" @click="from = plusDays(days[0]!, -7)"
          ><v-icon :icon="mdiChevronLeft"
        /></v-btn>
        <span v-if="board" class="figures">{{ range(days[0], days[DAYS - 1]) }}</span>
        <v-btn icon size="small" variant="text" aria-label="A week on" @click="from = plusDays(days[0]!, 7)"
          ><v-icon :icon="mdiChevronRight"
        /></v-btn>
        <v-btn variant="text" size="small" @click="from = board!.today">Today</v-btn>
        <v-btn variant="text" size="small" @click="from = firstBusyDay(board!.jobs, plusDays(days[0]!, 7))"
          >Next work</v-btn
        >
      </template>
    </div>
    <Refusal :says="error || problem" />
    <DayList v-if="board && mobile" :board="board" />
    <div v-else-if="board" class="body" :aria-busy="isPlaceholderData">
      <div class="grid-box">
        <div class="grid" :style="{ gridTemplateColumns: `150px repeat(${DAYS}, minmax(54px, 1fr))` }">
          <div class="corner quiet">chance of a <TradeWord of="fit day" /></div>
          <div
            v-for="day in days"
            :key="day"
            class="day"
            :class="{ today: day === board.today, end: ['Sat', 'Sun'].includes(weekday(day)) }"
          >
            <router-link :to="{ name: 'sheet', params: { day } }" :title="`Day sheet ${short(day)}`"
              >{{ weekday(day) }}<br /><b class="figures">{{
                dayOfMonth(dayNumber(day)) === 1 || day === days[0] ? short(day) : dayOfMonth(dayNumber(day))
              }}</b></router-link
            >
          </div>
          <template v-for="row in rows" :key="row.machine.id">
            <div class="machine">
              <b>{{ row.machine.name }}</b><span class="quiet figures"
                >{{ area(row.machine.acresPerHour, 1) }} {{ areaUnit }}/h</span
              >
            </div>
            <div
              class="track"
              :style="{ gridColumn: `2 / span ${DAYS}`, minHeight: Math.max(54, row.rows * 40 + 16) + 'px' }"
            >
              <div
                v-for="day in days"
                :key="day"
                class="cell"
                :class="{
                  today: day === board.today,
                  hover: hovered?.machineId === row.machine.id && hovered.day === day,
                  able: dragged?.kind === row.machine.kind,
                }"
                :style="{ '--fit': (chance(row.machine.kind, day) ?? 0) / 100 }"
                :data-machine="row.machine.id"
                :data-day="day"
              >
                <span v-if="chance(row.machine.kind, day) !== undefined" class="figures fit">{{
                  chance(row.machine.kind, day)
                }}</span>
              </div>
              <button
                v-for="b in row.blocks"
                :key="keyOf(b.job)"
                type="button"
                class="block"
                :class="{ late: b.job.place!.late, locked: b.job.place!.locked, ending: b.job.ends }"
                :title="title(b.job)"
                :style="{
                  left: (b.column / DAYS) * 100 + '%',
                  width: `calc(${(b.columns / DAYS) * 100}% - 3px)`,
                  top: b.row * 40 + 16 + 'px',
                }"
                @click="wasCarried() || show(b.job)"
                @pointerdown="planner && press(b.job, $event)"
              >
                <span class="name">{{ b.job.field }}</span><span class="figures"
                  >{{ b.job.words }} · {{ area(b.job.acres)
                  }}<template v-if="b.job.place!.late"> · late</template></span
                >
                <v-icon
                  v-if="b.job.place!.locked"
                  :icon="mdiLock"
                  size="12"
                  class="lock"
                  aria-label="locked"
                  @click.stop="toggleLock(b.job)"
                  @pointerdown.stop
                />
              </button>
            </div>
          </template>
        </div>
        <p v-if="board.machines.length === 0" class="pa-4">
          No machines yet. <router-link to="/farm">Add a drill, a roller, a hired drone …</router-link>
        </p>
        <div v-if="dragged && (told || toldProblem)" class="told" role="status">
          <b
            >{{ dragged.field }}<template v-if="hovered"> on {{ short(hovered.day) }}</template></b
          >
          <p v-if="toldProblem" class="trouble">{{ toldProblem }}</p>
          <ul v-else-if="told">
            <li v-for="s in told.says" :key="s">{{ s }}</li>
            <li v-if="told.moves.length" class="trouble">Puts {{ told.moves.join(', ') }} on other days</li>
          </ul>
        </div>
      </div>
      <aside aria-label="Jobs not placed">
        <ul v-if="board.troubles.length" class="troubles" role="alert">
          <li v-for="t in board.troubles" :key="t.fieldId">
            <b>{{ t.field }}</b> cannot be planned: {{ t.says }}.
            <router-link :to="{ name: 'cover', params: { fieldId: t.fieldId } }">Mend it</router-link>
          </li>
        </ul>
        <RiskPanel v-if="risk" :risk="risk" />
        <h2>
          Not placed <span class="figures quiet">{{ waiting.length }}</span>
        </h2>
        <p v-if="!waiting.length" class="quiet">Every open job has a machine and a day.</p>
        <button
          v-for="job in waiting"
          :key="keyOf(job)"
          type="button"
          class="wait"
          :class="{ wanted: job.fieldId === wanted }"
          @click="wasCarried() || show(job)"
          @pointerdown="planner && press(job, $event)"
        >
          <b>{{ job.field }}</b> <span class="figures">{{ area(job.acres) }} {{ areaUnit }}</span>
          <span class="row">{{ job.words }}, {{ whenOf(job) }}</span>
          <span v-if="job.unplaced" class="row trouble">{{ job.unplaced }}</span>
        </button>
      </aside>
    </div>
    <div v-if="dragged" class="ghost" :style="{ left: at.x + 12 + 'px', top: at.y + 14 + 'px' }" aria-hidden="true">
      {{ dragged.field }}
    </div>
    <MoveDialog
      v-if="chosen && board"
      v-model="dialog"
      :job="chosen"
      :machines="board.machines"
      :today="board.today"
      :start="start"
      @moved="take"
    />
  </div>
</template>

<style scoped>
.dispatch {
  display: flex;
  flex-direction: column;
  height: calc(100dvh - 52px);
}
.tools {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 8px 14px;
  flex-wrap: wrap;
}
h1 {
  font-size: 1.35rem;
  margin: 0;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
  border-top: 1px solid var(--hair);
}
.grid-box {
  flex: 1;
  overflow: auto;
  position: relative;
}
.grid {
  display: grid;
  min-width: 900px;
}
.corner {
  padding: 8px 10px;
  font-size: 0.8rem;
  align-self: end;
}
.day {
  text-align: center;
  padding: 4px 0;
  border-left: 1px solid var(--hair);
  font-size: 0.85rem;
}
.day a {
  color: inherit;
  text-decoration: none;
  display: block;
}
.day.end {
  background: rgb(var(--v-theme-surface-variant));
}
.day.today {
  border-left: 3px solid var(--flax);
}
.machine {
  padding: 8px 10px;
  border-top: 1px solid var(--hair);
  display: flex;
  flex-direction: column;
  font-size: 0.92rem;
  background: rgb(var(--v-theme-background));
  position: sticky;
  left: 0;
  z-index: 2;
}
.track {
  position: relative;
  display: grid;
  grid-template-columns: repeat(14, 1fr);
  border-top: 1px solid var(--hair);
}
.cell {
  border-left: 1px solid var(--hair);
  background: color-mix(in srgb, var(--sage) calc(var(--fit) * 34%), var(--furrow));
  padding: 1px 4px;
}
.cell.today {
  border-left: 3px solid var(--flax);
}
.cell.able {
  outline: 1px dashed var(--flax);
  outline-offset: -3px;
}
.cell.hover {
  outline: 3px solid var(--flax);
}
.fit {
  font-size: 0.78rem;
  color: var(--loam);
}
.block {
  position: absolute;
  height: 36px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border: 1.5px solid var(--flax);
  border-left-width: 5px;
  border-radius: 3px;
  padding: 1px 5px;
  text-align: left;
  overflow: hidden;
  cursor: grab;
  line-height: 1.15;
  display: flex;
  flex-direction: column;
  font-size: 0.84rem;
}
.block.ending {
  border-color: var(--madder);
}
.block.late {
  border-style: dashed;
}
.block .name {
  font-weight: 700;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.block .figures {
  white-space: nowrap;
  font-size: 0.85rem;
}
.lock {
  position: absolute;
  right: 3px;
  top: 3px;
}
aside {
  width: 260px;
  flex: none;
  overflow-y: auto;
  border-left: 1px solid var(--hair);
  padding: 10px 12px;
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
.troubles {
  border-left: 4px solid var(--madder);
  padding: 2px 8px;
  list-style: none;
  margin: 0 0 8px;
  font-size: 0.9rem;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.wait {
  display: block;
  width: 100%;
  text-align: left;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border: 1px solid var(--hair);
  border-left: 4px solid var(--ochre);
  border-radius: 3px;
  padding: 5px 8px;
  margin-bottom: 6px;
  cursor: grab;
  font-size: 0.9rem;
  min-height: 44px;
}
.wait.wanted {
  outline: 2px solid var(--flax);
}
.row {
  display: block;
  font-size: 0.86rem;
}
.ghost {
  position: fixed;
  pointer-events: none;
  z-index: 20;
  background: rgb(var(--v-theme-surface));
  border: 1.5px solid var(--flax);
  padding: 2px 8px;
  font-weight: 700;
}
.block {
  touch-action: none;
  user-select: none;
}
.wait {
  touch-action: pan-y;
  user-select: none;
}
.told {
  position: sticky;
  bottom: 8px;
  left: 12px;
  margin: 10px;
  max-width: 440px;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--hair);
  border-left: 4px solid var(--ochre);
  padding: 8px 12px;
  z-index: 3;
}
.told ul {
  margin: 2px 0;
  padding-left: 18px;
}
.told p {
  margin: 0;
}
@media (max-width: 900px) {
  .dispatch {
    height: auto;
  }
  .body {
    flex-direction: column-reverse;
  }
  aside {
    width: auto;
    border-left: 0;
    max-height: 40vh;
  }
}
</style>

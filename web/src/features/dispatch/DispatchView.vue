<script setup lang="ts">
import { useBoard, useRefresh, useRisk } from '../../api/resources'
import { mdiChevronLeft, mdiChevronRight, mdiRedo, mdiUndo } from '@mdi/js'
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDisplay } from 'vuetify'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { range, short } from '../../format/dates'
import { money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { amountOf, firstBusyDay, keyOf, plusDays, whenOf, type Board, type Job } from './board'
import { useCarry, type Spot } from './carry'
import OtherWorkDialog from './OtherWorkDialog.vue'
import AwayDialog from './AwayDialog.vue'
import CrewDialog from './CrewDialog.vue'
import SaidPanel from './SaidPanel.vue'
import BoardDrawing from './BoardDrawing.vue'
import DayList from './DayList.vue'
import FeedsDialog from './FeedsDialog.vue'
import HelpsPanel from './HelpsPanel.vue'
import MendDialog from './MendDialog.vue'
import MorningPanel from './MorningPanel.vue'
import MoveDialog from './MoveDialog.vue'
import PlanProgress from './PlanProgress.vue'
import RiskPanel from './RiskPanel.vue'
import VersionsDialog from './VersionsDialog.vue'

const SIGHTS = [
  { value: 3, title: '3 days' },
  { value: 14, title: '2 weeks' },
  { value: 35, title: '5 weeks' },
  { value: 98, title: 'Season' },
]
const CAMPAIGNS = [
  { value: 'ALL', title: 'All work' },
  { value: 'HARVEST', title: 'Harvest' },
  { value: 'SOWING', title: 'Sowing' },
  { value: 'ENDING', title: 'Ending' },
  { value: 'OTHER', title: 'Other work' },
]
const sight = ref(14)
const campaign = ref('ALL')
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
const mending = ref(false)
const away = ref(false)
const others = ref(false)
const versions = ref(false)
const calendars = ref(false)
const crews = ref(false)
const crew = ref<string>()
const run = ref<Schemas['PlanRunView']>()
const searching = computed(() => run.value !== undefined && isOpen(run.value))
const start = ref<{ machineId: string; day: string }>()
const hovered = ref<{ machineId: string; day: string } | null>(null)
const told = ref<Schemas['WhatIfView'] | null>(null)
const toldProblem = ref('')

watch(board, (now) => {
  if (now && !from.value) from.value = firstBusyDay(now.jobs, now.today)
})

const begins = computed(() => from.value || (board.value?.today ?? '2026-01-01'))
const ends = computed(() => plusDays(begins.value, sight.value - 1))
const inCampaign = (job: Job) => campaign.value === 'ALL' || job.season === campaign.value
const jobs = computed(() => (board.value?.jobs ?? []).filter(inCampaign))
const soFar = computed(() => (searching.value ? run.value!.soFar : []))
watch(campaign, () => {
  from.value = firstBusyDay(jobs.value, board.value!.today)
})
const wanted = computed(() => String(route.query.job ?? ''))
const waiting = computed(() =>
  jobs.value
    .filter((j) => !j.place)
    .sort(
      (a, b) =>
        Number(b.fieldId === wanted.value) - Number(a.fieldId === wanted.value) ||
        (a.closes ?? '9').localeCompare(b.closes ?? '9'),
    ),
)
const placedAcres = computed(() => (board.value?.jobs ?? []).filter((j) => j.place).length)

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

const LOOK_EVERY = 600
let left = false
onBeforeUnmount(() => (left = true))
const isOpen = (r: Schemas['PlanRunView']) => r.state === 'WAITING' || r.state === 'SEARCHING'

/** Looks at a search until it is over, then at what it brought. */
async function follow() {
  while (!left && isOpen(run.value!)) {
    await new Promise((go) => setTimeout(go, LOOK_EVERY))
    run.value = await got(api.GET('/api/dispatch/plan'))
  }
  if (left) return
  const r = run.value!
  if (r.state === 'FAILED') said.value = `No plan: ${r.says}.`
  else if (r.state === 'CANCELLED') said.value = 'Called off; the board is as it was.'
  else {
    await refresh.jobs()
    if (placedAcres.value === 0 && board.value) from.value = firstBusyDay(board.value.jobs, board.value.today)
    said.value =
      `Planned over ${r.years} years of weather: they take ${money(r.dollars!)} a year, ` +
      `${money(r.byClosing!)} by what closes first.`
  }
}
async function asking(ask: () => Promise<unknown>) {
  problem.value = ''
  try {
    await ask()
  } catch (e) {
    problem.value = e as Refused
  }
}
const planIt = () =>
  asking(async () => {
    said.value = ''
    run.value = await got(api.POST('/api/dispatch/plan'))
    await follow()
  })
const callOff = () => asking(() => got(api.DELETE('/api/dispatch/plan')))
/** A search that was asked for before, by anybody, is looked at too. */
onMounted(() =>
  asking(async () => {
    const now = await got(api.GET('/api/dispatch/plan'))
    run.value ??= now
    if (isOpen(now)) await follow()
  }),
)
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
  if (!spot || !job.able.includes(machine?.id ?? '')) {
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
  const fits = spot && job.able.includes(spot.machineId)
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

function listOf(machineId?: string) {
  crew.value = machineId ?? board.value?.crews[0]?.machineId
  crews.value = true
}
function putThere(asked: Schemas['ReportView']) {
  const job = board.value?.jobs.find((j) => keyOf(j) === keyOf({ id: asked.job }))
  if (job) show(job, { machineId: asked.machineId, day: asked.day })
}

const costs = (dollars: number) =>
  dollars > 0
    ? `Loses ${money(dollars)} a year more`
    : dollars < 0
      ? `Loses ${money(-dollars)} a year less`
      : 'Costs nothing'

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
</script>

<template>
  <div class="dispatch">
    <div class="tools">
      <h1>Dispatch</h1>
      <template v-if="planner">
        <v-btn v-if="!searching" color="primary" @click="planIt">Plan it</v-btn>
        <PlanProgress v-else :run="run!" @cancel="callOff" />
        <template v-if="!searching">
          <v-btn variant="tonal" size="small" :disabled="!board" @click="mending = true">Mend it</v-btn>
          <v-btn variant="text" size="small" :prepend-icon="mdiUndo" :disabled="!board?.undo" @click="undo"
            >Undo<span v-if="board?.undo" class="quiet">&nbsp;{{ board.undo }}</span></v-btn
          >
          <v-btn variant="text" size="small" :prepend-icon="mdiRedo" :disabled="!board?.redo" @click="redo"
            >Redo<span v-if="board?.redo" class="quiet">&nbsp;{{ board.redo }}</span></v-btn
          >
        </template>
      </template>
      <span role="status" class="quiet">{{ said }}</span>
      <v-spacer />
      <template v-if="!mobile">
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="away = true">Days away</v-btn>
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="others = true">Other work</v-btn>
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="listOf()">Crews</v-btn>
        <v-btn v-if="planner" variant="text" size="small" @click="versions = true">What we meant</v-btn>
      </template>
    </div>
    <div v-if="!mobile" class="tools sight">
      <v-select v-model="campaign" class="pick" label="Work" :items="CAMPAIGNS" />
      <v-select v-model="sight" class="pick" label="In sight" :items="SIGHTS" />
      <v-btn
        icon
        size="small"
        variant="text"
        :aria-label="sight > 7 ? 'A week back' : 'A day back'"
        @click="from = plusDays(begins, sight > 7 ? -7 : -1)"
        ><v-icon :icon="mdiChevronLeft"
      /></v-btn>
      <span v-if="board" class="figures">{{ range(begins, ends) }}</span>
      <v-btn
        icon
        size="small"
        variant="text"
        :aria-label="sight > 7 ? 'A week on' : 'A day on'"
        @click="from = plusDays(begins, sight > 7 ? 7 : 1)"
        ><v-icon :icon="mdiChevronRight"
      /></v-btn>
      <v-btn variant="text" size="small" @click="from = board!.today">Today</v-btn>
      <v-btn variant="text" size="small" @click="from = firstBusyDay(jobs, plusDays(begins, Math.min(7, sight)))"
        >Next work</v-btn
      >
      <v-spacer />
      <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="calendars = true">Subscribe</v-btn>
      <a href="/api/exchange/jobs.ics" download>Calendar</a><a href="/api/exchange/jobs.xlsx" download>Workbook</a
      ><a href="/api/exchange/jobs.csv" download>CSV</a
      ><a href="/api/exchange/taskdata.zip" download title="ISO 11783-10, for the terminal of a tractor">Task data</a>
    </div>
    <Refusal :says="error || problem" />
    <DayList v-if="board && mobile" :board="board" />
    <div v-else-if="board" class="body" :aria-busy="isPlaceholderData">
      <div class="grid-box">
        <BoardDrawing
          :board="board"
          :jobs="jobs"
          :from="begins"
          :days="sight"
          :risk="risk"
          :so-far="soFar"
          :carried="dragged"
          :hovered="hovered"
          :movable="planner"
          @show="(job) => wasCarried() || show(job)"
          @press="press"
          @unlock="toggleLock"
        />
        <p v-if="board.machines.length === 0" class="pa-4">
          No machines yet. <router-link to="/farm">Add a drill, a roller, a hired drone …</router-link>
        </p>
        <div v-if="dragged && (told || toldProblem)" class="told" role="status">
          <b
            >{{ dragged.field }}<template v-if="hovered"> on {{ short(hovered.day) }}</template></b
          >
          <p v-if="toldProblem" class="trouble">{{ toldProblem }}</p>
          <ul v-else-if="told">
            <li>
              <b class="figures">{{ costs(told.rise) }}</b>, in its window in {{ told.inWindow }} % of years
            </li>
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
        <MorningPanel :machines="board.machines" @mend="mending = true" />
        <SaidPanel :board="board" @put="putThere" @list="listOf" />
        <RiskPanel v-if="risk" :risk="risk" />
        <HelpsPanel />
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
          <b>{{ job.field }}</b> <span class="figures">{{ amountOf(job) }}</span>
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
    <MendDialog v-model="mending" @taken="said = $event" />
    <AwayDialog v-if="board" v-model="away" :machines="board.machines" :today="board.today" />
    <OtherWorkDialog v-if="board" v-model="others" :board="board" />
    <CrewDialog v-if="board" v-model="crews" :machines="board.machines" :today="board.today" :machine-id="crew" />
    <FeedsDialog v-if="board" v-model="calendars" :machines="board.machines" />
    <VersionsDialog v-model="versions" @taken="said = $event" />
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
.sight {
  padding-top: 0;
}
h1 {
  font-size: 1.35rem;
  margin: 0;
}

.pick {
  max-width: 130px;
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

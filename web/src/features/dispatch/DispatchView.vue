<script setup lang="ts">
import { useBoard, useRefresh, useRisk } from '../../api/resources'
import { mdiRedo, mdiUndo } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useDisplay } from 'vuetify'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { firstBusyDay, keyOf, plusDays, type Board, type Job } from '../../work/board'
import { useCarry, type Spot } from './carry'
import { usePlanRun } from './planRun'
import { useTried } from './tried'
import OtherWorkDialog from './OtherWorkDialog.vue'
import OverduePanel from './OverduePanel.vue'
import AwayDialog from './AwayDialog.vue'
import CrewDialog from './CrewDialog.vue'
import SaidPanel from './SaidPanel.vue'
import BoardDrawing from './BoardDrawing.vue'
import DayList from './DayList.vue'
import FeedsDialog from './FeedsDialog.vue'
import HourDrawing from './HourDrawing.vue'
import HelpsPanel from './HelpsPanel.vue'
import MendDialog from './MendDialog.vue'
import MorningPanel from './MorningPanel.vue'
import MoveDialog from './MoveDialog.vue'
import NotPlaced from './NotPlaced.vue'
import PlanProgress from './PlanProgress.vue'
import RiskPanel from './RiskPanel.vue'
import SightBar from './SightBar.vue'
import TriedSays from './TriedSays.vue'
import VersionsDialog from './VersionsDialog.vue'

const sight = ref(14)
const campaign = ref('ALL')
const route = useRoute()
const { mobile } = useDisplay({ mobileBreakpoint: 641 })
const refresh = useRefresh()
const from = ref('')
const { data: board, error, isPlaceholderData } = useBoard(from)
const { data: risk } = useRisk()
const problem = ref<Refused | ''>('')
const said = ref('')
const chosen = ref<Job | null>(null)
const dialog = ref(false)
const mending = ref(false)
const away = ref(false)
const others = ref(false)
/** The piece of other work that is to be given another day. */
const other = ref<string>()
function moveOther(id: string) {
  other.value = id
  others.value = true
}
watch(others, (open) => {
  if (!open) other.value = undefined
})
const versions = ref(false)
const calendars = ref(false)
const crews = ref(false)
const crew = ref<string>()
const start = ref<Spot>()
const { spot: held, answer, trouble, hold, forget } = useTried(board)
const { run, searching, soFar, planIt, callOff } = usePlanRun(problem, planned)

watch(board, (now) => {
  if (now && !from.value) from.value = firstBusyDay(now.jobs, now.today)
})

const begins = computed(() => from.value || (board.value?.today ?? '2026-01-01'))
const ends = computed(() => plusDays(begins.value, sight.value - 1))
const inCampaign = (job: Job) => campaign.value === 'ALL' || job.season === campaign.value
const jobs = computed(() => (board.value?.jobs ?? []).filter(inCampaign))
watch(campaign, () => {
  from.value = firstBusyDay(jobs.value, board.value!.today)
})
const wanted = computed(() => String(route.query.job ?? ''))
const placedAcres = computed(() => (board.value?.jobs ?? []).filter((j) => j.place).length)

async function act(asked: () => Promise<Board>, words: string | ((now: Board) => string)) {
  problem.value = ''
  said.value = ''
  try {
    const now = await asked()
    take(now)
    said.value = typeof words === 'string' ? words : words(now)
  } catch (e) {
    problem.value = e as Refused
  }
}

/** A new board from the server; the fit chances are asked anew for the days in sight. */
function take(now: Board) {
  void refresh.jobs()
  if (placedAcres.value === 0) from.value = firstBusyDay(now.jobs, now.today)
}

/** What a search has brought. */
async function planned(r: Schemas['PlanRunView']) {
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
function plan() {
  said.value = ''
  void planIt()
}
const undo = () => act(() => got(api.POST('/api/v1/dispatch/undo')), 'Undone.')
const redo = () => act(() => got(api.POST('/api/v1/dispatch/redo')), 'Done again.')

function show(job: Job, at?: Spot) {
  if (!planner.value) return
  chosen.value = job
  start.value = at
  dialog.value = true
}

function put(job: Job, spot: Spot | null) {
  const known = answer.value
  forget()
  if (!spot || !job.able.includes(spot.machineId)) return
  if (!known || known.late) return show(job, spot)
  void act(
    () =>
      got(
        api.PUT('/api/v1/dispatch/jobs/{cover}/{operation}', {
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

const { carried: dragged, at, press, wasCarried } = useCarry<Job>((job, spot) => void hold(job, spot), put)

const toggleLock = (job: Job) =>
  act(
    () =>
      got(
        api.PUT('/api/v1/dispatch/jobs/{cover}/{operation}', {
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
        <v-btn v-if="!searching" color="primary" @click="plan">Plan it</v-btn>
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
      <span role="status" class="said quiet">{{ said }}</span>
      <template v-if="!mobile">
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="away = true">Days away</v-btn>
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="others = true">Other work</v-btn>
        <v-btn v-if="planner" variant="text" size="small" :disabled="!board" @click="listOf()">Crews</v-btn>
        <v-btn v-if="planner" variant="text" size="small" @click="versions = true">What we meant</v-btn>
      </template>
    </div>
    <SightBar
      v-if="!mobile"
      v-model:sight="sight"
      v-model:campaign="campaign"
      :begins="begins"
      :ends="ends"
      :ready="!!board"
      @from="from = $event"
      @today="from = board!.today"
      @next="from = firstBusyDay(jobs, plusDays(begins, Math.min(7, sight)))"
      @subscribe="calendars = true"
    />
    <Refusal :says="error || problem" />
    <template v-if="board && mobile">
      <OverduePanel class="on-phone" :board="board" @move="moveOther" />
      <DayList :board="board" />
    </template>
    <div v-else-if="board" class="body" :aria-busy="isPlaceholderData">
      <div class="grid-box">
        <HourDrawing
          v-if="sight === 1"
          :board="board"
          :jobs="jobs"
          :day="begins"
          :carried="dragged"
          :hovered="held"
          :movable="planner"
          @show="(job) => wasCarried() || show(job)"
          @press="press"
        />
        <BoardDrawing
          v-else
          :board="board"
          :jobs="jobs"
          :from="begins"
          :days="sight"
          :risk="risk"
          :so-far="soFar"
          :carried="dragged"
          :hovered="held"
          :movable="planner"
          @show="(job) => wasCarried() || show(job)"
          @press="press"
          @unlock="toggleLock"
        />
        <p v-if="board.machines.length === 0" class="pa-4">
          No machines yet. <router-link to="/farm">Add a drill, a roller, a hired drone …</router-link>
        </p>
        <TriedSays
          v-if="dragged && (answer || trouble)"
          :field="dragged.field"
          :day="held?.day"
          :answer="answer"
          :trouble="trouble"
        />
      </div>
      <aside aria-label="Jobs not placed">
        <ul v-if="board.troubles.length" class="troubles" role="alert">
          <li v-for="t in board.troubles" :key="t.fieldId">
            <b>{{ t.field }}</b> cannot be planned: {{ t.says }}.
            <router-link :to="{ name: 'cover', params: { fieldId: t.fieldId } }">Mend it</router-link>
          </li>
        </ul>
        <OverduePanel :board="board" @move="moveOther" />
        <MorningPanel :machines="board.machines" @mend="mending = true" />
        <SaidPanel :board="board" @put="putThere" @list="listOf" />
        <RiskPanel v-if="risk" :risk="risk" />
        <HelpsPanel :board="board" />
        <NotPlaced
          :jobs="jobs"
          :wanted="wanted"
          @show="(job) => wasCarried() || show(job)"
          @press="(job, event) => planner && press(job, event)"
        />
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
    <OtherWorkDialog v-if="board" v-model="others" :board="board" :wanted="other" />
    <CrewDialog v-if="board" v-model="crews" :machines="board.machines" :today="board.today" :machine-id="crew" />
    <FeedsDialog v-if="board" v-model="calendars" :machines="board.machines" />
    <VersionsDialog v-model="versions" @taken="said = $event" />
  </div>
</template>

<style scoped>
.on-phone {
  margin-inline: 14px;
}
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

/* What was done takes the room that is left, in two lines where it must. */
.said {
  flex: 1 1 0;
  min-width: 120px;
  line-height: 1.25;
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
.troubles {
  border-left: 4px solid var(--madder);
  padding: 2px 8px;
  list-style: none;
  margin: 0 0 8px;
  font-size: 0.9rem;
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

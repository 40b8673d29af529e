<script setup lang="ts">
import { useSeason } from '../../api/resources'
import { mdiMagnify, mdiMinus, mdiPlus } from '@mdi/js'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useDisplay } from 'vuetify'
import { type Schemas } from '../../api/client'
import { visibleRows } from '../../draw/visible'
import { matter, rateUnit, temperature } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { heaviest, scaleMark } from '../../draw/reading'
import { picked } from '../../parts/picked'
import CallList from './CallList.vue'
import DayReading from '../../lane/DayReading.vue'
import { useDrawnLanes } from './drawnLanes'
import FirstSteps from './FirstSteps.vue'
import FurrowLane from '../../lane/FurrowLane.vue'
import LaneAnswer from './LaneAnswer.vue'
import LaneHead from './LaneHead.vue'
import LaneList from './LaneList.vue'
import { arrange, laneId, type GroupBy, type Lane, type SortBy } from '../../lane/lanes'
import { usePointed } from './pointed'
import SeasonLegend from './SeasonLegend.vue'
import { LONGEST, SHORTEST, useSight, WHOLE } from './sight'
import { RAIN, STRIP, temperatureY } from './strip'
import TimeAxis from '../../lane/TimeAxis.vue'
import WeatherStrip from './WeatherStrip.vue'

const LANE = 64
const GROUP = 26
const GUTTER = 216

const router = useRouter()
const { mobile } = useDisplay({ mobileBreakpoint: 641 })
const { data: season, error } = useSeason()

const group = ref<GroupBy>((localStorage.getItem('furrow-group') as GroupBy) ?? 'none')
const sort = ref<SortBy>((localStorage.getItem('furrow-sort') as SortBy) ?? 'closes')
const find = ref('')
const choosing = ref(false)
const only = ref<string[] | null>(null)
const opened = ref<string | null>(null)
const openedHeight = ref(236)
const focused = ref(0)
const width = ref(900)
const scrollTop = ref(0)
const viewport = ref(600)
const sheetEl = ref<HTMLElement>()
const findEl = ref<{ focus(): void }>()

watch(group, (v) => localStorage.setItem('furrow-group', v))
watch(sort, (v) => localStorage.setItem('furrow-sort', v))

const { days, today, span, scale, spanWords, zoomBy, wholeSeason, openingDays, nudge, grab, drag, letGo } = useSight(
  season,
  width,
)
const { reading, read, stopReading, place: readingPlace } = usePointed(scale, LANE)
const rows = computed(() => {
  const lanes = season.value?.lanes ?? []
  return arrange(
    only.value ? lanes.filter((l) => only.value!.includes(l.fieldId)) : lanes,
    find.value,
    group.value,
    sort.value,
  )
})
const heights = computed(() =>
  rows.value.map((r) =>
    r.kind === 'group' ? GROUP : LANE + (opened.value === laneId(r.lane) ? openedHeight.value : 0),
  ),
)
const seen = computed(() => visibleRows(heights.value, scrollTop.value, viewport.value))
const shown = computed(() =>
  rows.value.slice(seen.value.from, seen.value.to).map((row, i) => ({ row, index: seen.value.from + i })),
)

/** A phone lists all lanes and draws the opened one; the sheet draws those in sight. */
const inSight = computed(() =>
  (mobile.value ? rows.value.slice(0, 100) : shown.value.map((s) => s.row)).flatMap((row) =>
    row.kind === 'lane' ? [row.lane] : [],
  ),
)
const whole = useDrawnLanes(season, inSight)

/** One height for all lanes: the most that any may weigh on the days in sight. */
const top = computed(() => {
  const lanes = new Set([...(season.value?.lanes ?? []), ...inSight.value.map(whole)])
  let most = 2_000
  for (const lane of lanes) most = Math.max(most, heaviest(lane.ridges, scale.value.first, scale.value.last))
  return most * 1.04
})
const mark = computed(() => scaleMark(top.value))

watch([rows], () => {
  focused.value = Math.min(focused.value, Math.max(0, rows.value.length - 1))
})

function measure() {
  const el = sheetEl.value
  if (!el) return
  width.value = Math.max(240, el.clientWidth - (el.clientWidth < 640 ? 128 : GUTTER))
  viewport.value = el.clientHeight
}

let observer: ResizeObserver | undefined
watch(sheetEl, (el) => {
  observer?.disconnect()
  if (el) {
    observer = new ResizeObserver(measure)
    observer.observe(el)
    measure()
  }
})
onMounted(() => window.addEventListener('keydown', onKey))
onBeforeUnmount(() => {
  window.removeEventListener('keydown', onKey)
  observer?.disconnect()
})

function move(by: number) {
  let next = focused.value + by
  while (rows.value[next]?.kind === 'group') next += by
  if (!rows.value[next]) return
  focused.value = next
  const top = heights.value.slice(0, next).reduce((a, b) => a + b, 0)
  const el = sheetEl.value!
  if (top < el.scrollTop) el.scrollTop = top
  if (top + LANE > el.scrollTop + el.clientHeight - 90) el.scrollTop = top + LANE - el.clientHeight + 90
  void nextTick(() => document.getElementById(`lane-${next}`)?.focus())
}

const found = computed(() => rows.value.filter((r) => r.kind === 'lane').length)

function toggle(lane: Lane) {
  opened.value = opened.value === laneId(lane) ? null : laneId(lane)
}

function onKey(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || event.ctrlKey || event.metaKey || event.altKey) {
    if (event.key === 'Escape') target.blur()
    return
  }
  if (document.querySelector('.v-overlay--active')) return
  const inLane = target.closest('.lane-row') !== null || target === document.body || target === sheetEl.value
  const row = rows.value[focused.value]
  const keys: Record<string, () => void> = {
    '.': openingDays,
    w: wholeSeason,
    '/': () => findEl.value?.focus(),
    '+': () => zoomBy(-1),
    '=': () => zoomBy(-1),
    '-': () => zoomBy(1),
    ...(inLane && {
      ArrowDown: () => move(1),
      ArrowUp: () => move(-1),
      ArrowLeft: () => nudge(-1),
      ArrowRight: () => nudge(1),
      c: () =>
        row?.kind === 'lane' &&
        void router.push({ name: 'cover', params: { fieldId: row.lane.fieldId }, query: { zone: row.lane.zoneId } }),
    }),
    ...(target.closest('.lane-head') && { Enter: () => row?.kind === 'lane' && toggle(row.lane) }),
  }
  if (keys[event.key]) {
    event.preventDefault()
    keys[event.key]!()
  }
}

function showCall(call: Schemas['CallView']) {
  only.value = only.value?.join() === call.fields.join() ? null : call.fields
  if (sheetEl.value) sheetEl.value.scrollTop = 0
}
</script>

<template>
  <div class="season">
    <div class="tools">
      <h1 class="sr">Season</h1>
      <v-text-field
        ref="findEl"
        v-model="find"
        class="find"
        label="Find a field"
        :prepend-inner-icon="mdiMagnify"
        clearable
      />
      <v-select
        v-model="group"
        class="pick"
        label="Group by"
        :items="[
          { title: 'Nothing', value: 'none' },
          { title: 'Farmstead', value: 'farmstead' },
          { title: 'Crop', value: 'crop' },
          { title: 'How it ends', value: 'route' },
        ]"
      />
      <v-select
        v-model="sort"
        class="pick"
        label="Sort by"
        :items="[
          { title: 'Closes first', value: 'closes' },
          { title: 'Name', value: 'name' },
          { title: 'Acres', value: 'acres' },
        ]"
      />
      <v-btn
        v-if="planner && !mobile"
        variant="text"
        size="small"
        :aria-pressed="choosing"
        @click="((choosing = !choosing), (picked = []))"
        >Choose fields</v-btn
      >
      <v-btn v-if="choosing" color="primary" size="small" @click="router.push('/cover/many')"
        >Cover for {{ picked.length || 'many' }} fields</v-btn
      >
      <v-spacer />
      <template v-if="!mobile">
        <v-btn variant="text" size="small" @click="router.push('/season/print')">Print and export</v-btn>
        <v-btn variant="text" size="small" @click="openingDays">Today</v-btn>
        <v-btn variant="text" size="small" :aria-pressed="days === WHOLE" @click="wholeSeason">Whole season</v-btn>
        <v-btn icon variant="text" size="small" aria-label="Zoom out" :disabled="span >= LONGEST" @click="zoomBy(1)">
          <v-icon :icon="mdiMinus" />
        </v-btn>
        <span class="figures quiet" aria-live="polite">{{ spanWords }}</span>
        <v-btn icon variant="text" size="small" aria-label="Zoom in" :disabled="span <= SHORTEST" @click="zoomBy(-1)">
          <v-icon :icon="mdiPlus" />
        </v-btn>
      </template>
    </div>
    <Refusal :says="error" />
    <FirstSteps v-if="season && planner" />
    <div v-if="season && !season.hasWeather" class="teach">
      <h2>First, weather</h2>
      <p>
        Windows, growth and ends are worked out from past years of weather.
        <router-link to="/farm">Bring a file of daily weather, or take the simulated station</router-link>.
      </p>
    </div>
    <div v-else-if="season && season.lanes.length === 0" class="teach">
      <h2>No field has a crop yet</h2>
      <p>
        <router-link to="/fields">Bring your fields from a GeoJSON or KML file and enter their crops</router-link>;
        their seasons appear here.
      </p>
    </div>
    <div v-else-if="season" class="body">
      <LaneList v-if="mobile" class="sheet-box" :rows="rows" :today="season.today" :whole="whole" />
      <div v-else class="sheet-box">
        <div class="head" @pointerdown="grab" @pointermove="drag" @pointerup="letGo" @pointercancel="letGo">
          <div class="gutter">
            <span class="quiet figures"
              >{{ found === 1 ? '1 field' : `${found} fields`
              }}<template v-if="only"> of {{ season.lanes.length }}</template></span
            >
            <button v-if="only" type="button" class="all" @click="only = null">show all</button>
            <router-link to="/weather" class="all">weather</router-link>
            <span class="row-name" :style="{ top: RAIN - 13 + 'px' }">rain</span>
            <span class="row-name" :style="{ top: temperatureY(32) - 8 + 'px' }">{{ temperature(32) }}</span>
            <span class="row-name" :style="{ top: STRIP - 14 + 'px' }">frost</span>
          </div>
          <div><WeatherStrip :strip="season.strip" :scale="scale" /><TimeAxis :scale="scale" /></div>
        </div>
        <div ref="sheetEl" class="sheet" tabindex="-1" @scroll="scrollTop = ($event.target as HTMLElement).scrollTop">
          <div :style="{ height: seen.total + 'px', position: 'relative' }">
            <div :style="{ transform: `translateY(${seen.offset}px)` }">
              <template
                v-for="{ row, index } in shown"
                :key="row.kind === 'group' ? 'g' + row.words : laneId(row.lane)"
              >
                <div v-if="row.kind === 'group'" class="group" :style="{ height: GROUP + 'px' }">
                  {{ row.words }} <span class="figures quiet">{{ row.count }}</span>
                </div>
                <div v-else class="lane-row" :class="{ open: opened === laneId(row.lane) }">
                  <div class="line" :style="{ height: LANE + 'px' }">
                    <label v-if="choosing && !row.lane.zoneId" class="choose"
                      ><input
                        v-model="picked"
                        type="checkbox"
                        :value="row.lane.fieldId"
                        :aria-label="`Choose ${row.lane.field}`"
                    /></label>
                    <LaneHead
                      :id="`lane-${index}`"
                      :lane="row.lane"
                      :open="opened === laneId(row.lane)"
                      :choosing="choosing"
                      @focus="focused = index"
                      @click="toggle(row.lane)"
                    />
                    <div
                      class="strip-of"
                      @pointermove="read($event, whole(row.lane))"
                      @pointerdown="read($event, whole(row.lane))"
                      @pointerleave="stopReading"
                    >
                      <FurrowLane
                        :lane="whole(row.lane)"
                        :scale="scale"
                        :today="today"
                        :height="LANE"
                        :top="top"
                        :mark="mark"
                        :mark-words="index === 0 ? `${matter(mark)} ${rateUnit} dry` : undefined"
                        @click="toggle(row.lane)"
                      />
                      <div
                        v-if="reading && laneId(reading.lane) === laneId(row.lane)"
                        class="read-line"
                        :style="{ left: scale.x(reading.day) + 'px' }"
                      />
                    </div>
                  </div>
                  <LaneAnswer
                    v-if="opened === laneId(row.lane)"
                    :lane="whole(row.lane)"
                    :today="season.today"
                    @sized="openedHeight = $event"
                  />
                </div>
              </template>
            </div>
          </div>
          <p v-if="rows.length === 0" class="quiet pa-4">No field matches “{{ find }}”.</p>
        </div>
        <SeasonLegend :today="season.today" />
      </div>
      <CallList class="calls" :calls="season.calls" :coming="season.coming" :today="season.today" @show="showCall" />
    </div>
    <div v-if="reading" class="read-box" :style="readingPlace" aria-hidden="true">
      <b>{{ reading.lane.field }}</b>
      <DayReading :lane="reading.lane" :day="reading.day" :today="today" />
    </div>
  </div>
</template>

<style scoped>
.season {
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
.find {
  max-width: 230px;
}
.pick {
  max-width: 150px;
  min-width: 120px;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.teach {
  max-width: 560px;
  margin: 60px auto;
  text-align: center;
}
.body {
  display: flex;
  flex: 1;
  min-height: 0;
  border-top: 1px solid var(--hair);
}
.sheet-box {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  background: var(--furrow);
}
.head {
  display: flex;
  border-bottom: 1px solid var(--hair);
  cursor: ew-resize;
  touch-action: none;
  background: rgb(var(--v-theme-background));
  overflow: hidden;
}
.gutter {
  width: 216px;
  flex: none;
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  align-items: start;
}
.gutter {
  position: relative;
}
.row-name {
  position: absolute;
  right: 8px;
  font-family: var(--figures);
  font-size: 0.82rem;
  line-height: 1;
  color: var(--quiet);
}
.strip-of {
  position: relative;
  overflow: hidden;
}
.read-line {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px dotted var(--loam);
  pointer-events: none;
}
.read-box {
  position: fixed;
  z-index: 20;
  width: 260px;
  padding: 8px 12px;
  font-size: 0.9rem;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--quiet);
  border-radius: 3px;
  pointer-events: none;
}
.all {
  all: unset;
  cursor: pointer;
  color: rgb(var(--v-theme-primary));
  text-decoration: underline;
}
.sheet {
  flex: 1;
  overflow-y: auto;
  overflow-x: hidden;
}
.group {
  padding: 3px 12px;
  font-weight: 700;
  background: rgb(var(--v-theme-background));
  border-bottom: 1px solid var(--hair);
}
.line {
  display: flex;
  border-bottom: 1px solid var(--hair);
}
.lane-row.open .line {
  background: rgb(var(--v-theme-surface));
}
.choose {
  position: absolute;
  z-index: 2;
  left: 168px;
  width: 44px;
  margin-top: 22px;
  height: 40px;
  display: grid;
  place-items: center;
}
.choose input {
  width: 20px;
  height: 20px;
  accent-color: var(--flax);
}
.calls {
  width: 290px;
  flex: none;
  overflow-y: auto;
  border-left: 1px solid var(--hair);
}
@media (max-width: 900px) {
  .season {
    height: auto;
  }
  .body {
    flex-direction: column-reverse;
  }
  .calls {
    width: auto;
    border-left: 0;
  }
  .sheet {
    max-height: 70vh;
  }
}
@media (max-width: 640px) {
  .gutter {
    width: 128px;
  }
  .tools .pick {
    display: none;
  }
}
</style>

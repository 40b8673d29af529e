<script setup lang="ts">
import { computed, ref } from 'vue'
import { useSeason } from '../../api/resources'
import { timescale } from '../../draw/timescale'
import { dayNumber, isoDay, long, short } from '../../format/dates'
import { area, areaUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { session } from '../../session'
import { useDrawnLanes } from './drawnLanes'
import { arrange, laneId, type GroupBy, type Lane, type SortBy } from '../../lane/lanes'
import TimeAxis from '../../lane/TimeAxis.vue'

/** The sheet on one landscape page, in black and white: fields down, days across. */
const NAMES = 236
const CHART = 824
const PAGE = 700
const TALLEST = 26
const ON_A_PAGE = 64
const BEFORE = 30
const AFTER = 300
const { data: season, error } = useSeason()
const group = (localStorage.getItem('furrow-group') as GroupBy) ?? 'none'
const sort = ref<SortBy>((localStorage.getItem('furrow-sort') as SortBy) ?? 'closes')
const lanes = computed(() =>
  arrange(season.value?.lanes ?? [], '', group, sort.value).flatMap((row) => (row.kind === 'lane' ? [row.lane] : [])),
)
const whole = useDrawnLanes(season, lanes)
const today = computed(() => dayNumber(season.value?.today ?? '2026-01-01'))
const scale = computed(() => timescale(today.value - BEFORE, today.value + AFTER, CHART))
const height = computed(() => Math.min(TALLEST, PAGE / Math.max(1, Math.min(ON_A_PAGE, lanes.value.length))))
const print = () => window.print()

const x = (iso: string) => Math.max(0, Math.min(CHART, scale.value.x(dayNumber(iso))))
function drawn(lane: Lane) {
  const l = whole(lane)
  return {
    bands: l.bands.map((b) => ({ key: b.from, x1: x(b.from), x2: b.to ? x(b.to) : CHART, words: b.words })),
    windows: l.brackets.map((b, i) => ({
      key: i,
      x1: x(b.from),
      x2: x(b.to),
      best1: b.bestFrom ? x(b.bestFrom) : 0,
      best2: b.bestTo ? x(b.bestTo) : 0,
      ends: b.kind !== 'SEED',
    })),
    covers: l.ridges.map((r) => ({
      key: r.first,
      x1: x(r.first),
      x2: x(isoDay(dayNumber(r.first) + (r.days[Math.max(0, Math.min(r.deadFrom, r.days.length) - 1)] ?? 0))),
      sown: r.sown,
    })),
    stakes: l.stakes
      .map((s) => ({ key: s.kind + s.day, x: scale.value.x(dayNumber(s.day)), done: s.done }))
      .filter((s) => s.x >= 0 && s.x <= CHART),
  }
}
const rows = computed(() => lanes.value.map((lane) => ({ lane, ...drawn(lane) })))
/** One page holds what can still be read; a larger farm takes further pages. */
const pages = computed(() => {
  const all = []
  for (let i = 0; i < rows.value.length; i += ON_A_PAGE) all.push(rows.value.slice(i, i + ON_A_PAGE))
  return all
})
</script>

<template>
  <div class="page sheet">
    <div class="no-print tools">
      <router-link to="/">Back to the sheet</router-link><v-spacer />
      <a href="/api/v1/exchange/season.csv" download="season.csv">Spreadsheet (CSV)</a>
      <a href="/api/v1/exchange/season.ics" download="season.ics">What closes when, for a calendar</a>
      <v-btn color="primary" size="small" @click="print">Print</v-btn>
    </div>
    <Refusal :says="error" />
    <div v-for="(page, p) in pages" :key="p" class="paper" tabindex="0" role="region" aria-label="The sheet on paper">
      <h1>
        {{ session?.farm }}: the season on {{ long(season!.today)
        }}<template v-if="pages.length > 1">, page {{ p + 1 }} of {{ pages.length }}</template>
      </h1>
      <svg :viewBox="`0 0 ${NAMES + CHART} ${26 + page.length * height + 16}`" role="img" aria-label="Season sheet">
        <defs>
          <pattern id="print-crop" width="4" height="4" patternUnits="userSpaceOnUse">
            <path d="M0,4 L4,0" stroke="var(--ink)" stroke-width="0.35" />
          </pattern>
          <pattern id="print-cover" width="3" height="3" patternUnits="userSpaceOnUse">
            <rect width="3" height="3" fill="var(--ink-faint)" />
          </pattern>
        </defs>
        <g :transform="`translate(${NAMES},0)`">
          <TimeAxis :scale="scale" />
        </g>
        <g v-for="(r, i) in page" :key="laneId(r.lane)" :transform="`translate(0,${24 + i * height})`">
          <line x1="0" :x2="NAMES + CHART" :y1="height" :y2="height" class="rule" />
          <text x="0" :y="height * 0.72" class="name" :font-size="Math.min(11, height * 0.78)">
            {{ r.lane.field }}
          </text>
          <text :x="NAMES - 6" :y="height * 0.72" text-anchor="end" :font-size="Math.min(11, height * 0.72)">
            {{ r.lane.answer }}
          </text>
          <g :transform="`translate(${NAMES},0)`">
            <rect
              v-for="b in r.bands"
              :key="b.key"
              :x="b.x1"
              :y="height * 0.62"
              :width="Math.max(0, b.x2 - b.x1)"
              :height="height * 0.3"
              fill="url(#print-crop)"
              class="edge"
            />
            <rect
              v-for="c in r.covers"
              :key="c.key"
              :x="c.x1"
              :y="height * 0.32"
              :width="Math.max(0, c.x2 - c.x1)"
              :height="height * 0.3"
              fill="url(#print-cover)"
              :class="['edge', { planned: !c.sown }]"
            />
            <g v-for="w in r.windows" :key="w.key">
              <rect
                :x="w.x1"
                :y="height * 0.06"
                :width="Math.max(0, w.x2 - w.x1)"
                :height="height * 0.24"
                :class="['window', { ends: w.ends }]"
              />
              <rect
                v-if="w.best2 > w.best1"
                :x="w.best1"
                :y="height * 0.06"
                :width="w.best2 - w.best1"
                :height="height * 0.24"
                fill="var(--ink)"
              />
            </g>
            <line
              v-for="s in r.stakes"
              :key="s.key"
              :x1="s.x"
              :x2="s.x"
              y1="1"
              :y2="height - 1"
              :class="['stake', { done: s.done }]"
            />
          </g>
        </g>
        <line
          :x1="NAMES + scale.x(today)"
          :x2="NAMES + scale.x(today)"
          y1="20"
          :y2="24 + page.length * height"
          class="now"
        />
        <g :transform="`translate(0,${24 + page.length * height + 12})`" font-size="11">
          <rect x="0" y="-7" width="18" height="8" fill="url(#print-crop)" class="edge" />
          <text x="22">crop</text>
          <rect x="60" y="-7" width="18" height="8" fill="url(#print-cover)" class="edge" />
          <text x="82">cover</text>
          <rect x="124" y="-7" width="18" height="8" class="window" />
          <text x="146">can be sown</text>
          <rect x="214" y="-7" width="18" height="8" fill="var(--ink)" />
          <text x="236">best</text>
          <rect x="274" y="-7" width="18" height="8" class="window ends" />
          <text x="296">can be ended</text>
          <line x1="372" x2="372" y1="-8" y2="2" class="stake" />
          <text x="378">job on its day</text>
          <line x1="456" x2="456" y1="-8" y2="2" class="now" />
          <text x="462">{{ short(season!.today) }}</text>
          <text :x="NAMES + CHART" text-anchor="end">
            {{ rows.length }} fields, {{ area(rows.reduce((sum, r) => sum + r.lane.acres, 0)) }} {{ areaUnit }}
          </text>
        </g>
      </svg>
    </div>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  gap: 16px;
  align-items: center;
  margin-bottom: 10px;
}
.paper {
  background: var(--paper);
  color: var(--ink);
  padding: 14px;
  border: 1px solid var(--hair);
  overflow-x: auto;
}
h1 {
  font-size: 1.1rem;
  margin: 0 0 6px;
}
svg {
  display: block;
  width: 100%;
  min-width: 1160px;
  height: auto;
  fill: var(--ink);
  font-family: 'Atkinson Hyperlegible', sans-serif;
}
.paper :deep(.tick) {
  stroke: var(--ink-pale);
}
.paper :deep(text) {
  fill: var(--ink);
}
.name {
  font-weight: 700;
}
.rule {
  stroke: var(--ink-light);
  stroke-width: 0.5;
}
.edge {
  stroke: var(--ink);
  stroke-width: 0.4;
}
.planned {
  stroke-dasharray: 2 1.5;
}
.window {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 0.7;
}
.ends {
  fill: var(--ink-grey);
}
.stake {
  stroke: var(--ink);
  stroke-width: 1.6;
}
.stake.done {
  stroke-width: 0.8;
}
.now {
  stroke: var(--ink);
  stroke-width: 0.8;
  stroke-dasharray: 3 2;
}
@media print {
  .paper {
    border: 0;
    padding: 0;
  }
  .sheet {
    padding: 0;
    max-width: none;
  }
  .paper + .paper {
    break-before: page;
  }
  svg {
    min-width: 0;
    max-height: 178mm;
  }
}
</style>
<style>
@page season {
  size: A4 landscape;
  margin: 8mm;
}
.paper {
  page: season;
}
</style>

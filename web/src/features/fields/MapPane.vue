<script setup lang="ts">
import { useDaySheet, useLand, useSeason } from '../../api/resources'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { api, got, type Schemas } from '../../api/client'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { dayNumber, isoDay, short } from '../../format/dates'
import { LandMap, type Shown } from './landMap'
import MapKey from './MapKey.vue'
import { lookOf } from './mapFills'
import { useLandTools } from './landTools'
import FieldFacts from './FieldFacts.vue'
import LeaveOut from './LeaveOut.vue'
import MarkDesk from './MarkDesk.vue'
import MarkList from './MarkList.vue'

const emit = defineEmits<{ change: [fieldId: string] }>()
const { data: land, error } = useLand()
const { problem, said, act } = useAct()
const { data: season } = useSeason()
const tomorrow = computed(() => (season.value ? isoDay(dayNumber(season.value.today) + 1) : ''))
const { data: jobs } = useDaySheet(tomorrow)
const ways = computed(() =>
  (jobs.value?.machines ?? []).map((m) => ({
    machine: m.machine,
    stead: m.jobs[0]?.farmstead ?? '',
    fields: [...new Set(m.jobs.flatMap((j) => j.fieldId ?? []))],
  })),
)
/** The lanes of each field: its own first, then zones with covers of their own. */
const lanes = computed(() => {
  const all = new Map<string, Schemas['LaneView'][]>()
  for (const lane of season.value?.lanes ?? []) all.set(lane.fieldId, [...(all.get(lane.fieldId) ?? []), lane])
  return all
})
const called = computed(() => new Set(season.value?.calls.flatMap((c) => c.fields)))
const shown = computed(
  () =>
    new Map<string, Shown>(
      [...lanes.value].map(([id, of]) => [id, { stands: of[0]!.stands, called: called.value.has(id) }]),
    ),
)
const looksSeen = computed(() => new Set([...shown.value.values()].map((s) => lookOf(s.stands))))
const over = ref({ id: '', at: [0, 0] })
const hovered = computed(() => lanes.value.get(over.value.id) ?? [])
/** Beside the pointer, and never beyond the map's own edges. */
const TIP = { wide: 300, high: 150 }
const tipAt = computed(() => ({
  left: `${Math.min(over.value.at[0]! + 16, (mapEl.value?.clientWidth ?? 900) - TIP.wide)}px`,
  top: `${Math.min(over.value.at[1]! + 12, (mapEl.value?.clientHeight ?? 600) - TIP.high)}px`,
}))
const tools = ref(false)
const route = useRoute()
const mapEl = ref<HTMLElement | null>(null)
const theme = useTheme()
let map: LandMap | null = null
let fitted = false
const chosenId = ref('')
const chosen = computed(() => land.value?.fields.find((f) => f.id === chosenId.value))
const name = ref('')
/** What is typed of leaving the chosen field out; kept while the tools are put away. */
const left = ref({ season: '', reason: '' })
const { tool, asks, edits, joining, look, use, mark, pointMark, stepBack, saveEdit, join } = useLandTools(
  () => map,
  land,
  chosen,
  name,
  act,
)

onMounted(() => {
  map = new LandMap(
    mapEl.value!,
    (id) => (tool.value === 'join' && id && id !== chosenId.value ? (joining.value = id) : (chosenId.value = id)),
    (id, at) => (over.value = { id, at }),
  )
  draw()
})
onBeforeUnmount(() => map?.dispose())
watch(land, draw)
watch(tools, () => nextTick(() => map?.whole()))
watch([shown, ways], () => map?.season(shown.value, ways.value))
watch(
  () => theme.global.name.value,
  () => setTimeout(draw, 50),
)
function draw() {
  if (!map || !land.value) return
  map.show(land.value, chosenId.value, fitted)
  map.season(shown.value, ways.value)
  if (!fitted && route.query.zone) {
    choose(String(route.query.zone))
    tool.value = 'look'
  }
  fitted = true
}
watch(chosenId, (id) => {
  map?.choose(id, false)
  look()
  const f = chosen.value
  left.value = { season: String(f?.leftOutSeason ?? ''), reason: f?.leftOutReason ?? '' }
})

const undo = () => act(() => got(api.POST('/api/v1/land/undo')), 'Undone.')
function choose(id: string | null) {
  chosenId.value = id ?? ''
  map?.choose(chosenId.value, true)
}
</script>

<template>
  <div class="both" :class="{ aside: tools || chosen }">
    <div class="frame">
      <div
        ref="mapEl"
        class="map"
        tabindex="0"
        role="application"
        aria-label="Map of the farm: arrow keys move, plus and minus zoom"
      />
      <div v-if="hovered.length" class="tip" :style="tipAt">
        <b>{{ hovered[0]!.field }}</b>
        <div v-for="l in hovered" :key="l.zoneId ?? l.fieldId">
          {{ l.stands?.words }}<br /><span v-if="l.cover">{{ l.cover }}: </span>{{ l.answer
          }}<template v-if="l.closes">, closes {{ short(l.closes) }}</template>
        </div>
      </div>
      <MapKey v-if="season" :seen="looksSeen" :called="called.size > 0" :ways="ways" :on="tomorrow" />
      <p v-if="asks" class="asks" role="status">
        {{ asks }} <v-btn size="x-small" variant="text" @click="look">Stop</v-btn>
      </p>
    </div>
    <div v-if="land" class="bar">
      <v-autocomplete
        label="Field"
        :items="land.fields.map((f) => ({ value: f.id, title: f.name }))"
        :model-value="chosenId || null"
        auto-select-first
        clearable
        class="pick"
        @update:model-value="choose"
      />
      <v-btn v-if="planner" variant="tonal" :aria-expanded="tools" @click="tools = !tools">Draw and mark</v-btn>
    </div>
    <aside v-if="land && (tools || chosen)" aria-label="Land">
      <Refusal :says="error || problem" />
      <p v-if="said" role="status">{{ said }}</p>
      <v-btn v-if="planner && land.undo" class="mt-2" size="small" variant="tonal" @click="undo"
        >Undo: {{ land.undo }}</v-btn
      >
      <template v-if="chosen">
        <h2>{{ chosen.name }}</h2>
        <FieldFacts :field="chosen" :lanes="lanes.get(chosen.id) ?? []" />
        <div v-if="planner" class="tools">
          <v-btn size="small" variant="tonal" color="primary" @click="emit('change', chosen.id)"
            >Land, crops, sprays</v-btn
          >
        </div>
        <div v-if="planner && tools" class="tools">
          <v-btn size="small" variant="tonal" :aria-pressed="tool === 'edit'" @click="use('edit')">Move corners</v-btn
          ><v-btn size="small" variant="tonal" @click="use('hole')">Cut a hole</v-btn
          ><v-btn size="small" variant="tonal" @click="use('split')">Split</v-btn
          ><v-btn size="small" variant="tonal" @click="use('join')">Join</v-btn
          ><v-btn size="small" variant="tonal" :aria-pressed="tool === 'zone'" @click="use('zone')"
            >Draw a zone</v-btn
          >
        </div>
        <div v-if="tool === 'edit'" class="tools">
          <v-btn size="small" color="primary" :disabled="edits.length < 2" @click="saveEdit">Save the boundary</v-btn
          ><v-btn size="small" variant="text" :disabled="edits.length < 2" @click="stepBack">Step back</v-btn>
        </div>
        <div v-if="tool === 'zone'" class="tools">
          <v-text-field v-model="name" label="Name of the zone" />
        </div>
        <div v-if="tool === 'split'" class="tools">
          <v-text-field v-model="name" label="Name of the other part" />
        </div>
        <div v-if="tool === 'join'" class="tools">
          <v-select
            v-model="joining"
            label="Neighbour"
            :items="land.fields.filter((f) => f.id !== chosenId).map((f) => ({ value: f.id, title: f.name }))"
          /><v-btn size="small" color="primary" :disabled="!joining" @click="join"
            >Join it into {{ chosen.name }}</v-btn
          >
        </div>
        <LeaveOut v-if="planner && tools" v-model="left" :field="chosen" :act="act" />
        <p v-if="chosen.leftOutSeason" class="trouble">
          Left out in {{ chosen.leftOutSeason }}: {{ chosen.leftOutReason || 'no reason written down' }}
        </p>
      </template>
      <template v-else-if="planner">
        <div class="tools mt-3">
          <v-text-field v-model="name" label="Name of a new field" /><v-btn
            size="small"
            variant="tonal"
            color="primary"
            @click="use('draw')"
            >Draw it</v-btn
          >
        </div>
        <MarkDesk v-model="mark" :kinds="land.kinds" @draw="use('mark')" @point="pointMark" />
      </template>
      <MarkList v-if="tools" :marks="land.marks" :act="act" />
    </aside>
  </div>
</template>

<style scoped>
.both {
  position: relative;
  display: grid;
  grid-template-columns: 1fr;
  gap: 14px;
  height: calc(100dvh - 128px);
  min-height: 460px;
}
.both.aside {
  grid-template-columns: 1fr 320px;
}
.bar {
  position: absolute;
  left: 50px;
  top: 8px;
  display: flex;
  gap: 8px;
  align-items: center;
}
.pick {
  width: 210px;
  background: rgb(var(--v-theme-surface));
  border-radius: 4px;
}
.bar .v-btn {
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--hair);
}
.tip {
  position: absolute;
  z-index: 3;
  max-width: 280px;
  pointer-events: none;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--loam);
  padding: 6px 10px;
  border-radius: 3px;
}
.frame {
  position: relative;
  min-height: 0;
}
.map {
  width: 100%;
  height: 100%;
  background: var(--furrow);
  border: 1px solid var(--hair);
}
aside {
  overflow-y: auto;
  padding-top: 7px;
}
.asks {
  position: absolute;
  left: 50px;
  top: 56px;
  margin: 0;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--flax);
  padding: 4px 10px;
  border-radius: 3px;
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  align-items: center;
  margin-bottom: 8px;
}
.tools > .v-input {
  min-width: 180px;
}
.map :deep(.ol-zoom button) {
  background: rgb(var(--v-theme-surface));
  color: var(--loam);
  width: 34px;
  height: 34px;
  border: 1px solid var(--hair);
  font-size: 1.2rem;
}
.map :deep(.ol-scale-line) {
  background: rgb(var(--v-theme-surface));
}
.map :deep(.ol-scale-line-inner) {
  color: var(--loam);
  border-color: var(--loam);
}
@media (max-width: 900px) {
  .both,
  .both.aside {
    grid-template-columns: 1fr;
    height: auto;
  }
  .bar {
    position: static;
    grid-row: 1;
  }
  .pick {
    flex: 1;
  }
  .map {
    height: 60vh;
  }
}
</style>

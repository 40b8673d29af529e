<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { useDaySheet, useLand, useSeason } from '../../api/resources'
import { computed, nextTick, onBeforeUnmount, onMounted, reactive, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useTheme } from 'vuetify'
import { api, got, type Schemas } from '../../api/client'
import { area, areaUnit, say } from '../../format/units'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { dayNumber, isoDay, short } from '../../format/dates'
import { LandMap, type Shown } from './landMap'
import MapKey from './MapKey.vue'
import { lookOf } from './mapFills'
import FigureField from '../../parts/FigureField.vue'

type Tool = 'look' | 'draw' | 'edit' | 'hole' | 'split' | 'join' | 'zone' | 'mark'
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
const tool = ref<Tool>('look')
const name = ref('')
const joining = ref('')
const mark = reactive({
  kind: 'WIRE' as Schemas['MarkForm']['kind'],
  name: '',
  keepAwayFt: '',
  shape: 'Point' as 'Point' | 'LineString' | 'Polygon',
  longitude: '',
  latitude: '',
})
const shapes = { POINT: 'Point', LINE: 'LineString', AREA: 'Polygon' } as const
const edits = ref<string[]>([])
/** The field's state on which its boundary is changed. */
let edited: number | undefined
const left = reactive({ season: '', reason: '' })

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
  Object.assign(left, { season: f?.leftOutSeason ? String(f.leftOutSeason) : '', reason: f?.leftOutReason ?? '' })
})
watch(
  [() => mark.kind, () => land.value?.kinds],
  ([kind]) => {
    const known = land.value?.kinds.find((k) => k.kind === kind)
    mark.keepAwayFt = String(known?.keepAwayFt ?? '')
    mark.shape = shapes[known?.drawn ?? 'POINT']
  },
  { immediate: true },
)

function look() {
  tool.value = 'look'
  edits.value = []
  joining.value = ''
  map?.stop()
}
function use(wanted: Tool) {
  look()
  tool.value = wanted
  if (wanted === 'draw')
    map?.draw(
      'Polygon',
      (shape) =>
        void after(
          () => got(api.POST('/api/v1/land', { body: { name: name.value.trim() || 'New field', shape } })),
          'Drawn.',
        ),
    )
  if (wanted === 'hole')
    map?.draw(
      'Polygon',
      (shape) =>
        void after(
          () =>
            got(
              api.POST('/api/v1/land/{id}/hole', {
                params: { path: { id: chosenId.value } },
                body: { shape, version: chosen.value?.version },
              }),
            ),
          'The hole is taken out.',
        ),
    )
  if (wanted === 'zone')
    map?.draw(
      'Polygon',
      (boundary) =>
        void after(
          () =>
            got(
              api.POST('/api/v1/fields/{id}/zones', {
                params: { path: { id: chosenId.value } },
                body: { name: name.value.trim() || `Zone ${(chosen.value?.zones.length ?? 0) + 1}`, boundary },
              }),
            ),
          'The zone is drawn; its soil is set under “Land, crops, sprays”.',
        ),
    )
  if (wanted === 'split')
    map?.draw(
      'LineString',
      (line) =>
        void after(
          () =>
            got(
              api.POST('/api/v1/land/{id}/split', {
                params: { path: { id: chosenId.value } },
                body: { line, name: name.value.trim() || `${chosen.value?.name} 2` },
              }),
            ),
          'Split: the larger part keeps its name and logbook.',
        ),
    )
  if (wanted === 'edit') {
    edits.value = [chosen.value!.boundary]
    edited = chosen.value!.version
    map?.modify((shape) => edits.value.push(shape))
  }
  if (wanted === 'mark') map?.draw(mark.shape, (shape) => void addMark(shape))
}
async function after(asked: () => Promise<unknown>, words: string) {
  await act(asked, words)
  name.value = ''
  look()
}
const addMark = (shape: string) =>
  after(
    () =>
      got(
        api.POST('/api/v1/marks', {
          body: { kind: mark.kind, name: mark.name, shape, keepAwayFt: figure(mark.keepAwayFt) },
        }),
      ),
    'Marked.',
  )
const typedMark = () =>
  addMark(JSON.stringify({ type: 'Point', coordinates: [Number(mark.longitude), Number(mark.latitude)] }))
const removeMark = (id: string) =>
  act(() => got(api.DELETE('/api/v1/marks/{id}', { params: { path: { id } } })), 'Taken off the map.')
function stepBack() {
  edits.value.pop()
  map?.put(edits.value[edits.value.length - 1]!)
}
const saveEdit = () =>
  after(
    () =>
      got(
        api.PUT('/api/v1/land/{id}/boundary', {
          params: { path: { id: chosenId.value } },
          body: { shape: edits.value[edits.value.length - 1]!, version: edited },
        }),
      ),
    'Boundary saved.',
  )
const join = () =>
  after(
    () =>
      got(
        api.POST('/api/v1/land/{id}/join', {
          params: { path: { id: chosenId.value } },
          body: { other: joining.value },
        }),
      ),
    'Joined.',
  )
const undo = () => act(() => got(api.POST('/api/v1/land/undo')), 'Undone.')
const leaveOut = (out: boolean) =>
  act(
    () =>
      got(
        api.PUT('/api/v1/fields/{id}/left-out', {
          params: { path: { id: chosenId.value } },
          body: {
            ...(out ? { season: Number(left.season), reason: left.reason } : {}),
            version: chosen.value?.version,
          },
        }),
      ),
    out ? 'Left out; no cover is planned there.' : 'Taken in again.',
  )
const markWords = computed(() => (land.value?.kinds ?? []).map((k) => ({ value: k.kind, title: k.words })))
const asks: Record<Tool, string> = {
  look: '',
  draw: 'Tap the corners; double tap ends. Corners snap to neighbours.',
  edit: 'Pull a corner or an edge; it snaps to neighbours.',
  hole: 'Draw the pond or grove inside the field.',
  split: 'Draw a line from outside to outside.',
  join: 'Tap the neighbour on the map, or choose it.',
  zone: 'Draw the part that is unlike the rest; it is cut to the field.',
  mark: 'Draw it on the map; double tap ends a line or an area.',
}

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
      <p v-if="asks[tool]" class="asks" role="status">
        {{ asks[tool] }} <v-btn size="x-small" variant="text" @click="look">Stop</v-btn>
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
        <p v-for="l in lanes.get(chosen.id) ?? []" :key="l.zoneId ?? l.fieldId" class="facts">
          {{ l.stands?.words }}<br /><span v-if="l.cover">{{ l.cover }}: </span>{{ l.answer
          }}<template v-if="l.closes">, closes {{ short(l.closes) }}</template>
        </p>
        <p class="facts">
          <b class="figures">{{ area(chosen.acres, 1) }} {{ areaUnit }}</b> · {{ chosen.farmstead || 'no farmstead'
          }}<br />{{ chosen.soil.replace('_', ' ').toLowerCase() }}, {{ chosen.drainage.toLowerCase() }} drainage{{
            chosen.tiled ? ', tiled' : ''
          }}{{ chosen.organic ? ', organic' : '' }}, {{ chosen.slopePercent }} % slope<span v-if="chosen.access"
            ><br />Way in: {{ chosen.access }}</span
          >
          <span v-for="z in chosen.zones" :key="z.id"
            ><br />{{ z.name }}: {{ area(z.acres, 1) }} {{ areaUnit
            }}{{ z.boundary ? '' : `, ${Math.round(100 * (z.share ?? 0))} % of the field` }}</span
          >
        </p>
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
        <form v-if="planner && tools" class="leave" @submit.prevent="leaveOut(true)">
          <NumberField v-model="left.season" label="Season" placeholder="2026" /><v-text-field
            v-model="left.reason"
            label="Why"
          />
          <v-btn v-if="!chosen.leftOutSeason" size="small" variant="tonal" type="submit">Leave out</v-btn
          ><v-btn v-else size="small" variant="tonal" @click="leaveOut(false)">Take in again</v-btn>
        </form>
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
        <section class="marks" aria-label="Mark something">
          <h2>Mark something on the map</h2>
          <v-select v-model="mark.kind" label="What" :items="markWords" /><v-text-field
            v-model="mark.name"
            label="Name"
          /><FigureField v-model="mark.keepAwayFt" label="Keep away" unit="FOOT" />
          <v-btn size="small" variant="tonal" color="primary" @click="use('mark')">Draw it on the map</v-btn>
          <form class="typed" @submit.prevent="typedMark">
            <NumberField v-model="mark.longitude" label="Longitude" required /><NumberField
              v-model="mark.latitude"
              label="Latitude"
              required
            /><v-btn size="small" variant="text" type="submit">Mark this point</v-btn>
          </form>
        </section>
      </template>
      <details v-if="tools" class="marks">
        <summary>{{ land.marks.length }} marks</summary>
        <ul>
          <li v-for="m in land.marks" :key="m.id">
            {{ m.words }}<template v-if="m.name">: {{ m.name }}</template
            ><span v-if="m.keepAwayFt" class="quiet figures"> keep {{ say(m.keepAwayFt, 'FOOT') }}</span>
            <v-btn
              v-if="planner"
              size="x-small"
              variant="text"
              :aria-label="`Take ${m.name || m.words} off the map`"
              @click="removeMark(m.id)"
              >Take off</v-btn
            >
          </li>
        </ul>
      </details>
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
.facts {
  margin: 8px 0;
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
.leave {
  display: grid;
  grid-template-columns: 1fr 1.3fr;
  gap: 6px;
  margin: 8px 0;
  align-items: center;
}
.marks {
  margin-top: 10px;
}
.marks .v-input {
  margin-bottom: 8px;
}
.typed {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin-top: 8px;
}
summary {
  cursor: pointer;
  font-weight: 700;
  padding: 6px 0;
  color: rgb(var(--v-theme-primary));
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  border-bottom: 1px solid var(--hair);
  padding: 3px 0;
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

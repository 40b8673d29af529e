<script setup lang="ts">
import { mdiPrinterOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import type { Schemas } from '../../api/client'
import { useHours } from '../../api/resources'
import { short, weekday } from '../../format/dates'
import { area, areaUnit, bare, wind, word } from '../../format/units'
import NumberField from '../../parts/NumberField.vue'
import Refusal from '../../parts/Refusal.vue'

/** Ten days by the hour for a field: which will do for the roller or the sprayer, and what is against the others. */
type Field = Schemas['FieldHours']
const route = useRoute()
const work = ref<Schemas['HoursView']['work']>(route.query.work === 'SPRAY' ? 'SPRAY' : 'ROLL')
/** Each field's own planned product, or one kind for all of them. */
const kind = ref<NonNullable<Schemas['HoursView']['kind']> | 'PLANNED'>('PLANNED')
const rainFree = ref<number>()
const {
  data: told,
  error,
  isPlaceholderData,
} = useHours(
  work,
  () => (work.value === 'SPRAY' && kind.value !== 'PLANNED' ? kind.value : undefined),
  () => (work.value === 'SPRAY' && kind.value !== 'PLANNED' ? rainFree.value : undefined),
)
const keyOf = (f: Field) => f.fieldId + (f.zoneId ?? '')
const chosen = ref(String(route.query.field ?? ''))
const field = computed(
  () =>
    told.value?.fields.find((f) => f.fieldId === chosen.value || keyOf(f) === chosen.value) ?? told.value?.fields[0],
)
const hours = computed(() => told.value?.grounds[field.value?.ground ?? 0] ?? [])
const days = computed(() =>
  Array.from({ length: hours.value.length / 24 }, (_, d) => hours.value.slice(24 * d, 24 * d + 24)),
)
const FROM = 4
const TO = 22
const shownHours = Array.from({ length: TO - FROM }, (_, i) => FROM + i)
const best = computed(() => field.value?.blocks.find((b) => b.best))
const clock = (iso: string) => Number(iso.slice(11, 13))
const until = (b: Schemas['FieldBlock']) => clock(b.end) || 24
const at = ref<string>()
const read = computed(() => hours.value.find((h) => h.start === at.value) ?? undefined)
watch(
  [best, hours],
  () => {
    if (!hours.value.some((h) => h.start === at.value)) at.value = best.value?.start ?? hours.value[12]?.start
  },
  { immediate: true },
)
/** One sign for each thing that may be against an hour. */
const MARKS: Record<string, string> = {
  LEAVES: '◦',
  AIR: '~',
  CLOUD: '∩',
  WIND: '»',
  GROUND: '▾',
  INVERSION: '=',
  CALM: '·',
  RAIN: '/',
  COLD: '−',
  HOT: '+',
}
const words = (limit: string) => told.value?.limits.find((l) => l.limit === limit)?.words ?? ''
const says = (h: Schemas['WorkHour']) =>
  `${weekday(h.start.slice(0, 10))} ${short(h.start.slice(0, 10))} ${clock(h.start)} h: ${h.chance} % that it will do` +
  (h.chance < 100 && words(h.limit) ? `, else ${words(h.limit)}` : '')
const kinds = [
  { value: 'PLANNED', title: 'as each field is planned' },
  { value: 'SYSTEMIC', title: 'taken up by leaves (systemic)' },
  { value: 'CONTACT', title: 'kills by contact' },
  { value: 'GROWTH_REGULATOR', title: 'growth regulator' },
  { value: 'RESIDUAL', title: 'for the soil (residual)' },
]
const inBlock = (h: Schemas['WorkHour']) => !!best.value && h.start >= best.value.start && h.start < best.value.end
function step(event: KeyboardEvent) {
  const by = { ArrowRight: 1, ArrowLeft: -1, ArrowUp: -24, ArrowDown: 24 }[event.key]
  if (by === undefined) return
  event.preventDefault()
  const i = hours.value.findIndex((h) => h.start === at.value) + by
  at.value = hours.value[Math.max(0, Math.min(hours.value.length - 1, i))]?.start
}
const print = () => window.print()
</script>

<template>
  <div class="page hours">
    <h1>Hours to {{ work === 'ROLL' ? 'roll' : 'spray' }}</h1>
    <Refusal :says="error ?? ''" />
    <template v-if="told">
      <p class="answer" aria-live="polite">
        <template v-if="field && best">
          <b>{{ field.field }}</b>: best {{ weekday(best.start.slice(0, 10)) }} {{ short(best.start.slice(0, 10)) }},
          {{ clock(best.start) }} to {{ until(best) }} h ({{ best.chance }} %); that holds
          <b>{{ area(best.acres) }} of its {{ area(field.acres) }} {{ areaUnit }}</b
          >.
        </template>
        <template v-else-if="field"
          ><b>{{ field.field }}</b
          >: <template v-if="field.blocks.length && field.opens">not ripe before {{ short(field.opens) }}.</template>
          <template v-else>no hours in a row in these ten days that will more likely do.</template></template
        >
        <template v-else>No cover lives that could be {{ work === 'ROLL' ? 'rolled' : 'sprayed' }}.</template>
      </p>
      <p v-if="work === 'SPRAY' && kind === 'PLANNED' && field" class="quiet">
        <template v-if="field.product">
          Planned with {{ field.product }}:
          {{
            field.rainFree === undefined
              ? 'its rain-free hours are still to be read off the label'
              : `${bare(field.rainFree, 'NONE', 0)} h without rain by its label`
          }}.
        </template>
        <template v-else>
          No product is planned for this field; a systemic one is taken.
          <router-link :to="{ name: 'spray', params: { fieldId: field.fieldId } }">Plan it</router-link>
        </template>
      </p>
      <div class="tools noprint">
        <v-btn-toggle v-model="work" mandatory density="compact" variant="outlined" aria-label="Work">
          <v-btn value="ROLL">Roll</v-btn>
          <v-btn value="SPRAY">Spray</v-btn>
        </v-btn-toggle>
        <v-select
          v-if="work === 'SPRAY'"
          v-model="kind"
          class="kind"
          label="Product"
          :items="kinds"
          density="compact"
          hide-details
        />
        <NumberField
          v-if="work === 'SPRAY' && kind !== 'PLANNED'"
          v-model="rainFree"
          class="free"
          label="Rain-free h (label)"
        />
        <span class="quiet figures"
          >{{ told.machine ?? 'a common machine' }}: {{ bare(told.acresPerHour, 'ACRE', 0) }} {{ areaUnit }}/h</span
        >
        <v-btn :prepend-icon="mdiPrinterOutline" variant="outlined" @click="print">Print for the cab</v-btn>
      </div>
      <div v-if="field" class="both" :class="{ stale: isPlaceholderData }">
        <div>
          <div
            class="grid"
            role="slider"
            tabindex="0"
            aria-label="Read an hour"
            :aria-valuemin="0"
            :aria-valuemax="hours.length - 1"
            :aria-valuenow="hours.findIndex((h) => h.start === at)"
            :aria-valuetext="read ? says(read) : ''"
            @keydown="step"
          >
            <span class="corner"></span>
            <span v-for="h in shownHours" :key="h" class="head figures">{{ h % 2 ? '' : h }}</span>
            <template v-for="d in days" :key="d[0]!.start">
              <span class="day figures"
                >{{ weekday(d[0]!.start.slice(0, 10)) }} {{ short(d[0]!.start.slice(0, 10)) }}</span
              >
              <span
                v-for="h in d.slice(FROM, TO)"
                :key="h.start"
                class="hour"
                :class="{ dark: h.limit === 'DARK', on: h.start === at, best: inBlock(h) }"
                @pointerenter="at = h.start"
                @pointerdown="at = h.start"
              >
                <span class="fill" :style="{ height: h.chance + '%' }"></span>
                <span v-if="h.chance < told.likely && h.limit !== 'DARK'" class="mark">{{
                  MARKS[h.limit] ?? ''
                }}</span>
              </span>
            </template>
          </div>
          <p v-if="read" class="read figures" aria-live="off">
            {{ says(read) }}; {{ bare(read.temperature, 'FAHRENHEIT', 0) }} {{ word('FAHRENHEIT') }}, wind
            {{ wind(read.wind) }}, rain {{ read.rain }} %, leaves dry {{ read.dryness }} %.
          </p>
          <p class="legend">
            <span><i class="full"></i> the fuller, the likelier it will do</span>
            <span v-for="l in told.limits.filter((x) => MARKS[x.limit])" :key="l.limit"
              ><b class="sign">{{ MARKS[l.limit] }}</b> {{ l.words }}</span
            >
            <span><i class="night"></i> dark</span>
          </p>
          <p v-for="c in told.cautions" :key="c" class="caution">{{ c }}</p>
        </div>
        <div>
          <h2>{{ field.field }}: blocks</h2>
          <ul class="blocks">
            <li v-for="b in field.blocks" :key="b.start" :class="{ best: b.best, early: !b.ripe }">
              {{ weekday(b.start.slice(0, 10)) }} {{ short(b.start.slice(0, 10)) }},
              <b>{{ clock(b.start) }}–{{ until(b) }} h</b>
              <span class="figures">{{ b.chance }} %, {{ area(b.acres) }} {{ areaUnit }}</span>
            </li>
            <li v-if="!field.blocks.length" class="quiet">none</li>
          </ul>
          <h2>Every field</h2>
          <ul class="fields noprint">
            <li v-for="f in told.fields" :key="keyOf(f)">
              <button type="button" :aria-pressed="f === field" @click="chosen = keyOf(f)">
                <b>{{ f.field }}</b>
                <span class="quiet"
                  >{{ f.chosen ? '' : 'ends another way; ' }}{{ f.opens ? 'opens ' + short(f.opens) : '' }}</span
                >
                <span class="figures">{{
                  f.blocks.find((b) => b.best)
                    ? `${weekday(f.blocks.find((b) => b.best)!.start.slice(0, 10))} ${clock(f.blocks.find((b) => b.best)!.start)} h`
                    : 'no hours'
                }}</span>
              </button>
            </li>
          </ul>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.answer {
  font-size: 18px;
}
.tools {
  display: flex;
  gap: 14px;
  align-items: center;
  flex-wrap: wrap;
  margin: 6px 0 12px;
}
.free {
  max-width: 220px;
  min-width: 200px;
}
.kind {
  max-width: 280px;
  min-width: 240px;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 300px;
  gap: 24px;
}
.stale {
  opacity: 0.6;
}
.grid {
  display: grid;
  grid-template-columns: 92px repeat(18, minmax(0, 1fr));
  gap: 2px;
  touch-action: pan-y;
}
.grid:focus-visible {
  outline: 3px solid var(--flax);
}
.head {
  font-size: 13px;
  color: var(--quiet);
}
.day {
  align-self: center;
  font-size: 14px;
  white-space: nowrap;
}
.hour {
  position: relative;
  height: 30px;
  background: var(--furrow);
  overflow: hidden;
}
.hour.dark {
  background: color-mix(in srgb, var(--loam) 14%, transparent);
}
.hour.on {
  outline: 2px solid var(--flax);
  z-index: 1;
}
.fill {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  background: var(--stubble-ink);
}
.best .fill {
  background: var(--sage);
}
.mark {
  position: absolute;
  inset: 2px 0 auto;
  text-align: center;
  font-size: 14px;
  line-height: 18px;
  color: var(--loam);
}
.read {
  min-height: 26px;
  margin: 8px 0 4px;
}
.legend {
  display: flex;
  gap: 4px 16px;
  flex-wrap: wrap;
  font-size: 14px;
}
.legend i {
  display: inline-block;
  width: 12px;
  height: 12px;
  vertical-align: -1px;
}
.full {
  background: var(--stubble-ink);
}
.night {
  background: color-mix(in srgb, var(--loam) 14%, transparent);
}
.sign {
  display: inline-block;
  min-width: 12px;
  text-align: center;
}
.blocks,
.fields {
  list-style: none;
  padding: 0;
}
.blocks li {
  display: flex;
  justify-content: space-between;
  gap: 6px;
  min-height: 30px;
  align-items: center;
  padding: 0 6px;
}
.blocks li.early {
  color: var(--quiet);
}
.blocks li.best {
  background: var(--sage-soft);
}
.fields button {
  width: 100%;
  min-height: 44px;
  padding: 0 6px;
  display: grid;
  grid-template-columns: 1fr auto;
  text-align: left;
  align-content: center;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: none;
  font: inherit;
  color: inherit;
  cursor: pointer;
}
.fields button .quiet {
  grid-column: 1;
  grid-row: 2;
  font-size: 13.5px;
}
.fields button[aria-pressed='true'] {
  background: var(--furrow);
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
  .grid {
    grid-template-columns: 76px repeat(18, minmax(0, 1fr));
    gap: 1px;
  }
  .day {
    font-size: 12.5px;
  }
}
@media print {
  .noprint {
    display: none;
  }
  .fill {
    print-color-adjust: exact;
  }
}
</style>

<script setup lang="ts">
import TradeWord from '../../parts/TradeWord.vue'
import { computed, onBeforeUnmount, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useChoices, useSeason } from '../../api/resources'
import { short } from '../../format/dates'
import { area, areaUnit, perArea, perAreaUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { planner } from '../../session'
import { cropWords } from '../../lane/lanes'
import { usual, type Cover } from './draft'
import { picked } from '../../parts/picked'

/** One goal and one end for many fields: the ranked answer of each, what differs, kept together. */
type Option = Schemas['OptionView']
const { data: season, error } = useSeason()
const { data: choices } = useChoices()
const { problem, busy, act } = useAct()
const wish = reactive({ goal: usual.goal, termination: usual.termination, most: 2 })
const answer = ref<Schemas['ManyFieldsView'] | null>(null)
const refused = ref<Refused | ''>('')
const asking = ref(false)
/** The place in a field's ranking that is taken; the first where none is said. */
const taken = reactive<Record<string, number>>({})
const told = ref<Schemas['CoverKept'][]>([])

const lanes = computed(() =>
  (season.value?.lanes ?? []).filter((l) => !l.zoneId && !l.trouble).sort((a, b) => a.field.localeCompare(b.field)),
)
const chosen = ref<string[]>([...picked.value])
const bare = computed(() => lanes.value.filter((l) => !l.cover).map((l) => l.fieldId))
watch(
  bare,
  (now) => {
    // What was picked on another farm's sheet is none of this one's.
    if (lanes.value.length) chosen.value = chosen.value.filter((id) => lanes.value.some((l) => l.fieldId === id))
    if (!chosen.value.length && !answer.value) chosen.value = [...now]
  },
  { immediate: true },
)

let timer: ReturnType<typeof setTimeout> | undefined
let round = 0
onBeforeUnmount(() => clearTimeout(timer))
watch(
  [chosen, wish],
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => void ask(), 250)
  },
  { deep: true, immediate: true },
)
async function ask() {
  const mine = ++round
  if (!chosen.value.length) {
    answer.value = null
    return
  }
  asking.value = true
  try {
    const now = await got(
      api.POST('/api/v1/advice/many', {
        body: {
          fields: chosen.value,
          goals: { [wish.goal]: 2 },
          termination: wish.termination,
          mostSpecies: wish.most,
        },
      }),
    )
    if (mine !== round) return
    answer.value = now
    refused.value = ''
    for (const id of Object.keys(taken)) delete taken[id]
  } catch (e) {
    if (mine === round) [answer.value, refused.value] = [null, e as Refused]
  } finally {
    if (mine === round) asking.value = false
  }
}

const rows = computed(() => {
  const byField = new Map(answer.value?.fields.map((f) => [f.fieldId, f]))
  return lanes.value.map((lane) => {
    const options = byField.get(lane.fieldId)
    const option: Option | undefined = options?.options[taken[lane.fieldId] ?? 0]
    return { lane, options, option, on: chosen.value.includes(lane.fieldId) }
  })
})
const ready = computed(() => rows.value.filter((r) => r.on && r.option))
const differing = computed(() => rows.value.filter((r) => r.on && r.options?.differs).length)
const named = (o: Option) => `${o.name}, ${o.wayWords}`
const refusals = computed(() => told.value.filter((t) => t.refused))

async function keep() {
  const covers = ready.value.map((r) => ({
    fieldId: r.lane.fieldId,
    version: r.options!.version,
    cover: {
      goal: wish.goal,
      termination: wish.termination,
      way: r.option!.way,
      members: r.option!.members,
    } as Cover,
  }))
  told.value = (await act(() => got(api.PUT('/api/v1/cover/many', { body: { covers } })))) ?? []
  chosen.value = refusals.value.map((t) => t.fieldId)
  picked.value = []
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Cover for many fields</h1>
      <v-select v-model="wish.goal" class="pick" label="What it is for" :items="choices?.goals" />
      <v-select v-model="wish.termination" class="pick" label="How it dies" :items="choices?.terminations" />
      <v-select v-model="wish.most" class="few" label="Species at most" :items="[1, 2, 3]" />
      <v-spacer />
      <v-btn v-if="planner" color="primary" :disabled="!ready.length || asking" :loading="busy" @click="keep"
        >Keep for {{ ready.length === 1 ? '1 field' : `${ready.length} fields` }}</v-btn
      >
    </div>
    <Refusal :says="error || refused || problem" />
    <p class="answer" aria-live="polite">
      <template v-if="!chosen.length && told.length"
        >{{ told.length - refusals.length }} fields have their cover.
        <router-link to="/">See them on the sheet</router-link></template
      >
      <template v-else-if="!chosen.length">Choose fields, and what their cover is for.</template>
      <template v-else-if="answer?.common"
        ><b>{{ answer.common.name }}</b
        >, {{ answer.common.wayWords }}, comes first on {{ answer.common.fields }} of
        {{ answer.fields.length }} fields<template v-if="differing">; {{ differing }} differ</template>.</template
      >
      <template v-else-if="answer">Nothing fits on these fields: change how it dies.</template>
      <span v-if="asking" class="quiet"> Working out {{ chosen.length }} fields …</span>
    </p>
    <ul v-if="refusals.length" role="alert" class="trouble">
      <li v-for="t in refusals" :key="t.fieldId">
        <b>{{ t.field }}</b> is as it was: {{ t.refused }}
      </li>
    </ul>
    <div class="sets" role="group" aria-label="Choose">
      <v-btn size="small" variant="tonal" @click="chosen = [...bare]">Without a cover ({{ bare.length }})</v-btn>
      <v-btn size="small" variant="tonal" @click="chosen = lanes.map((l) => l.fieldId)"
        >All ({{ lanes.length }})</v-btn
      >
      <v-btn size="small" variant="tonal" @click="chosen = []">None</v-btn>
    </div>
    <table class="plain">
      <thead>
        <tr>
          <th>Field</th>
          <th class="n">{{ areaUnit }}</th>
          <th>Now</th>
          <th>Cover</th>
          <th>Sow about</th>
          <th class="n"><TradeWord of="in time" /></th>
          <th class="n">serves</th>
          <th class="n">{{ perAreaUnit }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in rows" :key="r.lane.fieldId" :class="{ off: !r.on }">
          <td>
            <label class="tick"
              ><input v-model="chosen" type="checkbox" :value="r.lane.fieldId" /><b>{{ r.lane.field }}</b></label
            >
          </td>
          <td class="n">{{ area(r.lane.acres, 1) }}</td>
          <td class="quiet">{{ cropWords[r.lane.crop] }}<br />{{ r.lane.cover ?? 'no cover' }}</td>
          <td class="cover">
            <template v-if="r.on && r.option">
              <select
                :aria-label="`Cover of ${r.lane.field}`"
                :value="taken[r.lane.fieldId] ?? 0"
                @change="taken[r.lane.fieldId] = Number(($event.target as HTMLSelectElement).value)"
              >
                <option v-for="(o, i) in r.options!.options" :key="named(o)" :value="i">{{ named(o) }}</option>
              </select>
              <span v-if="r.options!.differs" class="differs">{{ r.options!.differs }}</span>
            </template>
            <span v-else-if="r.on && r.options?.trouble" class="trouble">{{ r.options.trouble }}</span>
          </td>
          <td class="figures">{{ r.on && r.option ? short(r.option.sowing) : '' }}</td>
          <td class="n" :class="{ trouble: r.option && r.option.chancePercent < 50 }">
            {{ r.on && r.option ? `${r.option.chancePercent} %` : '' }}
          </td>
          <td class="n">{{ r.on && r.option ? `${r.option.servedPercent} %` : '' }}</td>
          <td class="n">{{ r.on && r.option ? perArea(r.option.costPerAcre) : '' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
}
.pick {
  max-width: 240px;
  min-width: 190px;
}
.few {
  max-width: 150px;
  min-width: 130px;
}
.answer {
  font-size: 1.12rem;
  margin: 10px 0 6px;
  min-height: 1.5em;
}
.answer b {
  display: inline-block;
}
.answer b::first-letter {
  text-transform: uppercase;
}
.sets {
  display: flex;
  gap: 8px;
  margin-bottom: 6px;
}
.tick {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 36px;
}
.tick input {
  width: 18px;
  height: 18px;
  accent-color: var(--flax);
}
.off b {
  font-weight: 400;
}
.cover {
  min-width: 280px;
}
select {
  min-height: 36px;
  max-width: 100%;
  border: 1px solid var(--hair);
  border-radius: 4px;
  padding: 0 6px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  font: inherit;
}
.differs {
  display: block;
  border-left: 3px solid var(--ochre);
  padding-left: 6px;
  font-size: 0.88rem;
}
@media (max-width: 760px) {
  table.plain {
    display: block;
    overflow-x: auto;
  }
}
</style>

<script setup lang="ts">
import { computed, onBeforeUnmount, reactive, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { number, perArea, perAreaUnit } from '../../format/units'
import { useChoices } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import type { Cover } from './draft'

type Goal = Cover['goal']
const props = defineProps<{
  fieldId: string
  place?: number
  termination: Cover['termination']
  goal: Goal
  takes: boolean
}>()
const emit = defineEmits<{ take: [option: Schemas['OptionView'], goal: Goal] }>()
const { data: choices } = useChoices()
const key = computed(() => `furrow-goals-${props.fieldId}`)
const weights = reactive<Record<string, number>>({})
const most = ref(2)
const advice = ref<Schemas['AdviceView'] | null>(null)
const problem = ref<Refused | ''>('')
const words: Record<string, string> = {
  ORGANIC: 'organic ground',
  RESTRICTION: 'herbicide in the soil',
  NO_WINDOW: 'no window',
  METHOD: 'way in',
  TOO_LATE: 'too late',
  SOIL: 'cold ground',
  NEXT_CROP: 'next crop',
  HOW_IT_DIES: 'how it dies',
  METERING: 'too small to meter',
}

watch(
  () => [props.fieldId, props.goal],
  () => {
    for (const k of Object.keys(weights)) delete weights[k]
    Object.assign(weights, JSON.parse(localStorage.getItem(key.value) ?? 'null') ?? { [props.goal]: 2 })
  },
  { immediate: true },
)
const asked = computed(() => Object.fromEntries(Object.entries(weights).filter(([, w]) => w > 0)))
let timer: ReturnType<typeof setTimeout> | undefined
onBeforeUnmount(() => clearTimeout(timer))
let round = 0
watch(
  [asked, () => props.termination, most, () => props.fieldId, () => props.place],
  () => {
    localStorage.setItem(key.value, JSON.stringify(weights))
    clearTimeout(timer)
    timer = setTimeout(() => void ask(), 180)
  },
  { deep: true, immediate: true },
)

async function ask() {
  const mine = ++round
  if (!Object.keys(asked.value).length) {
    advice.value = null
    return
  }
  try {
    const answer = await got(
      api.POST('/api/v1/advice', {
        body: {
          fieldId: props.fieldId,
          place: props.place,
          goals: asked.value,
          termination: props.termination,
          mostSpecies: most.value,
        },
      }),
    )
    if (mine === round) [advice.value, problem.value] = [answer, '']
  } catch (e) {
    if (mine === round) [advice.value, problem.value] = [null, e as Refused]
  }
}
const weighed = computed(() => (choices.value?.goals ?? []).filter((g) => weights[g.value]))
const others = computed(() => (choices.value?.goals ?? []).filter((g) => !weights[g.value]))
const heaviest = computed(() => Object.entries(asked.value).sort((a, b) => b[1] - a[1])[0]?.[0] as Goal | undefined)
const grouped = computed(() => {
  const by = new Map<string, Schemas['WhyNotView'][]>()
  for (const w of advice.value?.whyNot ?? []) by.set(w.kind, [...(by.get(w.kind) ?? []), w])
  return [...by]
})
</script>

<template>
  <v-card class="pa-4 advice">
    <h2>What to sow</h2>
    <div class="goals" role="group" aria-label="Goals weighed">
      <label v-for="g in weighed" :key="g.value"
        ><span class="on">{{ g.title }}</span
        ><input
          type="range"
          min="0"
          max="3"
          step="1"
          :value="weights[g.value]"
          :aria-label="`${g.title}: weight 0 to 3`"
          @input="weights[g.value] = Number(($event.target as HTMLInputElement).value)"
      /></label>
    </div>
    <div class="row">
      <v-select
        label="Also for …"
        :items="others"
        :model-value="null"
        @update:model-value="$event && (weights[$event] = 1)"
      /><v-select v-model="most" label="Species at most" :items="[1, 2, 3]" />
    </div>
    <Refusal :says="problem" />
    <p v-if="!Object.keys(asked).length" class="quiet">Say what the cover is for.</p>
    <ol v-if="advice" class="ranked">
      <li v-for="o in advice.ranked.slice(0, 8)" :key="o.name + o.way">
        <div class="line">
          <b>{{ o.name }}</b><span class="quiet">{{ o.wayWords }}, about {{ short(o.sowing) }}</span>
        </div>
        <div class="bar" aria-hidden="true"><span :style="{ width: o.score + '%' }" /></div>
        <p class="figures">
          in time {{ o.chancePercent }} % · serves {{ o.servedPercent }} % · seed {{ perArea(o.costPerAcre) }}
          {{ perAreaUnit }}
        </p>
        <div class="acts">
          <v-btn
            v-if="takes"
            size="x-small"
            variant="tonal"
            color="primary"
            :aria-label="`Try ${o.name}, ${o.wayWords}`"
            @click="emit('take', o, heaviest ?? goal)"
            >Try this</v-btn
          >
          <details>
            <summary>Why</summary>
            <ul>
              <li v-for="r in o.reasons" :key="r">{{ r }}</li>
            </ul>
          </details>
        </div>
      </li>
    </ol>
    <p v-if="advice && !advice.ranked.length" class="trouble">
      Nothing fits: change how it dies, or the ways in you have.
    </p>
    <details v-if="grouped.length" class="not">
      <summary>Why not the other {{ number(advice?.whyNot.length ?? 0) }}</summary>
      <div v-for="[kind, all] in grouped" :key="kind">
        <h3>{{ words[kind] }}</h3>
        <ul>
          <li v-for="w in all" :key="w.species">
            <b>{{ w.name }}</b> {{ w.reason }} <span class="quiet">({{ w.wayWords }})</span>
          </li>
        </ul>
      </div>
    </details>
  </v-card>
</template>

<style scoped>
.acts {
  display: flex;
  gap: 12px;
  align-items: flex-start;
}
.acts summary {
  padding: 0;
}
.goals {
  display: grid;
  grid-template-columns: 1fr;
  gap: 0;
}
.goals label {
  display: grid;
  grid-template-columns: 1fr 96px;
  gap: 8px;
  align-items: center;
  min-height: 30px;
  font-size: 0.93rem;
  color: var(--quiet);
}
.goals .on {
  font-weight: 700;
  color: var(--loam);
}
input[type='range'] {
  accent-color: var(--sage);
  min-height: 28px;
}
.row {
  display: grid;
  grid-template-columns: 1.5fr 1fr;
  gap: 8px;
  margin: 8px 0;
}
.ranked {
  padding-left: 20px;
  margin: 0;
}
.ranked > li {
  padding: 6px 0;
  border-top: 1px solid var(--hair);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: baseline;
}
.line b::first-letter {
  text-transform: uppercase;
}
.bar {
  height: 6px;
  background: var(--furrow);
  border: 1px solid var(--hair);
  margin: 3px 0;
}
.bar span {
  display: block;
  height: 100%;
  background: var(--sage);
}
p {
  margin: 0;
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
summary {
  cursor: pointer;
  color: rgb(var(--v-theme-primary));
}
.not {
  margin-top: 8px;
}
.not h3 {
  font-size: 0.95rem;
  margin: 6px 0 0;
}
.not h3::first-letter {
  text-transform: uppercase;
}
</style>

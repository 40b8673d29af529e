<script setup lang="ts">
import { sentence } from '../../format/sentence'
import { useCover, useFields, useRefresh, useSpecies } from '../../api/resources'
import { mdiContentCopy, mdiClose } from '@mdi/js'
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, got, Refused, type Schemas } from '../../api/client'
import { short } from '../../format/dates'
import { area, areaUnit } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner, session } from '../../session'
import AdvicePanel from './AdvicePanel.vue'
import CandidateAnswer from './CandidateAnswer.vue'
import LaneDrawing from '../../lane/LaneDrawing.vue'
import CandidateForm from './CandidateForm.vue'
import NamedMixes from './NamedMixes.vue'
import TerminationColumns from './TerminationColumns.vue'
import { copy, dropDrafts, keepDrafts, readDrafts, usual, type Cover } from './draft'

interface Tried {
  answer: Schemas['CoverAnswer'] | null
  problem: Refused | ''
}

const route = useRoute()
const router = useRouter()
const refresh = useRefresh()
const fieldId = computed(() => String(route.params.fieldId ?? ''))
/** Which cover of the season: 0 the running one, 1 the one after the next cut. */
const place = computed(() => Number(route.query.place ?? 0) || undefined)
/** The one zone that the cover is for; none: the whole field. */
const zone = computed(() => (route.query.zone ? String(route.query.zone) : undefined))
const draftKey = computed(() => (zone.value ?? fieldId.value) + (place.value ? `-${place.value}` : ''))
const { data: fields } = useFields()
const { data: species } = useSpecies()
const { data: kept, error } = useCover(fieldId, place, zone)
const drafts = ref<Cover[]>([])
const tried = ref<Tried[]>([])
const saved = ref('')
const before = ref<Cover | null>(null)
const problem = ref<Refused | ''>('')
const busy = ref(false)

const items = computed(() => fields.value?.map((f) => ({ value: f.field.id, title: f.field.name })) ?? [])
const field = computed(() => fields.value?.find((f) => f.field.id === fieldId.value)?.field)
const inZone = computed(() => field.value?.zones.find((z) => z.id === zone.value))
const placeWords = computed(() => (inZone.value ? `${field.value?.name} · ${inZone.value.name}` : field.value?.name))

watch(
  [fields, fieldId],
  () => {
    if (!fieldId.value && fields.value?.[0])
      void router.replace({ name: 'cover', params: { fieldId: fields.value[0].field.id } })
  },
  { immediate: true },
)

watch(
  kept,
  (now, was) => {
    if (!now || (was && JSON.stringify(now.cover) === JSON.stringify(was.cover) && drafts.value.length)) return
    drafts.value = readDrafts(draftKey.value) ?? [now.cover ? copy(now.cover) : copy(usual)]
  },
  { immediate: true },
)
watch(draftKey, () => {
  drafts.value = []
  tried.value = []
  saved.value = ''
  problem.value = ''
})

let timer: ReturnType<typeof setTimeout> | undefined
let round = 0
watch(
  drafts,
  (now) => {
    if (!now.length) return
    clearTimeout(timer)
    timer = setTimeout(() => void answerAll(), 220)
  },
  { deep: true },
)
onBeforeUnmount(() => clearTimeout(timer))

async function answerAll() {
  const mine = ++round
  const asked = drafts.value.map(async (candidate): Promise<Tried> => {
    try {
      return {
        answer: await got(
          api.POST('/api/v1/cover/try', {
            body: { fieldId: fieldId.value, place: place.value, zone: zone.value, candidate },
          }),
        ),
        problem: '',
      }
    } catch (e) {
      return { answer: null, problem: e as Refused }
    }
  })
  const answers = await Promise.all(asked)
  if (mine === round) tried.value = answers
}

function change(i: number, cover: Cover) {
  drafts.value = drafts.value.map((d, n) => (n === i ? cover : d))
  keepDrafts(draftKey.value, drafts.value)
  saved.value = ''
}

function drop(i: number) {
  drafts.value = drafts.value.filter((_, n) => n !== i)
  tried.value = tried.value.filter((_, n) => n !== i)
  keepDrafts(draftKey.value, drafts.value)
}

async function put(cover: Cover) {
  await got(
    api.PUT('/api/v1/cover/{fieldId}', {
      params: { path: { fieldId: fieldId.value } },
      body: { cover, place: place.value, zone: zone.value, version: kept.value?.version },
    }),
  )
  // What was tried is the plan now: the drafts go before the views load anew.
  dropDrafts(draftKey.value)
  drafts.value = [copy(cover)]
  await refresh.all()
}

async function keep(i: number) {
  busy.value = true
  problem.value = ''
  const was = kept.value?.cover ? copy(kept.value.cover) : null
  try {
    const name = tried.value[i]?.answer?.name ?? 'The cover'
    await put(drafts.value[i]!)
    before.value = was
    saved.value = `${name} is the plan for ${placeWords.value}.`
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}

async function undo() {
  try {
    if (before.value) await put(before.value)
    else {
      await got(
        api.DELETE('/api/v1/cover/{fieldId}', {
          params: { path: { fieldId: fieldId.value }, query: { place: place.value, zone: zone.value } },
        }),
      )
      await refresh.all()
    }
    saved.value = ''
    drafts.value = [copy(before.value ?? usual)]
  } catch (e) {
    problem.value = e as Refused
  }
}

async function leaveOut() {
  const was = kept.value?.cover ? copy(kept.value.cover) : null
  try {
    await got(
      api.DELETE('/api/v1/cover/{fieldId}', {
        params: { path: { fieldId: fieldId.value }, query: { place: place.value, zone: zone.value } },
      }),
    )
    await refresh.all()
    before.value = was
    saved.value = `${placeWords.value} has no cover now.`
  } catch (e) {
    problem.value = e as Refused
  }
}

function take(option: Schemas['OptionView'], goal: Cover['goal']) {
  const at = drafts.value.length - 1
  change(at, { ...drafts.value[at]!, goal, way: option.way, members: option.members, planned: undefined })
}

const changed = (i: number) => JSON.stringify(drafts.value[i]) !== JSON.stringify(kept.value?.cover)

function compare() {
  change(0, drafts.value[0]!)
  drafts.value = [...drafts.value, copy(drafts.value[0]!)]
}
</script>

<template>
  <div class="page">
    <div class="head">
      <h1>Cover</h1>
      <v-autocomplete
        class="pick"
        label="Field"
        :items="items"
        :model-value="fieldId"
        auto-select-first
        @update:model-value="$event && router.push({ name: 'cover', params: { fieldId: $event } })"
      />
      <p v-if="field && kept" class="about">
        <span class="figures">{{ area((inZone ?? field).acres, 1) }} {{ areaUnit }}</span> · {{ kept.crop }},
        {{ kept.afterCut ? 'about' : 'planted' }} {{ short(kept.planted) }} · then {{ kept.next.toLowerCase() }}
        {{ short(kept.nextPlanned) }}<template v-if="field.organic"> · organic</template
        ><template v-if="kept.makesRoom">
          · <b>{{ kept.makesRoom }}</b></template
        >
      </p>
      <router-link v-if="planner" to="/cover/many" class="many">For many fields</router-link>
      <div v-if="field?.zones.length" class="places" role="group" aria-label="Field or zone">
        <button
          v-for="z in [{ id: undefined, name: 'Whole field' }, ...field.zones]"
          :key="z.id ?? ''"
          type="button"
          :aria-pressed="z.id === zone"
          @click="router.push({ name: 'cover', params: { fieldId }, query: { zone: z.id } })"
        >
          {{ z.name }}
        </button>
      </div>
      <div v-if="kept && kept.places.length > 1" class="places" role="group" aria-label="Which cover">
        <button
          v-for="(w, i) in kept.places"
          :key="w"
          type="button"
          :aria-pressed="i === kept.place"
          @click="router.push({ name: 'cover', params: { fieldId }, query: { place: i || undefined, zone } })"
        >
          {{ w }}
        </button>
      </div>
    </div>
    <Refusal :says="error || problem" />
    <p v-if="error && fieldId"><router-link to="/fields">Enter the field's crop</router-link></p>
    <Refusal
      v-if="kept?.trouble"
      :says="`The plan that is kept cannot be worked out: ${kept.trouble}. Change it below, or leave this field out.`"
    />
    <div v-if="saved" role="status" class="saved">
      {{ saved }} <v-btn size="small" variant="text" color="primary" @click="undo">Undo</v-btn>
      <router-link to="/">See it on the sheet</router-link>
    </div>
    <div class="desk" :class="{ advised: drafts.length === 1 }">
      <div class="pair" :class="{ two: drafts.length > 1 }">
        <v-card v-for="(draft, i) in drafts" :key="i" class="candidate pa-4">
          <div class="card-head">
            <h2>
              {{ drafts.length > 1 ? `Candidate ${i === 0 ? 'A' : 'B'}` : 'The cover'
              }}<span v-if="kept?.cover && !changed(i)" class="quiet"> · this is the plan</span>
            </h2>
            <v-btn
              v-if="drafts.length === 1"
              size="small"
              variant="text"
              color="primary"
              :prepend-icon="mdiContentCopy"
              @click="compare"
              >Compare with another</v-btn
            >
            <v-btn
              v-else
              icon
              size="x-small"
              variant="text"
              :aria-label="`Drop candidate ${i === 0 ? 'A' : 'B'}`"
              @click="drop(i)"
              ><v-icon :icon="mdiClose"
            /></v-btn>
          </div>
          <template v-if="tried[i]?.answer">
            <p class="headline">{{ sentence(tried[i]!.answer!.headline) }}</p>
            <p v-if="tried[i]!.answer!.rolledOnly" class="rolled">{{ tried[i]!.answer!.rolledOnly }}.</p>
            <LaneDrawing
              :lane="tried[i]!.answer!.lane"
              :from="tried[i]!.answer!.drawnFrom"
              :to="tried[i]!.answer!.drawnTo"
              :today="session?.today ?? kept!.planted"
              :height="120"
              tried
            />
            <TerminationColumns
              :terminations="tried[i]!.answer!.terminations"
              @take="change(i, { ...draft, termination: $event })"
            />
          </template>
          <Refusal :says="tried[i]?.problem" />
          <div v-if="planner" class="acts">
            <v-btn color="primary" :loading="busy" :disabled="!!tried[i]?.problem || !changed(i)" @click="keep(i)"
              >Make it the plan</v-btn
            >
            <v-btn v-if="kept?.cover && !kept.sown && i === 0" variant="text" @click="leaveOut"
              >Leave this field out</v-btn
            >
            <span v-if="changed(i)" class="quiet">Not the plan yet; kept here while you try.</span>
          </div>
          <CandidateForm
            v-if="species"
            :model-value="draft"
            :species="species"
            :sown="kept?.sown ?? false"
            @update:model-value="change(i, $event)"
          />
          <NamedMixes v-if="!kept?.sown" :members="draft.members" @take="change(i, { ...draft, members: $event })" />
          <CandidateAnswer v-if="tried[i]?.answer" class="mt-3" :answer="tried[i]!.answer!" />
        </v-card>
      </div>
      <AdvicePanel
        v-if="fieldId && drafts.length === 1 && kept && !kept.sown"
        :field-id="fieldId"
        :place="place"
        :termination="drafts[0]!.termination"
        :goal="drafts[0]!.goal"
        :takes="true"
        @take="take"
      />
    </div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  align-items: center;
  gap: 16px;
  flex-wrap: wrap;
  margin-bottom: 10px;
}
.pick {
  max-width: 260px;
  min-width: 220px;
}
/* The answer first; what can be changed, and the rest of it, beneath. */
.headline {
  font-size: 1.12rem;
  font-weight: 700;
  line-height: 1.35;
  margin: 0 0 6px;
}
.many {
  margin-left: auto;
}
.about {
  margin: 0;
}
.desk {
  display: grid;
  gap: 14px;
  align-items: start;
}
.desk.advised {
  grid-template-columns: minmax(0, 1fr) 360px;
}
.desk.advised > .pair:only-child {
  grid-column: 1 / -1;
}
.pair {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
}
.pair.two {
  grid-template-columns: repeat(2, minmax(0, 1fr));
}
.card-head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.rolled {
  border-left: 3px solid var(--ochre);
  padding-left: 8px;
  margin: 0 0 8px;
}
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
  flex-wrap: wrap;
  margin: 4px 0 14px;
}
.saved {
  border-left: 4px solid var(--sage);
  padding: 4px 10px;
  margin-bottom: 10px;
}
@media (max-width: 900px) {
  .desk.advised,
  .pair.two {
    grid-template-columns: 1fr;
  }
}
.places {
  display: flex;
  border: 1px solid var(--hair);
  border-radius: 4px;
  overflow: hidden;
}
.places button {
  min-height: 36px;
  padding: 0 12px;
  border: 0;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  cursor: pointer;
}
.places button[aria-pressed='true'] {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font-weight: 700;
}
</style>

<script setup lang="ts">
import { useLog, useRefresh } from '../../api/resources'
import { computed, reactive, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, got, type Refused, upload } from '../../api/client'
import { dayNumber, isoDay, long } from '../../format/dates'
import { session } from '../../session'
import Refusal from '../../parts/Refusal.vue'
import AgainDialog from './AgainDialog.vue'
import AppliedDialog from './AppliedDialog.vue'
import { byDayAndField, distinct, kindWords, matches, type Kept, type Sought } from './entries'
import LogEntry from './LogEntry.vue'
import LogForm from './LogForm.vue'

const STEP = 100
const route = useRoute()
const asked = computed(() => ({
  field: route.query.field as string | undefined,
  kind: route.query.kind as string | undefined,
}))
const refresh = useRefresh()
/** A year and a month are read at first; who looks for older work asks for it. */
const DAYS = 395
const allYears = ref(false)
const { data: entries, error } = useLog(() =>
  allYears.value || !session.value?.today ? undefined : isoDay(dayNumber(session.value.today) - DAYS),
)
const sought = reactive<Sought>({ words: '', kind: null, machine: null, person: null })
const most = ref(STEP)
const problem = ref<Refused | ''>('')
const found = computed(() =>
  (entries.value ?? []).filter((e) => matches(e, { ...sought, words: sought.words ?? '' })),
)
const days = computed(() => byDayAndField(found.value.slice(0, most.value)))
const kinds = computed(() =>
  Object.entries(kindWords)
    .filter(([kind]) => entries.value?.some((e) => e.kind === kind))
    .map(([value, title]) => ({ value, title })),
)
const machines = computed(() => distinct((entries.value ?? []).map((e) => e.machine)))
const people = computed(() => distinct((entries.value ?? []).map((e) => e.by)))

const mapOpen = ref(false)
const mapOf = ref('')
function showMap(id: string) {
  mapOf.value = id
  mapOpen.value = true
}
watch(
  () => route.query.map,
  (id) => id && showMap(String(id)),
  { immediate: true },
)

async function bring(id: string, event: Event) {
  const input = event.target as HTMLInputElement
  problem.value = ''
  try {
    await upload(`/api/v1/log/${id}/applied`, input.files![0]!)
    await refresh.all()
    showMap(id)
  } catch (e) {
    problem.value = e as Refused
  }
  input.value = ''
}

const correcting = ref<Kept | null>(null)
const repeating = ref<Kept | null>(null)
const repeatOpen = ref(false)
function repeat(kept: Kept) {
  repeating.value = kept
  repeatOpen.value = true
}
const taken = ref<{ id: string; about: string } | null>(null)

/** An entry is never rewritten: taking it out, and putting it back, are words on it. */
async function say(id: string, about: string, kind: 'WITHDRAWN' | 'RESTORED', reason?: string) {
  problem.value = ''
  try {
    await got(
      api.POST('/api/v1/log/{id}/corrections', {
        params: { path: { id } },
        body: { id: crypto.randomUUID(), kind, reason: reason || undefined },
      }),
    )
    taken.value = kind === 'WITHDRAWN' ? { id, about } : null
    correcting.value = null
    await refresh.all()
  } catch (e) {
    problem.value = e as Refused
  }
}
</script>

<template>
  <div class="page">
    <div class="both">
      <LogForm
        class="side"
        :field="asked.field"
        :kind="asked.kind"
        :correcting="correcting"
        @settled="correcting = null"
        @withdraw="(reason) => say(correcting!.id, `${correcting!.field}, ${correcting!.about}`, 'WITHDRAWN', reason)"
      />
      <section class="list" aria-label="Entries">
        <div class="head">
          <h1>Logbook</h1>
          <v-text-field v-model="sought.words" label="Find an entry" clearable />
          <v-select v-model="sought.kind" label="Any work" clearable :items="kinds" />
          <v-select v-model="sought.machine" label="Any machine" clearable :items="machines" />
          <v-select v-model="sought.person" label="Anybody" clearable :items="people" />
        </div>
        <Refusal :says="error || problem" />
        <p v-if="taken" role="status">
          {{ taken.about }}: taken out as a mistake.
          <v-btn size="small" variant="text" color="primary" @click="say(taken.id, taken.about, 'RESTORED')">
            Put it back
          </v-btn>
        </p>
        <p v-if="entries && !entries.length" class="quiet">
          Nothing is written down yet. What you save here moves the forecasts of its field.
        </p>
        <p v-else-if="entries && !found.length" class="quiet">
          No entry is like that{{ allYears ? '' : ' in the last year' }}.
        </p>
        <section v-for="d in days" :key="d.day" class="day" :aria-label="long(d.day)">
          <h2 class="figures">{{ long(d.day) }}</h2>
          <ol>
            <li v-for="f in d.fields" :key="f.field">
              <b>{{ f.field }}</b>
              <div>
                <LogEntry
                  v-for="e in f.entries"
                  :key="e.id"
                  :kept="e"
                  :chosen="correcting?.id === e.id"
                  @correct="correcting = e"
                  @again="repeat(e)"
                  @map="showMap(e.id)"
                  @bring="bring(e.id, $event)"
                />
              </div>
            </li>
          </ol>
        </section>
        <v-btn v-if="found.length > most" variant="tonal" @click="most += STEP"
          >Older entries ({{ found.length - most }})</v-btn
        >
        <v-btn v-else-if="entries && !allYears" variant="tonal" @click="allYears = true"
          >Entries of earlier years</v-btn
        >
      </section>
    </div>
    <AppliedDialog v-model="mapOpen" :entry-id="mapOf" />
    <AgainDialog v-model="repeatOpen" :kept="repeating" />
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 22px;
  align-items: start;
}
.side {
  position: sticky;
  top: 66px;
}
.head {
  display: grid;
  grid-template-columns: auto repeat(4, minmax(0, 1fr));
  align-items: center;
  gap: 8px;
}
.day h2 {
  margin: 10px 0 0;
  font-size: 1.05rem;
  border-bottom: 2px solid var(--hair);
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 148px 1fr;
  gap: 8px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
}
@media (max-width: 1000px) {
  .both {
    grid-template-columns: minmax(0, 1fr);
  }
  .side {
    position: static;
  }
}
@media (max-width: 640px) {
  .head {
    grid-template-columns: 1fr 1fr;
  }
  h1 {
    grid-column: 1 / -1;
  }
  li {
    grid-template-columns: 1fr;
    gap: 0;
  }
}
</style>

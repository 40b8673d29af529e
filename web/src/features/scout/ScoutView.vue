<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, type Component } from 'vue'
import { registerSW } from 'virtual:pwa-register'
import { api, got, Refused, type Schemas } from '../../api/client'
import { session } from '../../session'
import Refusal from '../../parts/Refusal.vue'
import { useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import ClipForm from './ClipForm.vue'
import LookForm from './LookForm.vue'
import SoilForm from './SoilForm.vue'
import StandForm from './StandForm.vue'
import StemCounter from './StemCounter.vue'
import WinterForm from './WinterForm.vue'
import { again, came, reread, send, sending, throwAway, waits, write } from './queue'
import type { Photo } from '../../parts/photos'
import { setSpeaks, speaks } from './place'
import * as store from './store'

/**
 * For whoever goes out: what is worth a look, most first, and what is counted there. The list is taken along, so that
 * all of it works without a signal; what is kept is sent when there is one.
 */
type Field = Schemas['ScoutField']
type Kind = Schemas['LookView']['kind']
const view = shallowRef<Schemas['ScoutView']>()
const problem = ref<Refused | ''>('')
const signal = ref(navigator.onLine)
const takenAt = ref(0)
const open = ref<{ kind: Kind; field: Field; species?: string }>()
const search = ref('')
const aloud = ref(speaks())
const refresh = useRefresh()
const farm = computed(() => session.value?.farm)

async function load() {
  try {
    const now = await got(api.GET('/api/v1/scout'))
    view.value = now
    problem.value = ''
    signal.value = true
    takenAt.value = Date.now()
    if (session.value) {
      const plain = JSON.parse(JSON.stringify({ session: session.value, view: now }))
      await store.take({ farm: farm.value!, ...plain, at: takenAt.value })
    }
  } catch (e) {
    const kept = await store.taken()
    // A phone may believe that it has a signal when it has none.
    if ((e as Refused).status === 0) signal.value = false
    if ((e as Refused).status === 0 && kept) {
      view.value = kept.view
      takenAt.value = kept.at
    } else problem.value = e as Refused
  }
}

async function sync() {
  if (!navigator.onLine) {
    signal.value = false
    return
  }
  const before = waits.value.length
  await send(farm.value)
  if (waits.value.some((w) => !w.refused && w.farm === farm.value)) signal.value = false
  else if (before) signal.value = true
  if (before && waits.value.length < before) {
    await load()
    await refresh.all()
  }
}
async function back() {
  await load()
  await sync()
}
let timer: ReturnType<typeof setInterval> | undefined
onMounted(async () => {
  registerSW({ immediate: true })
  window.addEventListener('online', back)
  window.addEventListener('offline', sync)
  timer = setInterval(() => waits.value.length && void sync(), 8_000)
  await reread()
  await back()
})
onBeforeUnmount(() => {
  window.removeEventListener('online', back)
  window.removeEventListener('offline', sync)
  clearInterval(timer)
})

const fields = computed(() =>
  (view.value?.fields ?? []).filter((f) => f.name.toLowerCase().includes((search.value ?? '').trim().toLowerCase())),
)
const fieldOf = (look: Schemas['LookView']) =>
  view.value?.fields.find((f) => f.fieldId === look.fieldId && f.zoneId === look.zoneId)
function go(look: Schemas['LookView']) {
  const field = fieldOf(look)
  if (field) open.value = { kind: look.kind, field, species: look.species }
}
/** What a look is written down with: counts have forms of their own, all that is read spot by spot has one. */
const forms: Partial<Record<Kind, Component>> = {
  STEMS: StemCounter,
  CLIP: ClipForm,
  STAND: StandForm,
  WINTER: WinterForm,
  SOIL: SoilForm,
}
const form = computed(() => open.value && (forms[open.value.kind] ?? LookForm))
const own = computed(() => {
  if (open.value?.kind === 'WINTER') return { species: open.value.species }
  return form.value === LookForm ? { kind: open.value!.kind } : {}
})
async function done(written: store.Entry, says: string, photos: Photo[]) {
  const field = open.value!.field
  open.value = undefined
  await write(farm.value!, field.name, says, written, photos)
  await sync()
}
const way = (f: Field) => `geo:${f.latitude.toFixed(5)},${f.longitude.toFixed(5)}`
const age = computed(() => {
  const minutes = Math.round((Date.now() - takenAt.value) / 60_000)
  return minutes < 2 ? 'just now' : minutes < 120 ? `${minutes} minutes ago` : `${Math.round(minutes / 60)} hours ago`
})
</script>

<template>
  <component
    :is="form"
    v-if="open && form"
    :key="open.kind + open.field.fieldId"
    :field="open.field"
    :view="view!"
    v-bind="own"
    @done="done"
    @away="open = undefined"
  />
  <div v-else class="page scout">
    <div class="head">
      <h1>Scout</h1>
      <span class="quiet signal">{{
        signal ? (sending ? 'sending …' : 'signal') : `no signal; list taken along ${age}`
      }}</span>
    </div>
    <Refusal :says="problem" />
    <section v-if="waits.length" class="queue" aria-labelledby="waits">
      <h2 id="waits">{{ waits.length }} {{ waits.length === 1 ? 'entry waits' : 'entries wait' }}</h2>
      <ul>
        <li v-for="w in waits" :key="w.id">
          <b>{{ w.field }}</b> {{ w.says }}
          <template v-if="w.refused">
            <p class="trouble" role="alert">Not taken: {{ w.refused }}</p>
            <v-btn size="small" variant="tonal" @click="again(w)">Send again</v-btn>
            <v-btn size="small" variant="text" @click="throwAway(w.id)">Throw away</v-btn>
          </template>
          <span v-else class="quiet">sent when there is a signal</span>
        </li>
      </ul>
    </section>
    <template v-if="view">
      <p class="answer">
        <template v-if="view.looks.length"
          >{{ view.looks.length }} {{ view.looks.length === 1 ? 'look is' : 'looks are' }} worth the walk today; most
          first.</template
        >
        <template v-else-if="view.fields.length">Nothing that could be seen today would change a plan.</template>
        <template v-else>No field has a crop yet: there is nothing to look at.</template>
      </p>
      <ol class="looks">
        <li v-for="l in view.looks" :key="l.fieldId + l.zoneId + l.kind + l.species">
          <div>
            <b>{{ l.field }}</b>
            <p>{{ l.says }}</p>
            <a v-if="fieldOf(l)" :href="way(fieldOf(l)!)">The way there</a>
          </div>
          <v-btn color="primary" variant="flat" size="large" @click="go(l)">{{ l.what }}</v-btn>
        </li>
      </ol>
      <section v-if="came.length" aria-labelledby="came">
        <h2 id="came">What came of it</h2>
        <ul>
          <li v-for="s in came" :key="s.id">
            <b>{{ s.field }}</b> {{ s.says }}. {{ s.verdict }}
            <span v-for="c in s.changes" :key="c.what" class="figures change"
              >{{ c.what }} {{ c.before ?? '–' }} → {{ c.after ?? '–' }}</span
            >
          </li>
        </ul>
      </section>
      <section v-if="view.fields.length" aria-labelledby="all">
        <h2 id="all">All fields</h2>
        <v-text-field v-model="search" label="Find a field" clearable />
        <v-switch
          v-model="aloud"
          label="Say aloud what I take"
          density="compact"
          hide-details
          @update:model-value="setSpeaks(!!aloud)"
        />
        <ul class="fields">
          <li v-for="f in fields" :key="f.fieldId + f.zoneId">
            <div>
              <b class="name">{{ f.name }}</b>
              <span class="quiet"
                >{{ f.cover ?? 'no cover yet'
                }}{{ f.ended ? `, ended ${short(f.ended)}` : f.cover && !f.sown ? ', not sown yet' : '' }}</span
              >
            </div>
            <div class="acts">
              <v-menu>
                <template #activator="{ props: opens }">
                  <v-btn v-bind="opens" size="small" variant="tonal" :aria-label="`Look at ${f.name}`">Look …</v-btn>
                </template>
                <v-list>
                  <v-list-item
                    v-for="o in f.offers"
                    :key="o.kind"
                    :title="o.words"
                    @click="open = { kind: o.kind, field: f }"
                  />
                </v-list>
              </v-menu>
            </div>
          </li>
        </ul>
      </section>
    </template>
  </div>
</template>

<style scoped>
.scout {
  max-width: 760px;
}
.head {
  display: flex;
  gap: 14px;
  align-items: baseline;
}
ul,
ol {
  list-style: none;
  padding: 0;
  margin: 6px 0;
}
.queue {
  border: 2px solid var(--ochre);
  border-radius: 10px;
  padding: 8px 12px;
  margin: 8px 0;
}
.looks li,
.fields li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid var(--hair);
}
.looks p {
  margin: 0;
}
.looks a {
  display: inline-flex;
  min-height: 32px;
  align-items: center;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  justify-content: flex-end;
}
.acts .v-btn {
  min-height: 44px;
}
.name {
  margin-right: 6px;
}
.change {
  display: block;
}
@media (max-width: 640px) {
  .looks li {
    flex-direction: column;
    align-items: stretch;
    gap: 6px;
  }
}
</style>

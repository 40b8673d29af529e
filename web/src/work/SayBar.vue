<script setup lang="ts">
import { mdiAlertOutline, mdiCalendarArrowRight, mdiCheck, mdiPlay, mdiStop } from '@mdi/js'
import { computed, ref } from 'vue'
import type { Refused, Schemas } from '../api/client'
import { figure } from '../parts/act'
import DayField from '../parts/DayField.vue'
import FigureField from '../parts/FigureField.vue'
import Refusal from '../parts/Refusal.vue'
import { doingWords } from './board'

/** What whoever does a job can say of it: that it is seen, begun, stopped, not then, or in trouble. */
const props = defineProps<{
  job: Schemas['JobId']
  field: string
  left: number
  doing?: Schemas['DoingView']
  counted?: Schemas['CountedView']
  today: string
  pounds?: boolean
  say: (form: Schemas['ReportForm'], photo?: File) => Promise<void>
}>()

type Kind = Schemas['ReportForm']['kind']
const asking = ref<'STOPPED' | 'PROPOSED' | 'PROBLEM' | null>(null)
const done = ref('')
const used = ref('')
const day = ref('')
const words = ref('')
const photo = ref<File | File[] | null>(null)
const busy = ref(false)
const problem = ref<Refused | ''>('')
/** What is sent twice is kept once: the name stays until it has arrived. */
const id = ref(crypto.randomUUID())

const state = computed(() => (props.doing ? doingWords(props.doing, props.left, props.counted) : ''))

function ask(what: 'STOPPED' | 'PROPOSED' | 'PROBLEM') {
  asking.value = asking.value === what ? null : what
  problem.value = ''
  const far = props.counted ? props.counted.done : props.doing?.acresDone
  if (what === 'STOPPED' && !done.value) done.value = far ? far.toFixed(1) : ''
}

async function send(kind: Kind) {
  busy.value = true
  problem.value = ''
  try {
    const form = {
      id: id.value,
      job: props.job,
      kind,
      day: kind === 'PROPOSED' ? day.value || undefined : undefined,
      acres: kind === 'STOPPED' && !props.counted ? figure(done.value) : undefined,
      hours: kind === 'STOPPED' && props.counted ? figure(done.value) : undefined,
      pounds: kind === 'STOPPED' ? figure(used.value) : undefined,
      words: words.value || undefined,
    }
    const picture = Array.isArray(photo.value) ? photo.value[0] : photo.value
    await props.say(form, kind === 'PROBLEM' ? (picture ?? undefined) : undefined)
    id.value = crypto.randomUUID()
    asking.value = null
    words.value = ''
    photo.value = null
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="say" role="group" :aria-label="`Say of ${field}`">
    <p v-if="state" role="status" class="state">{{ state }}</p>
    <div class="buttons">
      <v-btn
        v-if="!doing?.agreed && !doing?.under"
        variant="tonal"
        :prepend-icon="mdiCheck"
        :disabled="busy"
        @click="send('ACCEPTED')"
        >I have it</v-btn
      >
      <v-btn v-if="!doing?.under" color="primary" :prepend-icon="mdiPlay" :disabled="busy" @click="send('STARTED')"
        >Start</v-btn
      >
      <v-btn v-else color="primary" :prepend-icon="mdiStop" :disabled="busy" @click="ask('STOPPED')">Stop</v-btn>
      <v-btn
        v-if="!doing?.under"
        variant="text"
        :prepend-icon="mdiCalendarArrowRight"
        :disabled="busy"
        @click="ask('PROPOSED')"
        >Another day</v-btn
      >
      <v-btn variant="text" :prepend-icon="mdiAlertOutline" :disabled="busy" @click="ask('PROBLEM')">Problem</v-btn>
    </div>
    <form v-if="asking" @submit.prevent="send(asking)">
      <template v-if="asking === 'STOPPED'">
        <FigureField v-model="done" label="Done so far, all in all" :unit="counted ? 'HOUR' : 'ACRE'" />
        <FigureField v-if="pounds" v-model="used" label="Seed used so far" unit="POUND" />
      </template>
      <DayField v-if="asking === 'PROPOSED'" v-model="day" label="Which day would suit" :min="today" />
      <template v-if="asking !== 'STOPPED'">
        <v-text-field v-model="words" :label="asking === 'PROBLEM' ? 'What is the problem' : 'Why (optional)'" />
      </template>
      <v-file-input
        v-if="asking === 'PROBLEM'"
        v-model="photo"
        label="Photo (optional)"
        accept="image/*"
        prepend-icon=""
        variant="outlined"
        density="compact"
      />
      <v-btn type="submit" color="primary" :loading="busy">Say it</v-btn>
    </form>
    <Refusal :says="problem" />
  </div>
</template>

<style scoped>
.say {
  margin-top: 6px;
}
.state {
  margin: 0 0 4px;
  font-weight: 700;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.buttons :deep(.v-btn) {
  min-height: 44px;
}
form {
  display: grid;
  gap: 8px;
  margin-top: 8px;
}
</style>

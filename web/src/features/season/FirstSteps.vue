<script setup lang="ts">
import { mdiCheckCircle, mdiCircleOutline } from '@mdi/js'
import { computed } from 'vue'
import { useRouter, type RouteLocationRaw } from 'vue-router'
import type { Schemas } from '../../api/client'
import { api, got } from '../../api/client'
import { useFirstSteps, useRefresh } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { settle } from '../../session'

/** What a new farm still lacks, ticked by facts; gone when all is there. */
type Step = Schemas['FirstStepView']['step']
const { data: steps } = useFirstSteps()
const to: Record<Step, { words: string; place: RouteLocationRaw }> = {
  WEATHER: { words: 'Bring weather', place: '/farm' },
  FIELDS: { words: 'Bring fields', place: '/fields' },
  CROPS: { words: 'Enter crops', place: { path: '/fields', query: { view: 'crops' } } },
  MACHINES: { words: 'Fill the yard', place: { path: '/machines', query: { yard: '1' } } },
  SEED: { words: 'Enter seed', place: '/seed' },
  COVER: { words: 'Choose a cover', place: '/cover' },
}
const needed = computed(() => steps.value?.filter((s) => s.step !== 'SEED').some((s) => !s.done))
const next = computed(() => steps.value?.find((s) => !s.done)?.step)
const router = useRouter()
const refresh = useRefresh()
const { problem, busy, act } = useAct()
const bare = computed(() => steps.value?.filter((s) => s.step !== 'WEATHER').every((s) => !s.done))
async function look() {
  const view = await act(() => got(api.POST('/api/v1/sample')))
  if (!view) return
  settle(view)
  await router.push('/')
  await refresh.farm()
}
</script>

<template>
  <section v-if="steps && needed" class="steps" aria-label="First steps">
    <h2>First steps</h2>
    <ol>
      <li v-for="s in steps" :key="s.step" :class="{ done: s.done, next: s.step === next }">
        <v-icon :icon="s.done ? mdiCheckCircle : mdiCircleOutline" :aria-label="s.done ? 'done' : 'to do'" />
        <span class="what"
          ><b>{{ s.words }}</b> <span class="quiet">{{ s.says }}</span></span
        >
        <router-link v-if="!s.done" :to="to[s.step].place">{{ to[s.step].words }}</router-link>
      </li>
    </ol>
    <p v-if="bare" class="look">
      <v-btn variant="tonal" color="primary" :loading="busy" @click="look">Look at the demo first</v-btn>
      <span class="quiet">A made-up farm of your own to take apart; yours stays as it is.</span>
    </p>
    <Refusal :says="problem" />
  </section>
</template>

<style scoped>
.look {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0 0;
}
.steps {
  padding: 10px 16px 12px;
  border-bottom: 1px solid var(--hair);
  background: rgb(var(--v-theme-surface));
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(330px, 1fr));
  gap: 4px 24px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 36px;
}
li.done {
  color: var(--quiet);
}
li.next a {
  font-weight: 700;
}
.what {
  flex: 1;
}
</style>

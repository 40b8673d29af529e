<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { usePractice, useScene } from '../../api/resources'
import { useQueryClient } from '@tanstack/vue-query'
import NumberField from '../../parts/NumberField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import SceneDrawing from './SceneDrawing.vue'

/** Drawings to judge: say what you see, be told what is true, see what your eye is off by. */
const { data: practice, error } = usePractice()
const cache = useQueryClient()
const { problem, busy, act } = useAct()
type Exercise = Schemas['EyeView']['exercise']
const exercise = ref<Exercise>('HEADS')
const roll = () => Math.floor(Math.random() * 1_000_000) + 1
const seed = ref(roll())
const { data: scene } = useScene(exercise, seed)
const said = ref<number>()
const told = ref<Schemas['TruthView']>()
const eye = computed(() => practice.value?.eyes.find((e) => e.exercise === exercise.value))
const HINTS: Record<Exercise, string> = {
  HEADS: 'A head is past when four or more anthers hang out.',
  STEMS: 'A stem counts when half of it or more is yellow, from below.',
  STAND: 'Every plant counts once, however many blades it has.',
  QUADRAT: 'Leaves that lie over each other cover ground once.',
  MAT: 'What is straw-coloured is dead.',
  SKY: 'Clouds that lie over each other cover sky once.',
}
watch(exercise, () => next())
function next() {
  seed.value = roll()
  said.value = undefined
  told.value = undefined
}
async function judge() {
  if (said.value === undefined || !scene.value) return
  const { seed: s, level } = scene.value
  const answer = said.value
  await act(async () => {
    told.value = await got(
      api.POST('/api/v1/practice', {
        body: { id: crypto.randomUUID(), exercise: exercise.value, seed: s, level, said: answer },
      }),
    )
    cache.setQueryData(['practice'], told.value.practice)
  })
}
async function move(moved: boolean) {
  await act(async () => {
    cache.setQueryData(['practice'], await got(api.POST('/api/v1/practice/counts', { body: { moved } })))
  })
}
const off = computed(() => (told.value ? told.value.said - told.value.truth : 0))
const offWords = computed(() =>
  off.value === 0 ? 'exactly right' : `${Math.abs(off.value)} too ${off.value > 0 ? 'high' : 'low'}`,
)
const bias = computed(() => {
  const e = eye.value
  if (!e?.judged) return 'Nothing judged yet.'
  const b = Math.abs(e.bias)
  const way = b < 0.5 ? 'neither too high nor too low' : `${b} too ${e.bias > 0 ? 'high' : 'low'}`
  return `Your last ${e.judged}: on average ${way}, give or take ${e.scatter}.`
})
const WIDE = 320
const x = (d: number) => WIDE / 2 + Math.max(-40, Math.min(40, d)) * (WIDE / 90)
</script>

<template>
  <div class="page practice">
    <h1>Practice</h1>
    <Refusal :says="error || problem" />
    <template v-if="practice && eye">
      <div class="tabs" role="group" aria-label="What is judged">
        <v-btn
          v-for="e in practice.eyes"
          :key="e.exercise"
          :variant="e.exercise === exercise ? 'flat' : 'outlined'"
          :color="e.exercise === exercise ? 'primary' : undefined"
          :aria-pressed="e.exercise === exercise"
          @click="exercise = e.exercise"
          >{{ e.words }}</v-btn
        >
      </div>
      <div class="both">
        <div class="drawing">
          <SceneDrawing v-if="scene" :scene="scene" />
        </div>
        <div>
          <p class="answer">{{ eye.question }}</p>
          <p class="quiet">{{ HINTS[exercise] }} Level {{ scene?.level ?? eye.level }} of 5.</p>
          <form v-if="!told" class="say" @submit.prevent="judge">
            <NumberField v-model="said" :label="`What you see (${eye.unit})`" />
            <v-btn type="submit" color="primary" size="large" :disabled="busy || said === undefined">Say it</v-btn>
          </form>
          <div v-else role="status">
            <p class="answer">
              It was <b>{{ told.truth }} {{ eye.unit }}</b
              >; you said {{ told.said }}, <b>{{ offWords }}</b>.
            </p>
            <p v-if="told.moved">{{ told.moved }}</p>
            <v-btn color="primary" size="large" @click="next">Next drawing</v-btn>
          </div>
          <h2>Your eye</h2>
          <p>{{ bias }}</p>
          <svg v-if="eye.last.length" :width="WIDE" height="54" role="img" :aria-label="bias">
            <line :x1="0" :x2="WIDE" y1="38" y2="38" class="base" />
            <line :x1="WIDE / 2" :x2="WIDE / 2" y1="6" y2="42" class="true" />
            <circle
              v-for="(d, i) in eye.last"
              :key="i"
              :cx="x(d)"
              :cy="34 - (i % 3) * 8"
              :r="i === eye.last.length - 1 ? 5 : 3.5"
              :class="{ latest: i === eye.last.length - 1 }"
            />
            <text x="0" y="52">too low</text>
            <text :x="WIDE" y="52" text-anchor="end">too high</text>
          </svg>
          <label v-if="exercise === 'HEADS'" class="take">
            <input
              type="checkbox"
              :checked="practice.movesCounts"
              @change="move(($event.target as HTMLInputElement).checked)"
            />
            <span
              >Take my bias off the stems I count
              <span class="quiet">{{
                eye.sure
                  ? 'from the next count on; what you counted stays written down'
                  : `counts from ${practice.sureFrom} drawings on`
              }}</span></span
            >
          </label>
        </div>
      </div>
    </template>
  </div>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  margin: 8px 0 14px;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 460px) minmax(0, 1fr);
  gap: 28px;
}
.answer {
  font-size: 19px;
  margin: 0 0 6px;
}
.say {
  display: grid;
  grid-template-columns: 180px auto;
  gap: 12px;
  align-items: center;
  justify-content: start;
}
h2 {
  margin-top: 20px;
}
.base {
  stroke: var(--hair);
}
.true {
  stroke: var(--loam);
}
circle {
  fill: var(--stubble-ink);
}
.latest {
  fill: var(--flax);
}
text {
  font: 13px var(--figures);
  fill: var(--quiet);
}
.take {
  display: flex;
  gap: 8px;
  align-items: flex-start;
  margin-top: 12px;
}
.take input {
  width: 20px;
  height: 20px;
  accent-color: var(--flax);
}
.take .quiet {
  display: block;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: 1fr;
    gap: 12px;
  }
}
</style>

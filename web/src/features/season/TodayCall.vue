<script setup lang="ts">
import { computed } from 'vue'
import { useMorning } from '../../api/resources'
import { money } from '../../format/units'
import { overnight } from '../../work/night'

/** What is placed on today, and what the night has changed of the list; nothing while there is neither. */
const props = defineProps<{ today: string }>()
const SHOWN = 3
const { data: morning } = useMorning()
const work = computed(() => {
  const byWords = new Map<string, string[]>()
  for (const t of morning.value?.today ?? []) byWords.set(t.words, [...(byWords.get(t.words) ?? []), t.field])
  return [...byWords].map(([words, fields]) => ({
    words,
    fields: fields.slice(0, SHOWN).join(', ') + (fields.length > SHOWN ? ` and ${fields.length - SHOWN} more` : ''),
  }))
})
const night = computed(() => (morning.value?.day === props.today ? morning.value.changes : []))
const gain = computed(() => (morning.value?.day === props.today ? morning.value.gain : 0))
</script>

<template>
  <section v-if="work.length || night.length || gain" aria-label="Today" class="today">
    <h3>Today</h3>
    <p v-for="w in work" :key="w.words">
      <b>{{ w.fields }}</b>: {{ w.words }}
    </p>
    <p v-for="c in night.slice(0, SHOWN)" :key="c.job.cover + c.job.operation" :class="{ trouble: c.is < c.was }">
      <b>{{ c.field }}</b> {{ overnight(c) }}
    </p>
    <p v-if="night.length > SHOWN" class="quiet">{{ night.length - SHOWN }} more have shifted overnight.</p>
    <p v-if="gain > 0">Moving some jobs would lose {{ money(gain) }} a year less.</p>
    <router-link to="/dispatch">See the board</router-link>
  </section>
</template>

<style scoped>
.today {
  border-left: 4px solid var(--flax);
  padding: 2px 0 6px 10px;
  margin-bottom: 12px;
}
h3 {
  font-size: 1rem;
  margin: 0;
}
p {
  margin: 2px 0;
  font-size: 0.92rem;
  line-height: 1.35;
}
a {
  font-weight: 700;
  font-size: 0.92rem;
  display: inline-block;
  padding: 4px 0;
}
</style>

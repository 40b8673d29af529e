<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { range, short } from '../../format/dates'
import { matter, rateUnit } from '../../format/units'

/** The ways to end a cover beside each other; one is taken by its button. */
const props = defineProps<{ terminations: Schemas['TerminationAnswer'][] }>()
const every = ref(false)
const FIRST = 4
/** The first ways and the chosen one; the others on demand, those that are ruled out last. */
const shown = computed(() => {
  const order = [...props.terminations].sort((a, b) => Number(!!a.impossible) - Number(!!b.impossible))
  return every.value ? order : props.terminations.filter((r, i) => i < FIRST || r.chosen)
})
defineEmits<{ take: [termination: Schemas['TerminationAnswer']['termination']] }>()
</script>

<template>
  <section class="terminations" aria-label="Ways to end it">
    <div v-for="r in shown" :key="r.termination" class="termination" :class="{ chosen: r.chosen }">
      <button type="button" :aria-pressed="r.chosen" @click="$emit('take', r.termination)">{{ r.words }}</button>
      <p v-if="r.impossible" class="trouble">Not possible: {{ r.impossible }}</p>
      <template v-else>
        <p class="figures">
          <b>{{ short(r.aim) }}</b> <span class="quiet">({{ range(r.opens.middle, r.closes.middle) }})</span>
        </p>
        <p v-if="r.mat" class="figures">
          mat {{ matter(r.mat.middle) }} {{ rateUnit }}
          <span class="quiet">({{ matter(r.mat.low) }}–{{ matter(r.mat.high) }})</span>
        </p>
        <p v-if="r.killLow !== undefined" class="figures">kill {{ r.killLow }}–{{ r.killHigh }} %</p>
        <p v-if="r.against[0]" class="trouble small">{{ r.against[0] }}</p>
      </template>
    </div>
    <button v-if="!every && terminations.length > shown.length" type="button" class="rest" @click="every = true">
      {{ terminations.length - shown.length }} more ways
    </button>
  </section>
</template>

<style scoped>
.terminations {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(150px, 1fr));
  gap: 8px;
  margin: 10px 0;
}
.termination {
  border: 1px solid var(--hair);
  border-top: 4px solid var(--hair);
  padding: 2px 8px 6px;
}
.chosen {
  border-top-color: var(--flax);
  background: var(--furrow);
}
button {
  min-height: 32px;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  font-weight: 700;
  color: rgb(var(--v-theme-primary));
  text-align: left;
  cursor: pointer;
}
button::first-letter {
  text-transform: uppercase;
}
p {
  margin: 0;
  line-height: 1.35;
}
.small {
  font-size: 0.88rem;
}
@media (max-width: 640px) {
  button {
    min-height: 44px;
  }
}
.rest {
  align-self: center;
  min-height: 44px;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import {
  area,
  areaUnit,
  mass,
  massUnit,
  rain,
  rate,
  rateUnit,
  say,
  temperature,
  wind,
  type Unit,
} from '../../format/units'
import type { Kept } from './entries'

/** One entry: what was done with which figures, and what can be done with it. */
const props = defineProps<{ kept: Kept; chosen: boolean }>()
defineEmits<{ correct: []; again: []; map: []; bring: [Event] }>()
const named = computed(() => `${props.kept.field}, ${props.kept.about}`)
const figures = computed(() => {
  const e = props.kept
  const parts: string[] = []
  if (e.acres) parts.push(`${area(e.acres, 1)} ${areaUnit.value}`)
  if (e.pounds) parts.push(`${mass(e.pounds)} ${massUnit.value}`)
  if (e.actualRate) parts.push(`${rate(e.actualRate)} ${rateUnit.value}`)
  if (e.fact?.kind === 'HARVESTED' && e.fact.yieldPerAcre)
    parts.push(say(e.fact.yieldPerAcre, (e.yieldUnit ?? 'NONE') as Unit, 1))
  if (e.lot) parts.push(`lot ${e.lot}`)
  return parts.join(' · ')
})
const weather = computed(() => {
  const w = props.kept.weather
  return w ? `${temperature(w.maxF)} / ${temperature(w.minF)}, rain ${rain(w.rainIn)}, wind ${wind(w.windMph)}` : ''
})
</script>

<template>
  <div class="entry" :class="{ chosen }">
    <div>
      {{ kept.about }}<template v-if="kept.zone"> · {{ kept.zone }}</template
      ><span v-if="kept.machine" class="quiet"> · {{ kept.machine }}</span>
      <span v-if="figures" class="figures"> · {{ figures }}</span
      ><span v-if="kept.note"> · {{ kept.note }}</span>
      <span v-if="kept.photos.length" class="photos">
        <a v-for="(p, i) in kept.photos" :key="p" :href="`/api/v1/log/photos/${p}`" target="_blank" rel="noopener"
          ><img :src="`/api/v1/log/photos/${p}`" :alt="`Photo ${i + 1} of ${named}`" loading="lazy"
        /></a>
      </span>
      <div class="quiet small">
        {{ kept.by }}<span v-if="weather" class="figures"> · {{ weather }}</span>
        <template v-if="kept.kind === 'SEEDED' && !kept.mapped">
          ·
          <label class="bring"
            >Bring the machine's points<input
              type="file"
              accept=".csv"
              :aria-label="`Points of ${kept.field}, CSV`"
              @change="$emit('bring', $event)"
          /></label>
          <a
            :href="`/api/v1/simulator/drill-monitor/${kept.fieldId}`"
            download="drill-points.csv"
            :aria-label="`Points that the drill stand-in would have written on ${kept.field}`"
            class="try"
            >or try the stand-in's</a
          >
        </template>
      </div>
    </div>
    <div class="acts">
      <v-btn
        v-if="kept.mapped"
        size="small"
        variant="text"
        color="primary"
        :aria-label="`What was laid where in ${kept.field}`"
        @click="$emit('map')"
        >What was laid where</v-btn
      >
      <v-btn
        v-if="!kept.seen"
        size="small"
        variant="text"
        color="primary"
        :aria-label="`The same again: ${named}`"
        @click="$emit('again')"
        >Same again</v-btn
      >
      <v-btn
        v-if="kept.mine"
        size="small"
        variant="text"
        color="primary"
        :aria-label="`Correct ${named}`"
        @click="$emit('correct')"
        >Correct</v-btn
      >
    </div>
  </div>
</template>

<style scoped>
.photos {
  display: flex;
  gap: 6px;
  margin: 4px 0;
}
.photos img {
  width: 64px;
  height: 64px;
  object-fit: cover;
  border-radius: 6px;
  display: block;
}
.entry {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 8px;
  align-items: center;
  padding: 2px 0 2px 10px;
  border-left: 3px solid transparent;
}
.chosen {
  border-left-color: var(--flax);
}
.small {
  font-size: 0.88rem;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  justify-content: flex-end;
}
.try {
  margin-left: 6px;
}
.bring {
  color: rgb(var(--v-theme-primary));
  cursor: pointer;
  text-decoration: underline;
}
.bring input {
  position: absolute;
  opacity: 0;
  width: 1px;
  height: 1px;
}
.bring:focus-within {
  outline: 3px solid rgb(var(--v-theme-primary));
}
@media (max-width: 640px) {
  .entry {
    grid-template-columns: 1fr;
  }
  .acts {
    justify-content: flex-start;
  }
}
</style>

<script setup lang="ts">
import { useOpenings } from '../../api/resources'
import { range, short } from '../../format/dates'
import { heat, heatUnit } from '../../format/units'
import { cropWords } from '../../lane/lanes'

const props = defineProps<{ fieldId: string }>()
const { data, error } = useOpenings(() => props.fieldId)
</script>

<template>
  <section aria-label="Cover openings">
    <h2>Cover openings ahead</h2>
    <p v-if="error" class="quiet">{{ error.message }}</p>
    <p v-else-if="data && !data.length" class="quiet">
      Enter the crops above: what each of them leaves for a cover is told here.
    </p>
    <div v-for="o in data" :key="o.planted" class="opening">
      <h3>After {{ cropWords[o.crop]?.toLowerCase() }} {{ o.planted.slice(0, 4) }}</h3>
      <p>
        Off {{ range(o.harvestEarly, o.harvestLate) }}, then
        <b class="figures">{{ heat(o.heatMiddle) }} {{ heatUnit }}</b>
        <span class="quiet figures">({{ heat(o.heatLow) }}–{{ heat(o.heatHigh) }})</span> to dormancy.
      </p>
      <p v-if="o.useful.length">
        <b>Useful:</b> {{ o.useful.join(', ')
        }}<template v-if="o.possible.length">. <b>Possible:</b> {{ o.possible.join(', ') }}</template
        >.
      </p>
      <p v-else class="trouble">Nothing is useful after a harvest this late; rye may still live through winter.</p>
      <p v-if="o.gained.length" class="quiet">
        A small grain off {{ short(o.grainHarvest) }} instead would leave {{ heat(o.grainHeat) }} {{ heatUnit }} and
        open {{ o.gained.length }} more: {{ o.gained.slice(0, 8).join(', ')
        }}<template v-if="o.gained.length > 8">, …</template>
      </p>
    </div>
    <router-link :to="{ name: 'cover', params: { fieldId } }">Choose a cover</router-link>
  </section>
</template>

<style scoped>
.opening {
  border-left: 4px solid var(--sage);
  padding: 2px 10px;
  margin: 8px 0;
}
h3 {
  font-size: 1rem;
  margin: 0;
}
p {
  margin: 2px 0;
}
</style>

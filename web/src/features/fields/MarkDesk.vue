<script setup lang="ts">
import type { Schemas } from '../../api/client'
import FigureField from '../../parts/FigureField.vue'
import NumberField from '../../parts/NumberField.vue'
import type { Mark } from './landTools'

/** Something that is to be marked: drawn on the map, or a point typed. */
defineProps<{ kinds: Schemas['LandMap']['kinds'] }>()
const emit = defineEmits<{ draw: []; point: [] }>()
const mark = defineModel<Mark>({ required: true })
</script>

<template>
  <section class="marks" aria-label="Mark something">
    <h2>Mark something on the map</h2>
    <v-select
      v-model="mark.kind"
      label="What"
      :items="kinds.map((k) => ({ value: k.kind, title: k.words }))"
    /><v-text-field v-model="mark.name" label="Name" /><FigureField
      v-model="mark.keepAwayFt"
      label="Keep away"
      unit="FOOT"
    />
    <v-btn size="small" variant="tonal" color="primary" @click="emit('draw')">Draw it on the map</v-btn>
    <form class="typed" @submit.prevent="emit('point')">
      <NumberField v-model="mark.longitude" label="Longitude" required /><NumberField
        v-model="mark.latitude"
        label="Latitude"
        required
      /><v-btn size="small" variant="text" type="submit">Mark this point</v-btn>
    </form>
  </section>
</template>

<style scoped>
.marks {
  margin-top: 10px;
}
.marks .v-input {
  margin-bottom: 8px;
}
.typed {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px;
  margin-top: 8px;
}
</style>

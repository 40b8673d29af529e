<script setup lang="ts">
import { reactive, watch } from 'vue'
import type { Schemas } from '../../api/client'
import FigureField from '../../parts/FigureField.vue'
import NumberField from '../../parts/NumberField.vue'
import type { Mark } from './landTools'

/** Something that is to be marked: drawn on the map, or a point typed. */
const props = defineProps<{ kinds: Schemas['LandMap']['kinds'] }>()
const emit = defineEmits<{ draw: [Mark]; point: [Mark, string] }>()
const mark = reactive<Mark>({ kind: 'WIRE', name: '', keepAwayFt: '', shape: 'Point' })
const at = reactive({ longitude: '', latitude: '' })
const shapes = { POINT: 'Point', LINE: 'LineString', AREA: 'Polygon' } as const
watch(
  () => mark.kind,
  (kind) => {
    const known = props.kinds.find((k) => k.kind === kind)
    mark.keepAwayFt = String(known?.keepAwayFt ?? '')
    mark.shape = shapes[known?.drawn ?? 'POINT']
  },
  { immediate: true },
)
const point = () =>
  emit('point', mark, JSON.stringify({ type: 'Point', coordinates: [Number(at.longitude), Number(at.latitude)] }))
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
    <v-btn size="small" variant="tonal" color="primary" @click="emit('draw', mark)">Draw it on the map</v-btn>
    <form class="typed" @submit.prevent="point">
      <NumberField v-model="at.longitude" label="Longitude" required /><NumberField
        v-model="at.latitude"
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

<script setup lang="ts">
import FigureField from '../../../parts/FigureField.vue'
import type { Unit } from '../../../format/units'
import type { Figures } from './figures'

/** What a crop yielded, in its own unit. */
defineProps<{ yieldUnit: Unit }>()
const figures = defineModel<Figures>({ required: true })
</script>

<template>
  <FigureField v-model="figures.yieldPerAcre" label="Yield" :unit="yieldUnit" min="0" />
</template>

<script setup lang="ts">
import FigureField from '../../../parts/FigureField.vue'
import type { Figures } from './figures'

/** Frames clipped, dried and weighed. */
const figures = defineModel<Figures>({ required: true })
</script>

<template>
  <FigureField v-model="figures.frame" label="Frame" unit="SQUARE_FOOT" min="0" />
  <v-text-field
    v-model="figures.grams"
    class="wide"
    label="Dry grams, one number a frame"
    hint="such as 118 96 131"
    persistent-hint
  />
</template>

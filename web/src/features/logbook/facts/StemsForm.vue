<script setup lang="ts">
import NumberField from '../../../parts/NumberField.vue'
import type { Figures } from './figures'

/** Stems looked at, and how many of them were past flowering. */
defineProps<{ members: { value: string; title: string }[] }>()
const figures = defineModel<Figures>({ required: true })
</script>

<template>
  <v-select v-model="figures.species" label="Species" :items="members" />
  <NumberField v-model="figures.spots" label="Spots" />
  <NumberField v-model="figures.stems" label="Stems looked at" />
  <NumberField v-model="figures.past" label="Past flowering" />
</template>

<script setup lang="ts">
import NumberField from '../../../parts/NumberField.vue'
import type { Figures } from './figures'

/** Plants looked at after the winter, put right at the desk; they are counted in the field. */
defineProps<{ members: { value: string; title: string }[] }>()
const figures = defineModel<Figures>({ required: true })
</script>

<template>
  <v-select v-model="figures.species" label="Species" :items="members" />
  <NumberField v-model="figures.looked" label="Plants looked at" />
  <NumberField v-model="figures.alive" label="Plants alive" />
</template>

<script setup lang="ts">
import type { Figures } from './figures'

/** The stage of the cash crop that was seen. */
const figures = defineModel<Figures>({ required: true })
const stages = [
  { value: 'V4', title: 'Corn: 4 collars' },
  { value: 'V6', title: 'Corn: 6 collars' },
  { value: 'SILKING', title: 'Corn: silking' },
  { value: 'HALF_MILK', title: 'Corn: half milk line' },
  { value: 'BLACK_LAYER', title: 'Corn: black layer' },
  { value: 'LEAVES_GOING', title: 'Corn: leaves begin to go' },
  { value: 'HALF_LEAVES', title: 'Corn: half of the leaves lost' },
  { value: 'FIRST_YELLOW', title: 'Soybeans: first yellow leaf' },
  { value: 'LEAF_DROP', title: 'Soybeans: leaf drop begins' },
  { value: 'HEADING', title: 'Small grain: heading' },
]
</script>

<template>
  <v-select v-model="figures.stage" label="Stage" :items="stages" />
</template>

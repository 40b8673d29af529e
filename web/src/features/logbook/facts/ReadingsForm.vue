<script setup lang="ts">
import type { Figures } from './figures'

/** What was read spot by spot, put right at the desk; it is read in the field, in the unit shown there. */
const figures = defineModel<Figures>({ required: true })
</script>

<template>
  <v-text-field
    v-model="figures.readings"
    class="wide"
    label="Readings, one number a spot"
    hint="such as 40 44 38, in inches, percent or tenths as they were kept"
    persistent-hint
  />
</template>

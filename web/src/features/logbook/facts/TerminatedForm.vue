<script setup lang="ts">
import { useChoices } from '../../../api/resources'
import type { Figures } from './figures'

/** How a cover was ended. */
const figures = defineModel<Figures>({ required: true })
const { data: choices } = useChoices()
</script>

<template>
  <v-select v-model="figures.termination" label="How" :items="choices?.terminations" />
</template>

<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import { money } from '../../format/units'

/** A search for a plan while it is under way: how far, what is best so far, and a way to call it off. */
const props = defineProps<{ run: Schemas['PlanRunView'] }>()
defineEmits<{ cancel: [] }>()
const says = computed(() =>
  props.run.dollars == null
    ? 'Looking for a plan …'
    : `Best so far loses ${money(props.run.dollars)} a year, ${money(props.run.byClosing ?? 0)} by what closes first.`,
)
</script>

<template>
  <div class="run" role="status">
    <v-progress-linear :model-value="run.percent" color="primary" height="8" aria-label="How far the search is" />
    <span>{{ run.percent }} %. {{ says }}<template v-if="run.again"> It had to begin again.</template></span>
    <v-btn size="small" variant="tonal" @click="$emit('cancel')">Call it off</v-btn>
  </div>
</template>

<style scoped>
.run {
  display: grid;
  grid-template-columns: 120px auto auto;
  gap: 10px;
  align-items: center;
}
</style>

<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { range } from '../../format/dates'
import { planner } from '../../session'
import { plusDays } from '../../work/board'

/** Which work and which days are in sight, and what takes them along. */
defineProps<{ begins: string; ends: string; ready: boolean }>()
const sight = defineModel<number>('sight', { required: true })
const campaign = defineModel<string>('campaign', { required: true })
defineEmits<{ from: [day: string]; today: []; next: []; subscribe: [] }>()

const SIGHTS = [
  { value: 1, title: '1 day' },
  { value: 3, title: '3 days' },
  { value: 14, title: '2 weeks' },
  { value: 35, title: '5 weeks' },
  { value: 98, title: 'Season' },
]
const CAMPAIGNS = [
  { value: 'ALL', title: 'All work' },
  { value: 'HARVEST', title: 'Harvest' },
  { value: 'SOWING', title: 'Sowing' },
  { value: 'ENDING', title: 'Ending' },
  { value: 'OTHER', title: 'Other work' },
]
</script>

<template>
  <div class="sight">
    <v-select v-model="campaign" class="pick" label="Work" :items="CAMPAIGNS" />
    <v-select v-model="sight" class="pick" label="In sight" :items="SIGHTS" />
    <v-btn
      icon
      size="small"
      variant="text"
      :aria-label="sight > 7 ? 'A week back' : 'A day back'"
      @click="$emit('from', plusDays(begins, sight > 7 ? -7 : -1))"
      ><v-icon :icon="mdiChevronLeft"
    /></v-btn>
    <span v-if="ready" class="figures">{{ range(begins, ends) }}</span>
    <v-btn
      icon
      size="small"
      variant="text"
      :aria-label="sight > 7 ? 'A week on' : 'A day on'"
      @click="$emit('from', plusDays(begins, sight > 7 ? 7 : 1))"
      ><v-icon :icon="mdiChevronRight"
    /></v-btn>
    <v-btn variant="text" size="small" @click="$emit('today')">Today</v-btn>
    <v-btn variant="text" size="small" @click="$emit('next')">Next work</v-btn>
    <v-spacer />
    <v-btn v-if="planner" variant="text" size="small" :disabled="!ready" @click="$emit('subscribe')">Subscribe</v-btn>
    <a href="/api/v1/exchange/jobs.ics" download>Calendar</a><a href="/api/v1/exchange/jobs.xlsx" download>Workbook</a
    ><a href="/api/v1/exchange/jobs.csv" download>CSV</a
    ><a href="/api/v1/exchange/taskdata.zip" download title="ISO 11783-10, for the terminal of a tractor"
      >Task data</a
    >
  </div>
</template>

<style scoped>
.sight {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 14px 8px;
  flex-wrap: wrap;
}
.pick {
  max-width: 130px;
}
</style>

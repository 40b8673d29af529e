<script setup lang="ts">
import DayField from './DayField.vue'
import { useFarm, useRefresh } from '../api/resources'
import { mdiCalendarToday } from '@mdi/js'
import { ref } from 'vue'
import { api, got, type Refused } from '../api/client'
import { long } from '../format/dates'
import { loadSession, planner, session } from '../session'

const refresh = useRefresh()
const open = ref(false)
const problem = ref<Refused | ''>('')
const { data: farm } = useFarm()

async function goTo(day: string) {
  problem.value = ''
  try {
    await got(api.PUT('/api/v1/farm/day', { body: { day } }))
    await loadSession()
    await refresh.all()
    open.value = false
  } catch (e) {
    problem.value = e as Refused
  }
}
</script>

<template>
  <span v-if="session?.today && !session.demo" class="figures today">{{ long(session.today) }}</span>
  <v-menu v-else-if="session?.today" v-model="open" :close-on-content-click="false">
    <template #activator="{ props }">
      <v-btn
        v-bind="props"
        variant="text"
        size="small"
        class="today"
        :aria-label="`Day: ${long(session.today)}`"
        :disabled="!planner"
        :prepend-icon="mdiCalendarToday"
      >
        <span class="figures">{{ long(session.today) }}</span>
      </v-btn>
    </template>
    <v-card class="pa-3" width="290" title="The demo's day" subtitle="All views answer as of this day.">
      <v-list density="compact">
        <v-list-item
          v-for="marked in farm?.markedDays"
          :key="marked.day"
          :title="marked.words"
          :subtitle="long(marked.day)"
          :active="marked.day === session.today"
          @click="goTo(marked.day)"
        />
      </v-list>
      <DayField
        class="mt-2"
        label="Another day"
        :model-value="session.today"
        min="2026-01-01"
        max="2028-12-31"
        @settled="goTo"
      />
      <div v-if="problem" role="alert" class="trouble mt-2">{{ problem }}</div>
    </v-card>
  </v-menu>
</template>

<style scoped>
@media (max-width: 700px) {
  .today :deep(.v-btn__content) {
    display: none;
  }
}
</style>

<script setup lang="ts">
import { useFarm, useRefresh } from '../api/resources'
import { api, got } from '../api/client'
import { units } from '../format/units'
import { planner } from '../session'

const refresh = useRefresh()
const { data: farm } = useFarm()

async function change() {
  const next = units.value === 'US' ? 'METRIC' : 'US'
  units.value = next
  if (planner.value) {
    await got(api.PUT('/api/v1/farm/units', { body: { units: next, version: farm.value?.version } }))
    await refresh.all()
  }
}
</script>

<template>
  <v-btn
    variant="text"
    size="small"
    :aria-label="`Units: ${units === 'US' ? 'US, change to metric' : 'metric, change to US'}`"
    @click="change"
  >
    <span class="figures">{{ units === 'US' ? 'lb · ac' : 'kg · ha' }}</span>
  </v-btn>
</template>

<script setup lang="ts">
import { api, got, type Schemas } from '../../api/client'
import NumberField from '../../parts/NumberField.vue'
import type { Act } from './landTools'

/** A field that is left out of a season, and why. */
const { field, act } = defineProps<{ field: Schemas['FieldView']; act: Act }>()
const left = defineModel<{ season: string; reason: string }>({ required: true })
const leaveOut = (out: boolean) =>
  act(
    () =>
      got(
        api.PUT('/api/v1/fields/{id}/left-out', {
          params: { path: { id: field.id } },
          body: {
            ...(out ? { season: Number(left.value.season), reason: left.value.reason } : {}),
            version: field.version,
          },
        }),
      ),
    out ? 'Left out; no cover is planned there.' : 'Taken in again.',
  )
</script>

<template>
  <form class="leave" @submit.prevent="leaveOut(true)">
    <NumberField v-model="left.season" label="Season" placeholder="2026" /><v-text-field
      v-model="left.reason"
      label="Why"
    />
    <v-btn v-if="!field.leftOutSeason" size="small" variant="tonal" type="submit">Leave out</v-btn
    ><v-btn v-else size="small" variant="tonal" @click="leaveOut(false)">Take in again</v-btn>
  </form>
</template>

<style scoped>
.leave {
  display: grid;
  grid-template-columns: 1fr 1.3fr;
  gap: 6px;
  margin: 8px 0;
  align-items: center;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { long } from '../../format/dates'
import { useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'

/** Whether a day was told to those who do its work, what is otherwise since, and telling it. */
const props = defineProps<{ sheet: Schemas['Sheet'] }>()
const { problem, busy, act } = useAct()
const told = computed(() => props.sheet.published)
const open = computed(() => planner.value && props.sheet.toTell)
const publish = () =>
  act(() => got(api.POST('/api/v1/dispatch/sheet/publish', { params: { query: { day: props.sheet.day } } })))
</script>

<template>
  <div v-if="told || open" class="told">
    <p v-if="told">
      Published by {{ told.by }} on {{ long(told.on)
      }}<template v-if="!told.changed.length">; all stands as it was told.</template
      ><template v-else>. <b>Otherwise since:</b></template>
    </p>
    <p v-else class="quiet">Not published yet: it may still change when it is planned again or mended.</p>
    <ul v-if="told?.changed.length" class="changed">
      <li v-for="c in told.changed" :key="c.field + c.says">
        <b>{{ c.field }}</b> {{ c.says }}
      </li>
    </ul>
    <v-btn v-if="open" class="no-print" variant="tonal" size="small" :loading="busy" @click="publish">{{
      told ? 'Publish it again' : 'Publish this day'
    }}</v-btn>
    <Refusal :says="problem" />
  </div>
</template>

<style scoped>
.told {
  margin: 8px 0;
}
.told p {
  margin: 0 0 4px;
}
.changed {
  margin: 0 0 6px;
  padding-left: 18px;
  color: var(--madder);
}
</style>

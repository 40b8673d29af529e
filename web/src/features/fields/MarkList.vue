<script setup lang="ts">
import { api, got, type Schemas } from '../../api/client'
import { say } from '../../format/units'
import { planner } from '../../session'
import type { Act } from './landTools'

/** What is marked on the map. */
const { act } = defineProps<{ marks: Schemas['LandMap']['marks']; act: Act }>()
const removeMark = (id: string) =>
  act(() => got(api.DELETE('/api/v1/marks/{id}', { params: { path: { id } } })), 'Taken off the map.')
</script>

<template>
  <details class="marks">
    <summary>{{ marks.length }} marks</summary>
    <ul>
      <li v-for="m in marks" :key="m.id">
        {{ m.words }}<template v-if="m.name">: {{ m.name }}</template
        ><span v-if="m.keepAwayFt" class="quiet figures"> keep {{ say(m.keepAwayFt, 'FOOT') }}</span>
        <v-btn
          v-if="planner"
          size="x-small"
          variant="text"
          :aria-label="`Take ${m.name || m.words} off the map`"
          @click="removeMark(m.id)"
          >Take off</v-btn
        >
      </li>
    </ul>
  </details>
</template>

<style scoped>
.marks {
  margin-top: 10px;
}
summary {
  cursor: pointer;
  font-weight: 700;
  padding: 6px 0;
  color: rgb(var(--v-theme-primary));
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  border-bottom: 1px solid var(--hair);
  padding: 3px 0;
}
</style>

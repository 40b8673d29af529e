<script setup lang="ts">
import type { Schemas } from '../../api/client'
import { short } from '../../format/dates'
import TodayCall from './TodayCall.vue'

type Call = Schemas['CallView']
defineProps<{ calls: Call[]; coming: Schemas['ComingView'][]; today: string }>()
defineEmits<{ show: [call: Call] }>()

function target(call: Call) {
  const field = call.fields[0]
  if (call.kind === 'LOOK') return { name: 'scout' }
  if (call.kind === 'CHOOSE_COVER' || call.kind === 'CHANGE_PLAN' || call.kind === 'RESEED')
    return { name: 'cover', params: { fieldId: field } }
  if (call.kind === 'LOG_WORK') return { name: 'logbook', query: { field } }
  if (call.kind === 'COUNT_STEMS') return { name: 'logbook', query: { field, kind: 'STEM_COUNT' } }
  return { name: 'dispatch', query: { job: field } }
}
</script>

<template>
  <aside aria-label="Calls">
    <h2>Calls</h2>
    <TodayCall :today="today" />
    <p v-if="calls.length === 0 && coming[0]">
      Nothing needs you until {{ coming[0].placed ? '' : 'about ' }}{{ short(coming[0].day) }}: {{ coming[0].says }}.
    </p>
    <p v-else-if="calls.length === 0" class="quiet">Nothing needs you today, and nothing is planned to come.</p>
    <ul>
      <li v-for="call in calls" :key="call.says" :class="{ pressing: call.kind === 'CHANGE_PLAN' }">
        <button type="button" class="says" :title="'Show these fields'" @click="$emit('show', call)">
          {{ call.says }}
        </button>
        <p>{{ call.detail }}</p>
        <div class="foot">
          <router-link :to="target(call)">{{ call.action }}</router-link><span class="figures quiet"
            >by {{ short(call.by) }}</span
          >
        </div>
      </li>
    </ul>
    <template v-if="coming.length">
      <h3>Coming next</h3>
      <ol class="coming">
        <li v-for="c in coming" :key="c.fieldId + c.says">
          <span>{{ c.says }}</span>
          <span class="figures quiet">{{ c.placed ? '' : 'about ' }}{{ short(c.day) }}</span>
        </li>
      </ol>
    </template>
  </aside>
</template>

<style scoped>
aside {
  padding: 10px 14px 16px;
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  border-left: 4px solid var(--ochre);
  padding: 4px 0 6px 10px;
  margin-bottom: 12px;
}
li.pressing {
  border-left-color: var(--madder);
}
h3 {
  font-size: 0.95rem;
  margin: 12px 0 2px;
}
.coming {
  list-style: none;
  margin: 0;
  padding: 0;
}
.coming li {
  border: 0;
  padding: 3px 0;
  margin: 0;
  display: flex;
  justify-content: space-between;
  gap: 10px;
  font-size: 0.92rem;
  border-top: 1px solid var(--hair);
}
.coming .figures {
  white-space: nowrap;
}
.says {
  all: unset;
  cursor: pointer;
  font-weight: 700;
  line-height: 1.3;
}
.says:hover {
  text-decoration: underline;
}
.says:focus-visible {
  outline: 3px solid rgb(var(--v-theme-primary));
}
p {
  margin: 2px 0 4px;
  font-size: 0.92rem;
  line-height: 1.35;
}
.foot {
  display: flex;
  justify-content: space-between;
  font-size: 0.92rem;
}
.foot a {
  font-weight: 700;
  padding: 4px 0;
}
</style>

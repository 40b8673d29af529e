<script setup lang="ts">
import { ref } from 'vue'
import { short } from '../../format/dates'
import { area, areaUnit } from '../../format/units'
import LaneAnswer from './LaneAnswer.vue'
import { laneId, type Lane, type Row } from '../../lane/lanes'

/** The sheet for a thumb: each field with what is next, by when and how sure; the lane is drawn when it is opened. */
defineProps<{ rows: Row[]; today: string; whole: (lane: Lane) => Lane }>()
const opened = ref('')
const toggle = (id: string) => (opened.value = opened.value === id ? '' : id)
</script>

<template>
  <ul class="lanes" aria-label="Fields">
    <li v-for="row in rows" :key="row.kind === 'group' ? 'g' + row.words : laneId(row.lane)">
      <h3 v-if="row.kind === 'group'">{{ row.words }}</h3>
      <template v-else>
        <button
          type="button"
          class="lane"
          :aria-expanded="opened === laneId(row.lane)"
          @click="toggle(laneId(row.lane))"
        >
          <span class="who"
            ><b>{{ row.lane.field }}</b> <span class="quiet">{{ row.lane.cover ?? 'no cover' }}</span></span
          >
          <span class="figures quiet">{{ area(row.lane.acres) }} {{ areaUnit }}</span>
          <span class="next" :class="{ trouble: row.lane.trouble }">{{ row.lane.answer }}</span>
          <span class="figures when">
            <template v-if="row.lane.closes">by {{ short(row.lane.closes) }}</template>
            <template v-if="row.lane.chance !== undefined"> · {{ row.lane.chance }} %</template>
          </span>
        </button>
        <LaneAnswer v-if="opened === laneId(row.lane)" :lane="whole(row.lane)" :today="today" />
      </template>
    </li>
  </ul>
</template>

<style scoped>
.lanes {
  list-style: none;
  margin: 0;
  padding: 0;
}
h3 {
  font-size: 0.95rem;
  margin: 0;
  padding: 10px 14px 2px;
}
.lane {
  all: unset;
  box-sizing: border-box;
  width: 100%;
  min-height: 60px;
  padding: 8px 14px;
  border-bottom: 1px solid var(--hair);
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0 12px;
  align-items: baseline;
  cursor: pointer;
}
.lane:focus-visible {
  outline: 3px solid rgb(var(--v-theme-primary));
  outline-offset: -3px;
}
.lane .figures {
  justify-self: end;
  white-space: nowrap;
}
</style>

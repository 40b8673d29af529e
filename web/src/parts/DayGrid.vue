<script setup lang="ts">
import { mdiChevronLeft, mdiChevronRight } from '@mdi/js'
import { computed, ref } from 'vue'
import { dayNumber, dayOfMonth, isoDay, long, month, monthName, year } from '../format/dates'

/** A month of days to pick one from. */
const props = defineProps<{ chosen: string; today: string; min?: string; max?: string }>()
const emit = defineEmits<{ pick: [iso: string] }>()
const first = ref(firstOf(dayNumber(props.chosen)))

function firstOf(day: number): number {
  return day - dayOfMonth(day) + 1
}
function turn(by: number) {
  first.value = firstOf(by > 0 ? first.value + 32 : first.value - 1)
}
const days = computed(() => {
  const lead = (new Date(first.value * 86_400_000).getUTCDay() + 6) % 7
  return Array.from({ length: 42 }, (_, i) => first.value - lead + i).filter(
    (d, i) => i < 35 || month(d) === month(first.value),
  )
})
const outside = (iso: string) => (props.min && iso < props.min) || (props.max && iso > props.max)
</script>

<template>
  <div class="grid" role="group" :aria-label="`${monthName(first)} ${year(first)}`">
    <div class="head">
      <v-btn icon size="small" variant="text" aria-label="Month before" @click="turn(-1)">
        <v-icon :icon="mdiChevronLeft" />
      </v-btn>
      <b>{{ monthName(first) }} {{ year(first) }}</b>
      <v-btn icon size="small" variant="text" aria-label="Month after" @click="turn(1)">
        <v-icon :icon="mdiChevronRight" />
      </v-btn>
    </div>
    <div class="days">
      <span v-for="d in ['M', 'T', 'W', 'T', 'F', 'S', 'S']" :key="d" class="quiet" aria-hidden="true">{{ d }}</span>
      <button
        v-for="d in days"
        :key="d"
        type="button"
        :aria-label="long(isoDay(d))"
        :aria-current="isoDay(d) === today ? 'date' : undefined"
        :class="{ other: month(d) !== month(first), chosen: isoDay(d) === chosen }"
        :disabled="!!outside(isoDay(d))"
        @click="emit('pick', isoDay(d))"
      >
        {{ dayOfMonth(d) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.grid {
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--quiet);
  border-radius: 3px;
  padding: 6px;
}
.head {
  display: flex;
  align-items: center;
  justify-content: space-between;
}
.days {
  display: grid;
  grid-template-columns: repeat(7, 40px);
  text-align: center;
}
button:not(.v-btn) {
  all: unset;
  cursor: pointer;
  height: 40px;
  line-height: 40px;
  font-family: var(--figures);
  font-size: 1.05rem;
}
button.other {
  color: var(--quiet);
  opacity: 0.6;
}
button:disabled {
  opacity: 0.3;
  cursor: default;
}
button[aria-current] {
  box-shadow: inset 0 0 0 2px var(--flax);
}
button.chosen {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
}
button:not(.v-btn):focus-visible {
  outline: 2px solid rgb(var(--v-theme-primary));
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import type { Timescale } from '../draw/timescale'
import { dayOfMonth, month, monthName, year } from '../format/dates'

const props = defineProps<{ scale: Timescale }>()

/** First days of months in sight, thinned so that their names do not touch. */
const ticks = computed(() => {
  const found: { day: number; words: string; strong: boolean }[] = []
  const perMonth = (props.scale.width / Math.max(1, props.scale.last - props.scale.first)) * 30
  const step = perMonth < 34 ? 3 : perMonth < 44 ? 2 : 1
  for (let day = Math.ceil(props.scale.first); day <= props.scale.last; day++) {
    if (dayOfMonth(day) === 1 && month(day) % step === 0) {
      found.push({
        day,
        words: month(day) === 0 || found.length === 0 ? `${monthName(day)} ${year(day)}` : monthName(day),
        strong: month(day) === 0,
      })
    } else if (perMonth > 240 && [8, 15, 22].includes(dayOfMonth(day))) {
      found.push({ day, words: String(dayOfMonth(day)), strong: false })
    }
  }
  return found
})
</script>

<template>
  <svg :width="scale.width" height="20" aria-hidden="true">
    <g v-for="tick in ticks" :key="tick.day" :transform="`translate(${scale.x(tick.day)},0)`">
      <line y1="0" y2="20" class="tick" :class="{ strong: tick.strong }" />
      <text x="4" y="14">{{ tick.words }}</text>
    </g>
  </svg>
</template>

<style scoped>
.tick {
  stroke: var(--hair);
}
.tick.strong {
  stroke: var(--quiet);
}
text {
  font-family: var(--figures);
  font-size: 13px;
  fill: var(--quiet);
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import type { Timescale } from '../../draw/timescale'
import { dayNumber } from '../../format/dates'
import { RAIN, STRIP, TEMPERATURE, temperatureY } from './strip'

const props = defineProps<{ strip: Schemas['Strip']; scale: Timescale }>()

/** The days in sight, no more than one for every other pixel. */
const days = computed(() => {
  const first = dayNumber(props.strip.first)
  const from = Math.max(0, Math.floor(props.scale.first) - first)
  const to = Math.min(props.strip.middleF.length - 1, Math.ceil(props.scale.last) - first)
  const step = Math.max(1, Math.ceil(((to - from) * 2) / props.scale.width))
  const picked: number[] = []
  for (let i = from; i <= to; i += step) picked.push(i)
  return {
    first,
    picked,
    width: Math.max(1, (props.scale.width / Math.max(1, props.scale.last - props.scale.first)) * step * 0.7),
  }
})
const x = (i: number) => Math.round(props.scale.x(days.value.first + i) * 10) / 10
const rain = (i: number) => Math.min(RAIN, props.strip.rainIn[i]! * (i < props.strip.measured ? 14 : 52))
const line = computed(() =>
  days.value.picked.map((i) => `${x(i)},${temperatureY(props.strip.middleF[i]!).toFixed(1)}`).join(' '),
)
const band = computed(() => {
  const up = days.value.picked.map((i) => `${x(i)},${temperatureY(props.strip.highF[i]!).toFixed(1)}`)
  const down = [...days.value.picked].reverse().map((i) => `${x(i)},${temperatureY(props.strip.lowF[i]!).toFixed(1)}`)
  return [...up, ...down].join(' ')
})
</script>

<template>
  <svg
    :width="scale.width"
    :height="STRIP"
    role="img"
    aria-label="Rain, temperature range and chance of frost by day"
  >
    <line x1="0" :x2="scale.width" :y1="RAIN + 1.5" :y2="RAIN + 1.5" class="floor" />
    <polygon :points="band" class="band" />
    <polyline :points="line" class="mean" />
    <line x1="0" :x2="scale.width" :y1="temperatureY(32)" :y2="temperatureY(32)" class="freeze" />
    <g v-for="i in days.picked" :key="i">
      <rect
        v-if="rain(i) > 0.4"
        :x="x(i)"
        :y="RAIN + 1 - rain(i)"
        :width="days.width"
        :height="rain(i)"
        class="rain"
        :class="{ ahead: i >= strip.measured }"
      />
      <rect
        v-if="strip.frost[i]!"
        :x="x(i)"
        :y="TEMPERATURE + 1"
        :width="Math.max(1, days.width * 1.4)"
        :height="STRIP - TEMPERATURE - 2"
        class="frost"
        :style="{ opacity: strip.frost[i]! / 100 }"
      />
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
}
.floor {
  stroke: var(--hair);
}
.band {
  fill: var(--straw);
  opacity: 0.45;
}
.mean {
  fill: none;
  stroke: var(--ochre);
  stroke-width: 1.2;
}
.freeze {
  stroke: var(--flax);
  stroke-dasharray: 3 3;
  opacity: 0.6;
}
.rain {
  fill: var(--flax);
}
.rain.ahead {
  opacity: 0.35;
}
.frost {
  fill: var(--flax);
}
</style>

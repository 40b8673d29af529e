<script setup lang="ts">
import { computed } from 'vue'
import type { Schemas } from '../../api/client'
import type { Timescale } from '../../draw/timescale'
import { dayNumber } from '../../format/dates'
import { temperature } from '../../format/units'

const props = defineProps<{ strip: Schemas['Strip']; scale: Timescale }>()
const HEIGHT = 58
const LOW = -10
const HIGH = 105
const y = (f: number) => HEIGHT - 12 - ((f - LOW) / (HIGH - LOW)) * (HEIGHT - 14)

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
const line = computed(() =>
  days.value.picked.map((i) => `${x(i)},${y(props.strip.middleF[i]!).toFixed(1)}`).join(' '),
)
const band = computed(() => {
  const up = days.value.picked.map((i) => `${x(i)},${y(props.strip.highF[i]!).toFixed(1)}`)
  const down = [...days.value.picked].reverse().map((i) => `${x(i)},${y(props.strip.lowF[i]!).toFixed(1)}`)
  return [...up, ...down].join(' ')
})
</script>

<template>
  <svg
    :width="scale.width"
    :height="HEIGHT"
    role="img"
    aria-label="Temperature range, rain and chance of frost by day"
  >
    <polygon :points="band" class="band" />
    <polyline :points="line" class="mean" />
    <line x1="0" :x2="scale.width" :y1="y(32)" :y2="y(32)" class="freeze" />
    <text x="3" :y="y(32) - 2" class="label">{{ temperature(32) }}</text>
    <g v-for="i in days.picked" :key="i">
      <rect
        v-if="strip.rainIn[i]! > 0.03"
        :x="x(i)"
        :y="0"
        :width="days.width"
        :height="Math.min(26, strip.rainIn[i]! * (i < strip.measured ? 16 : 60))"
        class="rain"
        :class="{ ahead: i >= strip.measured }"
      />
      <rect
        v-if="strip.frost[i]! > 4"
        :x="x(i)"
        :y="HEIGHT - 8"
        :width="Math.max(1, days.width * 1.4)"
        height="7"
        class="frost"
        :style="{ opacity: strip.frost[i]! / 100 }"
      />
    </g>
  </svg>
</template>

<style scoped>
.band {
  fill: var(--straw);
  opacity: 0.35;
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
.label {
  font-size: 10px;
  fill: var(--quiet);
  font-family: var(--figures);
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

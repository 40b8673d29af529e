<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { heaviest, scaleMark } from '../draw/reading'
import { timescale } from '../draw/timescale'
import { dayNumber, isoDay, long } from '../format/dates'
import { matter, rateUnit } from '../format/units'
import DayReading from './DayReading.vue'
import FurrowLane from './FurrowLane.vue'
import type { Lane } from './lanes'
import TimeAxis from './TimeAxis.vue'

/** One lane drawn large around its next decision, with a day that can be read off. */
const props = withDefaults(
  defineProps<{ lane: Lane; from: string; to: string; today: string; tried?: boolean; height?: number }>(),
  { height: 172 },
)
const AXIS = 56
const box = ref<HTMLElement>()
const width = ref(600)
const observer = new ResizeObserver(() => box.value && (width.value = Math.max(200, box.value.clientWidth - AXIS)))
onMounted(() => observer.observe(box.value!))
onBeforeUnmount(() => observer.disconnect())

const scale = computed(() => timescale(dayNumber(props.from), dayNumber(props.to), width.value))
const top = computed(() => Math.max(500, heaviest(props.lane.ridges, scale.value.first, scale.value.last)) * 1.05)
const mark = computed(() => scaleMark(top.value))
const day = ref(dayNumber(props.today))
watch(
  () => props.today,
  (now) => (day.value = dayNumber(now)),
)

function point(event: PointerEvent) {
  const at = event.clientX - (event.currentTarget as HTMLElement).getBoundingClientRect().left
  day.value = Math.round(Math.max(scale.value.first, Math.min(scale.value.last, scale.value.day(at))))
}
</script>

<template>
  <div class="drawing">
    <div ref="box" class="box">
      <div class="axis quiet figures" :style="{ height: height + 'px' }" aria-hidden="true">
        <span class="unit">{{ rateUnit }}</span>
        <span :style="{ top: height - 15 - (mark / top) * (height - 18) - 8 + 'px' }">{{ matter(mark) }}</span><span
          :style="{ top: height - 24 + 'px' }"
          >0</span
        >
      </div>
      <div class="field" @pointermove="point" @pointerdown="point">
        <FurrowLane :lane="lane" :scale="scale" :today="dayNumber(today)" :height="height" :top="top" :mark="mark" />
        <div class="line" :style="{ left: scale.x(day) + 'px', height: height + 'px' }" />
        <TimeAxis :scale="scale" />
      </div>
      <input
        v-model.number="day"
        class="slide"
        type="range"
        :min="Math.ceil(scale.first)"
        :max="Math.floor(scale.last)"
        :aria-label="`Read a day of ${lane.field}`"
        :aria-valuetext="long(isoDay(day))"
      />
    </div>
    <DayReading class="says" :lane="lane" :day="day" :today="dayNumber(today)" :tried="tried" />
  </div>
</template>

<style scoped>
.drawing {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 6px 18px;
  align-items: start;
}
.box {
  position: relative;
  min-width: 0;
  padding-left: 56px;
}
.axis {
  position: absolute;
  left: 0;
  top: 0;
  width: 50px;
}
.axis span {
  position: absolute;
  right: 0;
  font-size: 0.85rem;
}
.axis .unit {
  top: 0;
}
.field {
  position: relative;
  touch-action: pan-y;
  cursor: crosshair;
  background: var(--furrow);
  overflow: hidden;
}
.line {
  position: absolute;
  top: 0;
  width: 0;
  border-left: 2px dotted var(--loam);
  pointer-events: none;
}
.slide {
  width: 100%;
  height: 18px;
  margin: 0;
  accent-color: var(--flax);
}
@media (max-width: 760px) {
  .drawing {
    grid-template-columns: 1fr;
  }
  .slide {
    height: 44px;
  }
}
</style>

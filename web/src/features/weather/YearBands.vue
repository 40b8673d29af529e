<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue'
import type { Schemas } from '../../api/client'
import { useYear } from '../../api/resources'
import { dayNumber, isoDay, short } from '../../format/dates'
import { read, word, type Unit } from '../../format/units'
import type { Series } from '../../parts/ChartBox.vue'

/** This year against the years before it: heat, rain, nights of frost, summed up from 1 January. */
const ChartBox = defineAsyncComponent(() => import('../../parts/ChartBox.vue'))
type Sum = keyof Schemas['YearView']
const { data: year } = useYear()
const sums: { title: string; value: Sum; unit: Unit; words?: string }[] = [
  { title: 'Heat, cool-season plants', value: 'heatCool', unit: 'FAHRENHEIT_DAY' },
  { title: 'Heat, warm-season plants', value: 'heatWarm', unit: 'FAHRENHEIT_DAY' },
  { title: 'Rain', value: 'rain', unit: 'INCH_OF_RAIN' },
  { title: 'Nights of frost', value: 'frostNights', unit: 'NONE', words: 'nights' },
]
const shown = ref<Sum>('heatCool')
const sum = computed(() => sums.find((s) => s.value === shown.value)!)
const unit = computed(() => sum.value.words ?? word(sum.value.unit))
const weeks = computed(() => year.value?.[shown.value] ?? [])
const series = computed<Series[]>(() => {
  const line = (label: string, color: string, of: (w: Schemas['SumOfWeek']) => number | undefined, more = {}) => ({
    label,
    color,
    points: weeks.value.flatMap((w) => {
      const y = of(w)
      return y === undefined ? [] : [{ x: dayNumber(w.day), y: read(y, sum.value.unit) }]
    }),
    ...more,
  })
  return [
    line('eight years of ten: from', '--sage', (w) => w.low, { kind: 'dashed' }),
    line('to', '--sage', (w) => w.high, { fill: '-1', kind: 'dashed' }),
    line('middle of the years', '--loam', (w) => w.middle),
    line('this year', '--flax', (w) => w.now),
  ]
})
const now = computed(() => weeks.value.filter((w) => w.now !== undefined).at(-1))
const digits = computed(() => (sum.value.unit === 'INCH_OF_RAIN' ? 1 : 0))
const said = (value: number) => read(value, sum.value.unit).toFixed(digits.value)
const sayDay = (day: number) => short(isoDay(Math.round(day)))
</script>

<template>
  <section v-if="weeks.length" class="mt-4" aria-labelledby="year">
    <h2 id="year">This year against the years before</h2>
    <div class="line">
      <v-select v-model="shown" class="pick" label="Of what" :items="sums" />
      <p v-if="now" class="figures now">
        By {{ short(now.day) }}: <b>{{ said(now.now!) }} {{ unit }}</b
        >; the middle year has {{ said(now.middle) }}, eight of ten {{ said(now.low) }}–{{ said(now.high) }}.
      </p>
    </div>
    <ChartBox
      :title="`${sum.title} since 1 January`"
      x-label="day"
      :y-label="unit"
      :series="series"
      :say-x="sayDay"
    />
  </section>
</template>

<style scoped>
.line {
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
}
.pick {
  max-width: 270px;
  min-width: 220px;
}
.now {
  font-size: 17px;
  margin: 0;
}
</style>

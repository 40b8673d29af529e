<script setup lang="ts">
import {
  Chart,
  Filler,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  ScatterController,
  Tooltip,
  type ChartDataset,
} from 'chart.js'
import { onBeforeUnmount, onMounted, ref, watch } from 'vue'
import { useTheme } from 'vuetify'

Chart.defaults.font = { family: 'Atkinson Hyperlegible, sans-serif', size: 13 }
Chart.register(ScatterController, PointElement, LineElement, LinearScale, Tooltip, Legend, Filler)

export interface Series {
  label: string
  points: { x: number; y: number }[]
  /** Name of a colour of ours, such as --flax. */
  color: string
  kind?: 'line' | 'dots' | 'dashed'
  /** Fills down to nought, or to the series before. */
  fill?: 'origin' | '-1'
}

/** An ordinary chart of lines or dots, with its figures as a table beneath for who reads rather than looks. */
const props = defineProps<{
  title: string
  xLabel: string
  yLabel: string
  series: Series[]
  /** How an x is said, where it is more than a number. */
  sayX?: (x: number) => string
  height?: number
}>()
const canvas = ref<HTMLCanvasElement>()
const theme = useTheme()
let chart: { destroy(): void } | undefined

const ink = (name: string) => getComputedStyle(canvas.value!).getPropertyValue(name).trim()
const said = (x: number) => props.sayX?.(x) ?? String(Math.round(x * 10) / 10)

function datasets(): ChartDataset<'scatter'>[] {
  return props.series.map((s) => ({
    label: s.label,
    data: s.points,
    showLine: s.kind !== 'dots',
    borderColor: ink(s.color),
    backgroundColor: s.fill ? ink(s.color) + '55' : ink(s.color),
    borderWidth: 2,
    borderDash: s.kind === 'dashed' ? [5, 4] : [],
    pointRadius: s.kind === 'dots' ? 5 : 0,
    fill: s.fill ?? false,
  }))
}
function axis(text: string, x: boolean) {
  const xs = props.series.flatMap((s) => s.points.map((p) => p.x))
  return {
    ...(x && { min: Math.min(...xs), max: Math.max(...xs) }),
    title: { display: true, text, color: ink('--loam') },
    ticks: {
      color: ink('--loam'),
      maxTicksLimit: 8,
      ...(x && { callback: (v: string | number) => said(Number(v)) }),
    },
    grid: { color: ink('--hair') },
  }
}
function draw() {
  if (!canvas.value) return
  chart?.destroy()
  chart = new Chart(canvas.value, {
    type: 'scatter',
    data: { datasets: datasets() },
    options: {
      animation: false,
      maintainAspectRatio: false,
      scales: { x: axis(props.xLabel, true), y: { ...axis(props.yLabel, false), beginAtZero: true } },
      plugins: {
        legend: { display: props.series.length > 1, labels: { color: ink('--loam'), boxWidth: 22, boxHeight: 2 } },
        tooltip: {
          callbacks: {
            label: (item) =>
              `${item.dataset.label}: ${said(item.parsed.x ?? 0)}, ${Math.round((item.parsed.y ?? 0) * 10) / 10}`,
          },
        },
      },
    },
  })
}
onMounted(draw)
watch(() => props.series, draw, { deep: true })
watch(
  () => theme.global.name.value,
  () => setTimeout(draw, 50),
)
onBeforeUnmount(() => chart?.destroy())
</script>

<template>
  <figure>
    <div :style="{ height: `${height ?? 220}px` }"><canvas ref="canvas" role="img" :aria-label="title" /></div>
    <details>
      <summary>{{ title }}, as a table</summary>
      <table v-for="s in series" :key="s.label" class="plain">
        <caption>
          {{
            s.label
          }}
        </caption>
        <thead>
          <tr>
            <th>{{ xLabel }}</th>
            <th class="n">{{ yLabel }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="p in s.points" :key="p.x">
            <td class="figures">{{ said(p.x) }}</td>
            <td class="n">{{ Math.round(p.y * 100) / 100 }}</td>
          </tr>
        </tbody>
      </table>
    </details>
  </figure>
</template>

<style scoped>
figure {
  margin: 8px 0;
}
summary {
  cursor: pointer;
  font-size: 0.9rem;
  color: rgb(var(--v-theme-primary));
  min-height: 28px;
}
caption {
  text-align: left;
  font-weight: 700;
}
table {
  max-width: 320px;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import { useFigures } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import FigureTable from '../../figures/FigureTable.vue'
import type { Figure } from '../../figures/figures'

/** What the house asks of an end, picked from the catalogue: kill, lead, least mats, prices. */
const PICKED = [
  'worth need',
  'worth need_sure',
  'termination lead_days_corn',
  'termination starter',
  'termination thin_mat',
  'termination roller_mat',
  'termination roller_spray_mat',
  'worth corn_price',
  'worth soybean_price',
  'worth corn_yield',
  'worth soybean_yield',
  'worth burndown',
  'worth roll_pass',
  'ending graze_cows',
]
const { sheets, error, set } = useFigures()
const { problem, said, act } = useAct()
const figures = computed(() => {
  const all = (sheets.value ?? []).flatMap((s) => s.figures)
  return PICKED.flatMap((key) => all.filter((f) => `${f.sheet} ${f.row}` === key))
})
function change(f: Figure, value: number | undefined) {
  const done = value === undefined ? 'The starting value is back.' : 'Your figure is kept; everything follows it.'
  void act(() => set.mutateAsync({ sheet: f.sheet, row: f.row, column: f.column, value }), done)
}
</script>

<template>
  <v-card class="pa-4">
    <h2>Terminating covers</h2>
    <p class="quiet">What the house asks of an end, picked from the catalogue.</p>
    <Refusal :says="error || problem" />
    <p v-if="said" role="status">{{ said }}</p>
    <FigureTable of="Terminating covers" title="" :figures="figures" @set="change" />
    <p><router-link to="/catalogue">All figures</router-link></p>
  </v-card>
</template>

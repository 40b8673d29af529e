<script setup lang="ts">
import { computed } from 'vue'
import { useFigures, useLearnt, useRefresh } from '../../api/resources'
import type { Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { planner } from '../../session'

/** What the farm's own kill ratings say of the figures for roller and spray; taken over when somebody says so. */
type Learnt = Schemas['LearntView']
const { data } = useLearnt()
const { set } = useFigures()
const refresh = useRefresh()
const { problem, busy, act } = useAct()
const told = computed(() => (data.value ?? []).filter((l) => l.ratings || l.taken))
const by = (l: Learnt) => (l.by === 'ROLLER' ? 'roller' : 'spray')
const level = (l: Learnt) => Math.abs(l.value - l.taken) < 0.005
async function take(l: Learnt, value: number | undefined) {
  if (await act(() => set.mutateAsync({ sheet: l.sheet, row: l.row, column: 'value', value }))) await refresh.all()
}
</script>

<template>
  <section v-if="told.length" class="learnt" aria-label="What your ratings say">
    <Refusal :says="problem" />
    <p v-for="l in told" :key="l.by">
      <template v-if="l.ratings">
        {{ l.ratings }} of your ratings of the {{ by(l) }}: {{ l.seen }} % dead where {{ l.expected }} % were
        expected.
        <template v-if="level(l)"> The figures reckon with it. </template>
        <template v-else>
          Reckoned with, such a kill is {{ l.instead }} %.
          <v-btn v-if="planner" size="small" variant="outlined" :disabled="busy" @click="take(l, l.value)"
            >Reckon with them</v-btn
          >
        </template>
      </template>
      <v-btn v-if="planner && l.taken" size="small" variant="text" :disabled="busy" @click="take(l, undefined)"
        >Back to the starting figures of the {{ by(l) }}</v-btn
      >
    </p>
  </section>
</template>

<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'

const props = defineProps<{ machine: Schemas['MachineView']; target: number; mph: number }>()
const width = ref(String(props.machine.setup.widthFt ?? 20))
const answer = ref<Schemas['MeterView'] | null>(null)
const wrong = ref('')
const asked = computed(() => ({ targetLbAc: props.target, widthFt: Number(width.value), mph: props.mph }))
watch(asked, async (body) => {
  try {
    answer.value = await got(api.POST('/api/calibrations/meter', { body }))
    wrong.value = ''
  } catch (e) {
    answer.value = null
    wrong.value = (e as Error).message
  }
}, { immediate: true })
</script>

<template>
  <v-card class="pa-4">
    <h2>Meter at a constant speed</h2>
    <p class="quiet">For air seeders whose meter does not follow the wheels: driving slower lays more.</p>
    <v-text-field v-model="width" label="Width seeded" suffix="ft" type="number" inputmode="decimal" step="any" />
    <Refusal :says="wrong" />
    <template v-if="answer">
      <p class="big">Meter <b class="figures">{{ answer.poundsPerMinute.toFixed(2) }} lb/min</b>, and stay between <b class="figures">{{ answer.slowest.toFixed(1) }} and {{ answer.fastest.toFixed(1) }} mph</b>.</p>
      <table class="plain"><thead><tr><th class="n">mph</th><th class="n">lb/ac</th><th /></tr></thead>
        <tbody><tr v-for="t in answer.table" :key="t.mph" :class="{ out: !t.within }"><td class="n">{{ t.mph.toFixed(1) }}</td><td class="n">{{ t.rate.toFixed(1) }}</td><td>{{ t.within ? 'within 10 %' : t.rate > target ? 'too much' : 'too little' }}</td></tr></tbody></table>
    </template>
  </v-card>
</template>

<style scoped>
.big { margin: 10px 0; font-size: 1.05rem; } .big b { font-size: 1.25rem; } .out td { color: var(--madder); }
</style>

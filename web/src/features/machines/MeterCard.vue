<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import Refusal from '../../parts/Refusal.vue'
import FigureField from '../../parts/FigureField.vue'
import { bare, say, word } from '../../format/units'

const props = defineProps<{ machine: Schemas['MachineView']; target: number; mph: number }>()
const width = ref(String(props.machine.setup.widthFt ?? 20))
const answer = ref<Schemas['MeterView'] | null>(null)
const wrong = ref<Refused | ''>('')
const asked = computed(() => ({ targetLbAc: props.target, widthFt: Number(width.value), mph: props.mph }))
watch(
  asked,
  async (body) => {
    try {
      answer.value = await got(api.POST('/api/v1/calibrations/meter', { body }))
      wrong.value = ''
    } catch (e) {
      answer.value = null
      wrong.value = e as Refused
    }
  },
  { immediate: true },
)
</script>

<template>
  <v-card class="pa-4">
    <h2>Meter at a constant speed</h2>
    <p class="quiet">For air seeders whose meter does not follow the wheels: driving slower lays more.</p>
    <FigureField v-model="width" label="Width seeded" unit="FOOT" />
    <Refusal :says="wrong" />
    <template v-if="answer">
      <p class="big">
        Meter <b class="figures">{{ say(answer.poundsPerMinute, 'POUND_PER_MINUTE', 2) }}</b>, and stay between
        <b class="figures"
          >{{ bare(answer.slowest, 'MILE_PER_HOUR', 1) }} and {{ say(answer.fastest, 'MILE_PER_HOUR', 1) }}</b
        >.
      </p>
      <table class="plain">
        <thead>
          <tr>
            <th class="n">{{ word('MILE_PER_HOUR') }}</th>
            <th class="n">{{ word('POUND_PER_ACRE') }}</th>
            <th />
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in answer.table" :key="t.mph" :class="{ out: !t.within }">
            <td class="n">{{ bare(t.mph, 'MILE_PER_HOUR', 1) }}</td>
            <td class="n">{{ bare(t.rate, 'POUND_PER_ACRE', 1) }}</td>
            <td>{{ t.within ? 'within 10 %' : t.rate > target ? 'too much' : 'too little' }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </v-card>
</template>

<style scoped>
.big {
  margin: 10px 0;
  font-size: 1.05rem;
}
.big b {
  font-size: 1.25rem;
}
.out td {
  color: var(--madder);
}
</style>

<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useCalibrations, useLots, useMachines } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import CatchCard from './CatchCard.vue'
import CheckCard from './CheckCard.vue'
import MachineTabs from '../../parts/MachineTabs.vue'
import MeterCard from './MeterCard.vue'
import PanCard from './PanCard.vue'
import TestList from './TestList.vue'
import { say } from '../../format/units'
import FigureField from '../../parts/FigureField.vue'

const route = useRoute()
const router = useRouter()
const { data: machines } = useMachines()
const { data: lots } = useLots()
const sowing = computed(() =>
  (machines.value ?? []).filter((m) => !['ROLLER', 'SPRAYER', 'PLANTER'].includes(m.kind)),
)
const machineId = computed(() => String(route.params.machineId ?? ''))
const machine = computed(() => machines.value?.find((m) => m.id === machineId.value))
watch(
  [sowing, machineId],
  () => {
    if (!machineId.value && sowing.value[0])
      void router.replace({ name: 'calibrate', params: { machineId: sowing.value[0].id } })
  },
  { immediate: true },
)

const kept = JSON.parse(localStorage.getItem('furrow-calibrate') ?? '{}') as {
  target?: string
  mph?: string
  lot?: string
}
const aim = reactive({ target: kept.target ?? '72', mph: kept.mph ?? '5', lot: kept.lot ?? '' })
watch(aim, () => localStorage.setItem('furrow-calibrate', JSON.stringify(aim)))
const tab = ref<'catch' | 'meter' | 'pans' | 'check'>('catch')
const tabs = [
  { value: 'catch', words: 'Catch' },
  { value: 'meter', words: 'Speed' },
  { value: 'pans', words: 'Pans' },
  { value: 'check', words: 'First acres' },
] as const

const { data: tests, error } = useCalibrations(machineId, aim)
</script>

<template>
  <div class="page">
    <MachineTabs />
    <div class="top">
      <v-select
        label="Machine"
        :items="sowing.map((m) => ({ value: m.id, title: m.name }))"
        :model-value="machineId"
        @update:model-value="router.push({ name: 'calibrate', params: { machineId: $event } })"
      />
      <FigureField v-model="aim.target" label="Target, bulk" unit="POUND_PER_ACRE" />
      <FigureField v-model="aim.mph" label="Speed" unit="MILE_PER_HOUR" />
      <v-combobox v-model="aim.lot" label="Seed lot" :items="lots?.map((l) => l.name)" clearable />
    </div>
    <Refusal :says="error" />
    <div v-if="tests?.next" class="next" role="status">
      <template v-if="tests.next.setting !== undefined"
        ><span>Set next</span><b class="figures">{{ tests.next.setting.toFixed(1) }}</b
        ><span v-if="tests.next.error !== undefined" class="quiet"
          >tests lie within ± {{ say(tests.next.error, 'POUND_PER_ACRE', 1) }} of their line</span
        ></template
      >
      <span v-for="n in tests.next.notes" :key="n" class="quiet">{{ n }}</span>
      <span v-for="c in tests.corrections" :key="c.lot"
        >In the field with {{ c.lot || 'any lot' }} it lays
        <b class="figures">{{ (c.factor * 100).toFixed(0) }} %</b> of what it is set for</span
      >
    </div>
    <div class="pick" role="tablist" aria-label="What to test">
      <button
        v-for="t in tabs"
        :key="t.value"
        type="button"
        role="tab"
        :aria-selected="tab === t.value"
        :class="{ here: tab === t.value }"
        @click="tab = t.value"
      >
        {{ t.words }}
      </button>
    </div>
    <div v-if="machine" class="both">
      <div>
        <CatchCard
          v-if="tab === 'catch'"
          :key="machine.id"
          :machine="machine"
          :target="Number(aim.target)"
          :mph="Number(aim.mph)"
          :lot="aim.lot ?? ''"
        />
        <MeterCard
          v-else-if="tab === 'meter'"
          :key="machine.id"
          :machine="machine"
          :target="Number(aim.target)"
          :mph="Number(aim.mph)"
        />
        <PanCard v-else-if="tab === 'pans'" :key="machine.id" :machine="machine" :lot="aim.lot ?? ''" />
        <CheckCard v-else :key="machine.id" :machine="machine" :target="Number(aim.target)" :lot="aim.lot ?? ''" />
      </div>
      <TestList v-if="tests" :tests="tests.tests" :target="Number(aim.target)" :setting="tests.next?.setting" />
    </div>
  </div>
</template>

<style scoped>
.top {
  display: grid;
  grid-template-columns: 1.6fr 1fr 1fr 1.2fr;
  gap: 10px;
  margin-bottom: 10px;
  max-width: 1000px;
  align-items: start;
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: baseline;
  border-left: 4px solid var(--sage);
  padding: 6px 12px;
  margin-bottom: 10px;
  background: rgb(var(--v-theme-surface));
}
.next b {
  font-size: 1.7rem;
}
.next span b {
  font-size: 1.1rem;
}
.pick {
  display: flex;
  border: 1px solid var(--hair);
  border-radius: 4px;
  overflow: hidden;
  max-width: 560px;
  margin-bottom: 12px;
}
.pick button {
  flex: 1;
  min-height: 46px;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border: 0;
  border-right: 1px solid var(--hair);
  cursor: pointer;
}
.pick button:last-child {
  border-right: 0;
}
.pick button.here {
  background: rgb(var(--v-theme-primary));
  color: rgb(var(--v-theme-on-primary));
  font-weight: 700;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 560px) minmax(0, 1fr);
  gap: 18px;
  align-items: start;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
  .top {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

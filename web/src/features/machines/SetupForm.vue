<script setup lang="ts">
import { reactive, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { useSetUpSheet } from '../../api/resources'
import FigureField from '../../parts/FigureField.vue'

const props = defineProps<{ machine: Schemas['MachineView'] }>()
const typed = reactive<Record<string, unknown>>({})
const { data: groups } = useSetUpSheet(() => props.machine)
const { problem, said, busy, act } = useAct()
const drivers = reactive({ text: '' })
const tractors = reactive({ text: '' })
const booked = reactive({ text: '' })

watch(
  () => props.machine,
  (m) => {
    for (const key of Object.keys(typed)) delete typed[key]
    for (const [key, value] of Object.entries(m.setup)) typed[key] = value
    drivers.text = (m.setup.drivers ?? []).join(', ')
    tractors.text = (m.setup.tractors ?? []).join(', ')
    booked.text = (m.setup.bookedDays ?? []).join(', ')
  },
  { immediate: true },
)

const list = (text: string) =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)

function save() {
  const setup: Record<string, unknown> = {}
  for (const group of groups.value ?? []) for (const part of group.figures) setup[part.key] = figure(typed[part.key])
  setup.drivers = list(drivers.text)
  setup.tractors = list(tractors.text)
  setup.bookedDays = list(booked.text)
  void act(
    () =>
      got(
        api.PUT('/api/machines/{id}/setup', {
          params: { path: { id: props.machine.id }, query: { version: props.machine.version } },
          body: setup as Schemas['MachineSetup'],
        }),
      ),
    `${props.machine.name} is saved.`,
  )
}
</script>

<template>
  <form @submit.prevent="save">
    <fieldset v-for="group in groups" :key="group.heading" :disabled="!planner">
      <legend>{{ group.heading }}</legend>
      <div class="grid">
        <FigureField
          v-for="part in group.figures"
          :key="part.key"
          :model-value="typed[part.key] ?? ''"
          :label="part.words"
          :unit="part.unit"
          @update:model-value="typed[part.key] = $event"
        />
      </div>
    </fieldset>
    <fieldset :disabled="!planner">
      <legend>Who and when</legend>
      <div class="grid two">
        <v-text-field v-model="drivers.text" label="Who may drive, with commas" />
        <v-text-field v-model="tractors.text" label="What may pull it, with commas" />
        <v-text-field v-model="booked.text" label="Booked days (rented), 2026-09-14, …" />
      </div>
    </fieldset>
    <Refusal :says="problem" />
    <p class="acts">
      <v-btn v-if="planner" type="submit" color="primary" :loading="busy">Save the set-up</v-btn
      ><span v-if="said" role="status">{{ said }}</span>
    </p>
  </form>
</template>

<style scoped>
fieldset {
  border: 0;
  padding: 0;
  margin: 0 0 14px;
}
legend {
  font-weight: 700;
  padding: 0 0 6px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
.grid.two {
  grid-template-columns: 1fr 1fr;
}
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 760px) {
  .grid,
  .grid.two {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

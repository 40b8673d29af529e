<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { useFields, useSetUpSheet } from '../../api/resources'
import { bare } from '../../format/units'
import FigureField from '../../parts/FigureField.vue'
import SetupMakes from './SetupMakes.vue'

const props = defineProps<{ machine: Schemas['MachineView']; sows: boolean }>()
const typed = reactive<Record<string, unknown>>({})
const { data: groups } = useSetUpSheet(() => props.machine)
const { problem, said, busy, act } = useAct()
const drivers = reactive({ text: '' })
const tractors = reactive({ text: '' })
const booked = reactive({ text: '' })
const stands = ref<string | null>(null)
const { data: fields } = useFields()
const farmsteads = computed(() =>
  [...new Set((fields.value ?? []).map((f) => f.field.farmstead).filter(Boolean))].sort(),
)

watch(
  () => props.machine,
  (m) => {
    for (const key of Object.keys(typed)) delete typed[key]
    for (const [key, value] of Object.entries(m.setup)) typed[key] = value
    drivers.text = (m.setup.drivers ?? []).join(', ')
    tractors.text = (m.setup.tractors ?? []).join(', ')
    booked.text = (m.setup.bookedDays ?? []).join(', ')
    stands.value = m.setup.stands ?? null
  },
  { immediate: true },
)

const list = (text: string) =>
  text
    .split(',')
    .map((t) => t.trim())
    .filter(Boolean)

/** Two groups stand open; whoever wants the others opens them. */
const OPEN = 2
const asTyped = computed(() => {
  const setup: Record<string, unknown> = { ...props.machine.setup }
  for (const group of groups.value ?? []) for (const part of group.figures) setup[part.key] = figure(typed[part.key])
  return setup
})

function save() {
  const setup: Record<string, unknown> = {}
  for (const group of groups.value ?? []) for (const part of group.figures) setup[part.key] = figure(typed[part.key])
  setup.drivers = list(drivers.text)
  setup.tractors = list(tractors.text)
  setup.bookedDays = list(booked.text)
  setup.stands = stands.value ?? undefined
  void act(
    () =>
      got(
        api.PUT('/api/v1/machines/{id}/setup', {
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
    <div class="both">
      <div>
        <details v-for="(group, i) in groups" :key="group.heading" class="group" :open="i < OPEN">
          <summary>{{ group.heading }}</summary>
          <fieldset :disabled="!planner">
            <legend class="sr">{{ group.heading }}</legend>
            <div class="grid">
              <FigureField
                v-for="part in group.figures"
                :key="part.key"
                :model-value="typed[part.key] ?? ''"
                :label="part.words"
                :unit="part.unit"
                :placeholder="
                  part.usual === undefined
                    ? undefined
                    : `usual ${bare(part.usual, part.unit, Number.isInteger(part.usual) ? 0 : 2)}`
                "
                persistent-placeholder
                @update:model-value="typed[part.key] = $event"
              />
            </div>
          </fieldset>
        </details>
        <details class="group">
          <summary>Who and when</summary>
          <fieldset :disabled="!planner">
            <legend class="sr">Who and when</legend>
            <div class="grid">
              <v-text-field v-model="drivers.text" label="Who may drive, with commas" />
              <v-text-field v-model="tractors.text" label="What may pull it, with commas" />
              <v-select v-model="stands" label="Stands at first" clearable :items="farmsteads" />
              <v-text-field v-model="booked.text" label="Booked days (rented), 2026-09-14, …" />
            </div>
          </fieldset>
        </details>
      </div>
      <SetupMakes :machine="machine" :setup="asTyped" :sows="sows" />
    </div>
    <Refusal :says="problem" />
    <p class="acts">
      <v-btn v-if="planner" type="submit" color="primary" :loading="busy">Save the set-up</v-btn
      ><span v-if="said" role="status">{{ said }}</span>
    </p>
  </form>
</template>

<style scoped>
:deep(input::placeholder) {
  opacity: 0.8;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 250px;
  gap: 22px;
  align-items: start;
}
.group {
  border-bottom: 1px solid var(--hair);
  padding: 4px 0 8px;
}
summary {
  font-weight: 700;
  cursor: pointer;
  min-height: 36px;
  display: list-item;
  align-content: center;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.grid {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
.acts {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 760px) {
  .both {
    grid-template-columns: 1fr;
  }
  .grid {
    grid-template-columns: 1fr 1fr;
  }
}
</style>

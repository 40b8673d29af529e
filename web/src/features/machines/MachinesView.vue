<script setup lang="ts">
import { computed, reactive, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, got, type Schemas } from '../../api/client'
import { area, areaUnit, perArea, perAreaUnit } from '../../format/units'
import { useAct } from '../../parts/act'
import { useChoices, useMachines } from '../../api/resources'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import MachineTabs from '../../parts/MachineTabs.vue'
import SetupForm from './SetupForm.vue'
import YardDialog from './YardDialog.vue'
import FigureField from '../../parts/FigureField.vue'

const route = useRoute()
const router = useRouter()
const { data: machines, error } = useMachines()
const { data: choices } = useChoices()
const { problem, act } = useAct()
const chosenId = ref(String(route.query.machine ?? ''))
const chosen = computed(() => machines.value?.find((m) => m.id === chosenId.value))
const adding = ref(false)
const yard = ref(route.query.yard === '1')
const keeps = ref('')
const form = reactive({ name: '', kind: 'DRILL' as Schemas['MachineForm']['kind'], rate: '', hired: false, cost: '' })
const kindWords = computed(() => Object.fromEntries((choices.value?.machines ?? []).map((m) => [m.value, m.title])))

watch(
  machines,
  (all) => {
    if (all?.length && !all.some((m) => m.id === chosenId.value)) chosenId.value = all[0]!.id
  },
  { immediate: true },
)
watch(chosenId, (id) => void router.replace({ query: { machine: id } }))

async function add() {
  const made = await act(() =>
    got(
      api.POST('/api/v1/machines', {
        body: {
          name: form.name,
          kind: form.kind,
          acresPerHour: Number(form.rate),
          hired: form.hired,
          costPerAcre: Number(form.cost || 0),
        },
      }),
    ),
  )
  if (made) {
    adding.value = false
    form.name = ''
    chosenId.value = made.id
  }
}
const sows = (kind: string) => choices.value?.ways.some((w) => w.value === kind) ?? false
const remove = (id: string) =>
  act(async () => {
    const gone = await got(api.DELETE('/api/v1/machines/{id}', { params: { path: { id } } }))
    keeps.value = gone?.says ?? ''
  })
</script>

<template>
  <div class="page">
    <MachineTabs />
    <Refusal :says="error || problem" />
    <p v-if="keeps" role="status">{{ keeps }}</p>
    <div class="both">
      <section aria-label="Machines and crews">
        <div class="head">
          <h1>Machines</h1>
          <v-btn v-if="planner" size="small" variant="tonal" color="primary" @click="adding = !adding"
            >Add a machine</v-btn
          >
          <v-btn v-if="planner" size="small" variant="text" color="primary" @click="yard = true">Starter yard</v-btn>
        </div>
        <form v-if="adding" class="form" @submit.prevent="add">
          <v-text-field v-model="form.name" label="Machine" required /><v-select
            v-model="form.kind"
            label="What it does"
            :items="choices?.machines"
          />
          <FigureField v-model="form.rate" label="Field capacity" unit="ACRE_PER_HOUR" required /><FigureField
            v-model="form.cost"
            label="Cost"
            unit="DOLLAR_PER_ACRE"
          />
          <v-checkbox v-model="form.hired" label="Hired" /><v-btn type="submit" variant="tonal" color="primary"
            >Add the machine</v-btn
          >
        </form>
        <button
          v-for="m in machines"
          :key="m.id"
          type="button"
          class="rig"
          :class="{ here: m.id === chosenId }"
          :aria-pressed="m.id === chosenId"
          @click="chosenId = m.id"
        >
          <b>{{ m.name }}</b><span class="quiet"
            >{{ kindWords[m.kind] }}<template v-if="m.hired">, hired</template></span
          ><span class="figures"
            >{{ area(m.acresPerHour, 1) }} {{ areaUnit }}/h · {{ perArea(m.costPerAcre) }} {{ perAreaUnit }}</span
          >
        </button>
        <p v-if="machines && !machines.length" class="quiet">
          No machines yet. Take them from the starter yard, or add your own and the crews you hire; loads, hours and
          prices follow.
        </p>
      </section>
      <v-card v-if="chosen" class="pa-4">
        <div class="head">
          <h2>{{ chosen.name }}</h2>
          <a
            v-if="sows(chosen.kind)"
            class="orders"
            :href="`/api/v1/work-orders/machines/${chosen.id}`"
            download="work-orders.pdf"
            >Work orders (PDF)</a
          >
          <v-btn
            v-if="planner"
            size="small"
            variant="text"
            :aria-label="`Take out ${chosen.name}`"
            @click="remove(chosen.id)"
            >Take out</v-btn
          >
        </div>
        <SetupForm :key="chosen.id" :machine="chosen" :sows="sows(chosen.kind)" />
      </v-card>
    </div>
    <YardDialog v-model="yard" @added="chosenId = $event" />
  </div>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: 340px 1fr;
  gap: 18px;
  align-items: start;
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  margin-bottom: 8px;
}
.rig {
  display: grid;
  grid-template-columns: 1fr;
  text-align: left;
  width: 100%;
  padding: 7px 10px;
  border: 1px solid var(--hair);
  border-left: 4px solid transparent;
  background: rgb(var(--v-theme-surface));
  color: inherit;
  border-radius: 3px;
  margin-bottom: 6px;
  cursor: pointer;
  min-height: 44px;
}
.rig.here {
  border-left-color: var(--flax);
}
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  margin-bottom: 12px;
  align-items: center;
}
@media (max-width: 900px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>

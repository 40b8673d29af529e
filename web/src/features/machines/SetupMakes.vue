<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useFields } from '../../api/resources'
import { area, areaUnit, mass, massUnit, number, perArea, perAreaUnit } from '../../format/units'

/** What a set-up makes of a field, as it is typed: acres an hour, a load, the price. */
const props = defineProps<{ machine: Schemas['MachineView']; setup: Record<string, unknown>; sows: boolean }>()
const { data: fields } = useFields()
const sown = computed(() => (fields.value ?? []).filter((f) => f.chain.some((l) => l.cover)))
const fieldId = ref('')
watch(sown, (all) => (fieldId.value ||= all[0]?.field.id ?? ''), { immediate: true })
const made = ref<Schemas['LoadsView'] | null>(null)
const problem = ref('')
let round = 0
let timer: ReturnType<typeof setTimeout> | undefined
onBeforeUnmount(() => clearTimeout(timer))

async function ask() {
  if (!props.sows || !fieldId.value) return
  const mine = ++round
  try {
    const answer = await got(
      api.POST('/api/v1/loads', {
        body: {
          fieldId: fieldId.value,
          machineId: props.machine.id,
          setup: props.setup as Schemas['MachineSetup'],
          rateFactor: 1,
        },
      }),
    )
    if (mine === round) [made.value, problem.value] = [answer, '']
  } catch (e) {
    if (mine === round) problem.value = (e as Refused).message
  }
}
watch(
  [fieldId, () => props.setup, () => props.machine.id],
  () => {
    clearTimeout(timer)
    timer = setTimeout(() => void ask(), 200)
  },
  { immediate: true, deep: true },
)
const pass = computed(() => made.value?.passes[0])
</script>

<template>
  <aside class="makes" aria-label="What it makes" aria-live="polite">
    <h3>What it makes</h3>
    <template v-if="!sows">
      <p>
        <b class="figures big">{{ area(machine.acresPerHour, 1) }}</b> {{ areaUnit }} an hour
      </p>
      <p>
        <b class="figures big">{{ perArea(Number(machine.costPerAcre)) }}</b> {{ perAreaUnit }} a pass
      </p>
      <p class="quiet">as saved</p>
    </template>
    <p v-else-if="!sown.length" class="quiet">
      Choose a cover for a field: what this machine makes of it stands here.
    </p>
    <template v-else>
      <v-select
        v-model="fieldId"
        label="On the field"
        :items="sown.map((f) => ({ value: f.field.id, title: f.field.name }))"
      />
      <p v-if="problem" class="trouble">{{ problem }}</p>
      <template v-else-if="made && pass">
        <p v-if="pass.impossible" class="trouble">{{ pass.impossible }}</p>
        <template v-else>
          <p>
            <b class="figures big">{{ area(pass.acresPerHour, 1) }}</b> {{ areaUnit }} an hour with fills
          </p>
          <p>
            <b class="figures big">{{ area(pass.acresPerLoad, 1) }}</b> {{ areaUnit }} a load,
            {{ mass(pass.loadPounds) }} {{ massUnit }} of {{ made.cover }}
          </p>
          <p>
            <b class="figures big">{{ perArea(made.price.pass) }}</b> {{ perAreaUnit }} the pass
          </p>
          <p class="quiet">
            {{ number(made.hours, 1) }} h for {{ made.field }}, {{ pass.loads }} load{{
              pass.loads === 1 ? '' : 's'
            }}; held up by {{ pass.limits }}
          </p>
        </template>
      </template>
      <p v-else class="quiet">Working it out …</p>
    </template>
  </aside>
</template>

<style scoped>
.makes {
  border-left: 4px solid var(--ochre);
  padding: 2px 0 4px 14px;
  position: sticky;
  top: 64px;
}
h3 {
  font-size: 1rem;
  margin: 0 0 8px;
}
p {
  margin: 4px 0;
}
.big {
  font-size: 1.6rem;
}
</style>

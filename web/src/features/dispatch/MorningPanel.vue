<script setup lang="ts">
import { computed, ref } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useMorning, useRefresh } from '../../api/resources'
import { long } from '../../format/dates'
import { area, areaUnit, money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { overnight } from '../../work/night'

/** What the night has changed, and what there is to do today. */
const props = defineProps<{ machines: Schemas['MachineView'][] }>()
const emit = defineEmits<{ mend: [] }>()
const SHOWN = 4
const refresh = useRefresh()
const { data: morning } = useMorning()
const busy = ref(false)
const problem = ref<Refused | ''>('')
const all = ref(false)
const changes = computed(() => {
  const told = morning.value?.changes ?? []
  return all.value ? told : told.slice(0, SHOWN)
})
const name = (id: string) => props.machines.find((m) => m.id === id)?.name ?? ''
async function again() {
  busy.value = true
  problem.value = ''
  try {
    await got(api.POST('/api/v1/dispatch/morning'))
    await refresh.jobs()
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section v-if="morning" class="morning" aria-labelledby="morning">
    <h2 id="morning">This morning</h2>
    <p v-if="!morning.today.length">Nothing is placed on today.</p>
    <ul>
      <li v-for="t in morning.today" :key="t.job.cover + t.job.operation + t.machineId">
        <b>{{ t.field }}</b>, {{ t.words }}: <span class="figures">{{ area(t.acres, 1) }} {{ areaUnit }}</span>
        <span class="row"
          >{{ name(t.machineId) }}<template v-if="t.driver">, {{ t.driver }}</template></span
        >
      </li>
    </ul>
    <template v-if="morning.day">
      <p v-if="!changes.length" class="quiet">Played on {{ long(morning.day) }}: nothing has shifted.</p>
      <ul v-else class="night" aria-label="What has shifted">
        <li v-for="c in changes" :key="c.job.cover + c.job.operation" :class="{ trouble: c.is < c.was }">
          <b>{{ c.field }}</b> {{ overnight(c) }}
        </li>
      </ul>
      <v-btn v-if="!all && morning.changes.length > SHOWN" size="small" variant="text" @click="all = true"
        >{{ morning.changes.length - SHOWN }} more</v-btn
      >
      <p v-if="morning.gain > 0">
        Moving some jobs would lose {{ money(morning.gain) }} a year less.
        <v-btn v-if="planner" size="small" variant="tonal" @click="emit('mend')">Look at it</v-btn>
      </p>
    </template>
    <v-btn v-if="planner" size="small" variant="text" :loading="busy" @click="again">{{
      morning.day ? 'Play it again' : 'Play it with today’s forecast'
    }}</v-btn>
    <Refusal :says="problem" />
  </section>
</template>

<style scoped>
.morning {
  border-bottom: 1px solid var(--hair);
  margin-bottom: 10px;
  padding-bottom: 8px;
}
h2 {
  font-size: 1.05rem;
  margin: 0 0 6px;
}
ul {
  list-style: none;
  margin: 0 0 6px;
  padding: 0;
}
li {
  margin-bottom: 4px;
}
p {
  margin: 0 0 6px;
}
.row {
  display: block;
  font-size: 0.9rem;
}
</style>

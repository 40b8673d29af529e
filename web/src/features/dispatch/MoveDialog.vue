<script setup lang="ts">
import DayField from '../../parts/DayField.vue'
import { computed, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { long, short } from '../../format/dates'
import { useElsewhere } from '../../api/resources'
import { money, number } from '../../format/units'
import FigureField from '../../parts/FigureField.vue'
import Refusal from '../../parts/Refusal.vue'
import { whenOf, type Job } from '../../work/board'

const props = defineProps<{
  job: Job
  machines: Schemas['MachineView'][]
  today: string
  start?: { machineId: string; day: string }
}>()
const elsewhere = ref(false)
const { data: places } = useElsewhere(
  computed(() => props.job.id),
  elsewhere,
)
const where = (e: Schemas['ElsewhereView']) =>
  ({
    MACHINE: `on the ${e.machine}`,
    LEFT_OUT: 'left out',
    FIRST: 'before all others there',
    ONE_EARLIER: 'before the one ahead of it',
    ONE_LATER: 'after the next one',
    THREE_DAYS_LATER: 'held back three days more',
  })[e.how]
const pays = (e: Schemas['ElsewhereView']) =>
  e.payers.length ? `paid by ${e.payers.map((p) => `${p.field} (${money(p.rise)})`).join(', ')}` : ''
const costs = (dollars: number) =>
  dollars > 0 ? `${money(dollars)} a year more` : dollars < 0 ? `${money(-dollars)} a year less` : 'no more'
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ moved: [board: Schemas['BoardView']] }>()

const able = computed(() => props.machines.filter((m) => props.job.able.includes(m.id)))
const machineId = ref('')
const day = ref('')
const locked = ref(true)
const told = ref<Schemas['WhatIfView'] | null>(null)
const problem = ref<Refused | ''>('')
const busy = ref(false)
const piece = ref('')
const splitting = ref(false)

watch(
  open,
  (is) => {
    if (!is) return
    elsewhere.value = false
    splitting.value = false
    piece.value = ''
    machineId.value = props.start?.machineId ?? props.job.place?.machineId ?? able.value[0]?.id ?? ''
    const wished = props.start?.day ?? props.job.place?.days[0]?.day ?? props.job.opens ?? props.today
    day.value = wished < props.today ? props.today : wished
  },
  { immediate: true },
)

let round = 0
watch(
  [machineId, day, locked, open],
  async () => {
    const mine = ++round
    told.value = null
    problem.value = ''
    if (!open.value || !machineId.value || !day.value) return
    try {
      const answer = await got(
        api.POST('/api/v1/dispatch/what-if', {
          body: { job: props.job.id, machineId: machineId.value, day: day.value, locked: locked.value },
        }),
      )
      // An answer that comes late must not speak for the day chosen since.
      if (mine === round) told.value = answer
    } catch (e) {
      if (mine === round) problem.value = e as Refused
    }
  },
  { immediate: true },
)

async function act(asked: Promise<Schemas['BoardView']>) {
  busy.value = true
  problem.value = ''
  try {
    emit('moved', await asked)
    open.value = false
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}

const path = computed(() => ({ path: props.job.id }))
const put = () =>
  act(
    got(
      api.PUT('/api/v1/dispatch/jobs/{cover}/{operation}', {
        params: path.value,
        body: {
          machineId: machineId.value,
          day: day.value,
          locked: locked.value,
          acceptLate: told.value?.late ?? false,
          version: props.job.place?.version,
        },
      }),
    ),
  )
const split = () =>
  act(
    got(
      api.POST('/api/v1/dispatch/parts', {
        body: { id: crypto.randomUUID(), job: props.job.id, acres: Number(piece.value) },
      }),
    ),
  )
const join = () =>
  act(got(api.DELETE('/api/v1/dispatch/parts/{id}', { params: { path: { id: props.job.id.cover } } })))
const takeOff = () =>
  act(
    got(
      api.DELETE('/api/v1/dispatch/jobs/{cover}/{operation}', {
        params: { ...path.value, query: { version: props.job.place?.version } },
      }),
    ),
  )
</script>

<template>
  <v-dialog v-model="open" :aria-label="`${job.field}: ${job.words}`" max-width="520">
    <v-card :title="`${job.field}: ${job.words}`" :subtitle="[job.cover, whenOf(job)].filter(Boolean).join(' · ')">
      <v-card-text>
        <div class="d-flex ga-3 flex-wrap">
          <v-select
            v-model="machineId"
            class="flex-1-1"
            label="Machine"
            :items="able.map((m) => ({ value: m.id, title: m.name }))"
          />
          <DayField v-model="day" class="flex-1-1" label="Starts on" :min="today" />
        </div>
        <p v-if="able.length === 0" class="trouble mt-2">
          No machine on the farm can do this. <router-link to="/farm">Add one</router-link>.
        </p>
        <v-checkbox v-model="locked" label="Lock it here when planning again" />
        <div v-if="told" class="told" role="status">
          <p class="big figures">{{ long(day) }}: open {{ told.chanceOpen }} %, fit {{ told.chanceFit }} %</p>
          <p class="figures">Loses {{ costs(told.rise) }}; in its window in {{ told.inWindow }} % of years</p>
          <ul>
            <li v-for="s in told.says" :key="s">{{ s }}</li>
            <li v-if="told.moves.length" class="trouble">Puts {{ told.moves.join(', ') }} on other days</li>
          </ul>
          <p v-if="told.days.length > 1" class="quiet">
            {{ told.days.map((d) => `${short(d.day)} ${number(d.hours, 1)} h`).join(' · ') }}
          </p>
        </div>
        <p v-if="job.place" class="quiet">Now: {{ job.place.why }}.</p>
        <form v-if="splitting" class="split" @submit.prevent="split">
          <FigureField v-model="piece" label="Split off" unit="ACRE" />
          <v-btn type="submit" variant="tonal" :disabled="!piece" :loading="busy">Split</v-btn>
        </form>
        <Refusal :says="problem" />
        <v-btn v-if="job.partOf" class="mr-2" size="small" variant="tonal" @click="join">Join it with the rest</v-btn>
        <v-btn
          v-else-if="!job.counted && !splitting"
          class="mr-2"
          size="small"
          variant="tonal"
          @click="splitting = true"
          >Split it</v-btn
        >
        <template v-if="job.place">
          <v-btn v-if="!elsewhere" class="mr-2" size="small" variant="tonal" @click="elsewhere = true"
            >What elsewhere would cost</v-btn
          >
          <p v-else-if="!places" role="status" class="quiet">Playing other places …</p>
          <table v-else class="told">
            <caption>
              Elsewhere, over the years
            </caption>
            <tbody>
              <tr v-for="e in places" :key="e.how + e.machine">
                <td>{{ where(e) }}</td>
                <td class="n">{{ costs(e.rise) }}</td>
                <td>{{ pays(e) }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </v-card-text>
      <v-card-actions>
        <v-btn v-if="job.place" variant="text" @click="takeOff">Take off the board</v-btn>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Cancel</v-btn>
        <v-btn color="primary" variant="flat" :disabled="!told" :loading="busy" @click="put">{{
          told?.late ? 'Put it there, late' : 'Put it there'
        }}</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.told {
  border-left: 4px solid var(--ochre);
  padding: 2px 10px;
  margin: 8px 0;
}
.split {
  display: flex;
  gap: 12px;
  align-items: center;
  margin: 8px 0;
}
.big {
  font-size: 1.15rem;
  font-weight: 600;
  margin: 0;
}
td:first-child,
caption {
  padding-left: 10px;
}
caption {
  text-align: left;
  font-weight: 600;
}
ul {
  margin: 2px 0;
  padding-left: 18px;
}
</style>

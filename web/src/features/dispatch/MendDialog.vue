<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { api, got, type Refused, type Schemas } from '../../api/client'
import { useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import { money } from '../../format/units'
import Refusal from '../../parts/Refusal.vue'

/** The list mended: how many jobs to move, which, why, and what it gains. Keeping the list comes first. */
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ taken: [string] }>()
const refresh = useRefresh()
const offer = ref<Schemas['ReplanView'] | null>(null)
const step = ref(0)
const problem = ref<Refused | ''>('')
const busy = ref(false)

watch(
  open,
  async (is) => {
    if (!is) return
    offer.value = null
    problem.value = ''
    try {
      offer.value = await got(api.POST('/api/v1/dispatch/replan'))
      step.value = offer.value.proposed
    } catch (e) {
      problem.value = e as Refused
    }
  },
  { immediate: true },
)
const chosen = computed(() => offer.value?.steps[step.value])
const how: Record<Schemas['MovedView']['how'], string> = {
  MACHINE: 'to another machine',
  WAIT: 'held back otherwise',
  ORDER: 'in another order',
}
const place = (machine?: string, day?: string) => (machine && day ? `${machine}, ${short(day)}` : 'no place')
const name = (s: Schemas['MendStepView']) =>
  s.most === 0 ? 'Move nothing' : s.most >= 100 ? 'Move what helps' : `Move up to ${s.most} %`

async function take() {
  busy.value = true
  problem.value = ''
  try {
    await got(api.POST('/api/v1/dispatch/replan/take', { body: { offer: offer.value!.offer, step: step.value } }))
    await refresh.jobs()
    emit('taken', step.value === 0 ? 'The list is kept, on new days.' : `${chosen.value!.moved.length} jobs moved.`)
    open.value = false
  } catch (e) {
    problem.value = e as Refused
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <v-dialog v-model="open" aria-label="Mend the plan" max-width="760">
    <v-card title="Mend the plan" subtitle="From this morning on, with what is done, away and forecast now">
      <v-card-text>
        <p v-if="!offer && !problem" role="status">Playing the list from this morning on …</p>
        <Refusal :says="problem" />
        <template v-if="offer && chosen">
          <p class="lead">
            Keeping the list loses about {{ money(offer.keeping) }} a year.
            <template v-if="offer.proposed === 0">Moving jobs gains too little to be worth it.</template>
            <template v-else
              >Moving {{ offer.steps[offer.proposed]!.moved.length }} jobs gains
              {{ money(offer.steps[offer.proposed]!.gains) }}.</template
            >
          </p>
          <v-slider
            v-model="step"
            :min="0"
            :max="offer.steps.length - 1"
            :step="1"
            show-ticks="always"
            color="primary"
            aria-label="How much to move"
            :aria-valuetext="name(chosen)"
          />
          <p class="figures big" role="status">
            {{ name(chosen) }}: {{ chosen.moved.length }} moved, {{ chosen.shifted }} on other days by themselves,
            gains
            {{ money(chosen.gains) }}
          </p>
          <p v-if="chosen.gone.length" class="trouble">No place any more: {{ chosen.gone.join(', ') }}.</p>
          <table v-if="chosen.moved.length" class="told">
            <thead>
              <tr>
                <th>Moved</th>
                <th>From</th>
                <th>To</th>
                <th>Not a day earlier, because</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="m in chosen.moved" :key="m.field + m.words">
                <td>
                  <b>{{ m.field }}</b>, {{ m.words }} <span class="quiet">{{ how[m.how] }}</span>
                </td>
                <td>{{ place(m.fromMachine, m.from) }}</td>
                <td>{{ place(m.toMachine, m.to) }}</td>
                <td>{{ m.because }}</td>
              </tr>
            </tbody>
          </table>
          <p v-else class="quiet">Every job keeps its machine and its turn; only days change.</p>
        </template>
      </v-card-text>
      <v-card-actions>
        <v-spacer />
        <v-btn variant="text" @click="open = false">Leave it</v-btn>
        <v-btn color="primary" variant="flat" :disabled="!chosen" :loading="busy" @click="take">{{
          step === 0 ? 'Keep the list' : 'Move them'
        }}</v-btn>
      </v-card-actions>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.lead {
  font-size: 1.1rem;
}
.big {
  font-size: 1.15rem;
  font-weight: 600;
}
</style>

<script setup lang="ts">
import { computed, reactive } from 'vue'
import { api, got } from '../../api/client'
import { useFields, useGauges, useRefresh } from '../../api/resources'
import { short } from '../../format/dates'
import { bare, kept, word } from '../../format/units'
import DayField from '../../parts/DayField.vue'
import NumberField from '../../parts/NumberField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'
import { session } from '../../session'

/** Rain from the farm's own gauges, which stands in the place of the station's for the fields it is of. */
const { data: gauges } = useGauges()
const { data: fields } = useFields()
const { problem, busy, act } = useAct()
const refresh = useRefresh()
const form = reactive({ at: '', day: session.value?.today ?? '', rain: '' as number | '' })
const steads = computed(() =>
  [...new Set((fields.value ?? []).map((f) => f.field.farmstead).filter((s) => !!s))].sort(),
)
const places = computed(() => [
  ...steads.value.map((s) => ({ value: `stead ${s}`, title: `${s}: all its fields` })),
  ...(fields.value ?? []).map((f) => ({ value: `field ${f.field.id}`, title: f.field.name })),
])
const stead = computed(() => (form.at.startsWith('stead ') ? form.at.slice(6) : undefined))
const field = computed(() => (form.at.startsWith('field ') ? form.at.slice(6) : undefined))
async function keep() {
  const body = {
    id: crypto.randomUUID(),
    fieldId: field.value,
    farmstead: stead.value,
    day: form.day,
    rainIn: kept(Number(form.rain), 'INCH_OF_RAIN'),
  }
  if (await act(() => got(api.POST('/api/v1/gauges', { body })))) {
    form.rain = ''
    await refresh.all()
  }
}
async function remove(id: string) {
  if (await act(() => got(api.DELETE('/api/v1/gauges/{id}', { params: { path: { id } } })))) await refresh.all()
}
const amount = (inches: number) => bare(inches, 'INCH_OF_RAIN', 2)
</script>

<template>
  <section class="mt-4" aria-labelledby="gauges">
    <h2 id="gauges">Your own rain gauges</h2>
    <p class="quiet">
      What you read stands in the place of the station's rain for the fields of that gauge: in their topsoil, in what
      is fit, and in how their covers grow.
    </p>
    <form class="row" @submit.prevent="keep">
      <v-autocomplete v-model="form.at" class="at" label="Gauge at" :items="places" />
      <DayField v-model="form.day" label="Day" :max="session?.today" />
      <NumberField v-model="form.rain" :label="`Rain, ${word('INCH_OF_RAIN')}`" />
      <v-btn type="submit" color="primary" :loading="busy" :disabled="!form.at || form.rain === ''">Keep</v-btn>
    </form>
    <Refusal :says="problem" />
    <div v-if="gauges?.length" class="wide" tabindex="0" role="region" aria-label="Rain read from gauges">
      <table class="plain">
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Gauge</th>
            <th scope="col" class="n">Read, {{ word('INCH_OF_RAIN') }}</th>
            <th scope="col" class="n">Station</th>
            <th scope="col" class="n">Fields</th>
            <th scope="col">By</th>
            <th><span class="sr">Take out</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="g in gauges.slice(0, 30)" :key="g.reading.id">
            <td class="figures">{{ short(g.reading.day) }}</td>
            <td>{{ g.where }}</td>
            <td class="n">{{ amount(g.reading.rainIn) }}</td>
            <td class="n">{{ g.stationIn === undefined ? '–' : amount(g.stationIn) }}</td>
            <td class="n">{{ g.fields }}</td>
            <td>{{ g.reading.by }}</td>
            <td>
              <v-btn
                size="small"
                variant="text"
                :aria-label="`Take out the reading of ${short(g.reading.day)} at ${g.where}`"
                @click="remove(g.reading.id)"
                >Take out</v-btn
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(220px, 2fr) minmax(150px, 1fr) minmax(120px, 1fr) auto;
  gap: 10px;
  align-items: center;
  max-width: 820px;
}
.wide {
  overflow-x: auto;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
}
@media (max-width: 700px) {
  .row {
    grid-template-columns: 1fr;
  }
}
</style>

<script setup lang="ts">
import NumberField from '../../parts/NumberField.vue'
import { computed, reactive, ref } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { area, areaUnit } from '../../format/units'
import { figure, useAct } from '../../parts/act'
import Refusal from '../../parts/Refusal.vue'
import { planner } from '../../session'
import { soils, soilWords } from './soils'

type Zone = Schemas['ZoneView']
const props = defineProps<{ field: Schemas['FieldView'] }>()
const { problem, said, busy, act } = useAct()
const ground = [{ value: '', title: 'As in the field' }, ...soils]
const drains = [
  { value: '', title: 'As in the field' },
  { value: 'yes', title: 'Tiled' },
  { value: 'no', title: 'Not tiled' },
]
const empty = { name: '', percent: '', soil: '', tiled: '' }
const form = reactive({ ...empty })
/** The zone that is being changed; empty while a new one is typed. */
const changing = ref<Zone>()
const open = ref(false)
const zones = computed(() => props.field.zones)

function facts(zone: Zone): string {
  const own = [
    zone.soil ? soilWords[zone.soil] : '',
    zone.tiled === undefined ? '' : zone.tiled ? 'tiled' : 'not tiled',
    zone.share ? `${Math.round(100 * zone.share)} % of the field, not drawn` : 'drawn',
  ]
  return own.filter(Boolean).join(', ')
}

function begin(zone?: Zone) {
  changing.value = zone
  open.value = true
  problem.value = ''
  Object.assign(form, empty, {
    name: zone?.name ?? '',
    percent: zone?.share ? String(Math.round(1000 * zone.share) / 10) : '',
    soil: zone?.soil ?? '',
    tiled: zone?.tiled === undefined ? '' : zone.tiled ? 'yes' : 'no',
  })
}

async function save() {
  const percent = figure(form.percent)
  const zone = changing.value
  const body = {
    name: form.name,
    boundary: zone?.boundary,
    share: percent === undefined || zone?.boundary ? undefined : percent / 100,
    soil: (form.soil || undefined) as Zone['soil'],
    tiled: form.tiled === '' ? undefined : form.tiled === 'yes',
    version: zone?.version,
  }
  const path = zone ? { zoneId: zone.id } : { id: props.field.id }
  await act(
    () =>
      zone
        ? got(api.PUT('/api/v1/fields/zones/{zoneId}', { params: { path: path as { zoneId: string } }, body }))
        : got(api.POST('/api/v1/fields/{id}/zones', { params: { path: path as { id: string } }, body })),
    `${form.name} is saved.`,
  )
  if (!problem.value) open.value = false
}

const remove = (zone: Zone) =>
  act(
    () => got(api.DELETE('/api/v1/fields/zones/{zoneId}', { params: { path: { zoneId: zone.id } } })),
    `${zone.name} is part of the rest again.`,
  )
</script>

<template>
  <section aria-label="Zones">
    <h2>Zones</h2>
    <p v-if="!zones.length" class="quiet">
      A wet bottom or a sandy knob can be a zone with its own soil, counts and, if you like, its own cover. The field
      then waits for the zone that is ready last.
    </p>
    <table v-else class="plain">
      <tbody>
        <tr v-for="z in zones" :key="z.id">
          <td class="whole">
            <b>{{ z.name }}</b>
          </td>
          <td class="n whole">{{ area(z.acres, 1) }} {{ areaUnit }}</td>
          <td>{{ facts(z) }}</td>
          <td v-if="planner" class="n">
            <v-btn size="small" variant="text" :aria-label="`Change zone ${z.name}`" @click="begin(z)">Change</v-btn>
            <v-btn size="small" variant="text" :aria-label="`Take zone ${z.name} away`" @click="remove(z)"
              >Take away</v-btn
            >
          </td>
        </tr>
      </tbody>
    </table>
    <form v-if="open" class="form" @submit.prevent="save">
      <v-text-field v-model="form.name" label="Name of the zone" required />
      <NumberField v-if="!changing?.boundary" v-model="form.percent" label="Share of the field, %" required />
      <v-select v-model="form.soil" label="Topsoil of the zone" :items="ground" />
      <v-select v-model="form.tiled" label="Drains under the zone" :items="drains" />
      <p class="acts">
        <v-btn type="submit" size="small" color="primary" :loading="busy">Save the zone</v-btn>
        <v-btn size="small" variant="text" @click="open = false">Leave it</v-btn>
      </p>
    </form>
    <Refusal :says="problem" />
    <p v-if="said" role="status">{{ said }}</p>
    <p v-if="planner && !open" class="acts">
      <v-btn size="small" variant="tonal" @click="begin()">Add a zone by its share</v-btn>
      <router-link :to="{ name: 'fields', query: { view: 'map', zone: field.id } }">Draw one on the map</router-link>
    </p>
  </section>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin-top: 10px;
}
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  margin: 6px 0 0;
}
.whole {
  white-space: nowrap;
}
@media (max-width: 600px) {
  .form {
    grid-template-columns: 1fr;
  }
}
</style>

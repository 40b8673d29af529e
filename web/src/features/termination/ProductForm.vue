<script setup lang="ts">
import { reactive } from 'vue'
import { api, got, type Schemas } from '../../api/client'
import { useRefresh } from '../../api/resources'
import { kept, read, word, type Unit } from '../../format/units'
import NumberField from '../../parts/NumberField.vue'
import Refusal from '../../parts/Refusal.vue'
import { useAct } from '../../parts/act'

/** A product as its label has it; what is left empty is asked for when it is planned with. */
type Product = Schemas['ProductView']
const props = defineProps<{ known?: Product }>()
const emit = defineEmits<{ done: [] }>()
type Figure =
  | 'poundsPerGallon'
  | 'rainFreeHours'
  | 'leastCarrier'
  | 'plantBackCorn'
  | 'plantBackSoybeans'
  | 'reEntryHours'
  | 'grazingDays'
  | 'bufferFt'
const figures: { key: Figure; words: string; unit: Unit }[] = [
  { key: 'poundsPerGallon', words: 'Acid equivalent, lb a gallon', unit: 'NONE' },
  { key: 'rainFreeHours', words: 'Rain-free hours', unit: 'NONE' },
  { key: 'leastCarrier', words: 'Least spray', unit: 'GALLON_PER_ACRE' },
  { key: 'plantBackCorn', words: 'Days to planting corn', unit: 'NONE' },
  { key: 'plantBackSoybeans', words: 'Days to planting soybeans', unit: 'NONE' },
  { key: 'reEntryHours', words: 'Re-entry, hours', unit: 'NONE' },
  { key: 'grazingDays', words: 'Days to grazing', unit: 'NONE' },
  { key: 'bufferFt', words: 'Buffer', unit: 'FOOT' },
]
const form = reactive({
  name: props.known?.name ?? '',
  active: props.known?.active ?? '',
  kind: props.known?.kind ?? ('SYSTEMIC' as Product['kind']),
  values: Object.fromEntries(
    figures.map((f) => {
      const value = props.known?.[f.key]
      return [f.key, value === undefined ? '' : read(value, f.unit)]
    }),
  ) as Record<Figure, number | ''>,
  conditioned: props.known?.conditioned ?? false,
})
const kinds = [
  { value: 'SYSTEMIC', title: 'systemic' },
  { value: 'CONTACT', title: 'contact' },
  { value: 'GROWTH_REGULATOR', title: 'growth regulator' },
  { value: 'RESIDUAL', title: 'residual' },
]
const { problem, busy, act } = useAct()
const refresh = useRefresh()
async function keep() {
  const typed = (f: (typeof figures)[number]) => {
    const value = form.values[f.key]
    return value === '' ? undefined : kept(Number(value), f.unit)
  }
  const body = {
    id: props.known?.id ?? crypto.randomUUID(),
    name: form.name,
    active: form.active,
    kind: form.kind,
    conditioned: form.conditioned,
    version: props.known?.version,
    ...Object.fromEntries(figures.map((f) => [f.key, typed(f)])),
  }
  const done = await act(() =>
    props.known
      ? got(api.PUT('/api/v1/sprays/products/{id}', { params: { path: { id: props.known.id } }, body }))
      : got(api.POST('/api/v1/sprays/products', { body })),
  )
  if (done) {
    await refresh.all()
    emit('done')
  }
}
</script>

<template>
  <form class="product" aria-label="A product" @submit.prevent="keep">
    <v-text-field v-model="form.name" label="Name in your store" maxlength="80" />
    <v-text-field v-model="form.active" label="Active ingredient" maxlength="80" />
    <v-select v-model="form.kind" label="Works" :items="kinds" />
    <NumberField
      v-for="f in figures"
      :key="f.key"
      v-model="form.values[f.key]"
      :label="f.unit === 'NONE' ? f.words : `${f.words}, ${word(f.unit)}`"
    />
    <v-checkbox
      v-model="form.conditioned"
      class="wide"
      density="compact"
      hide-details
      label="The label asks for conditioned water"
    />
    <p class="quiet wide">
      Read every figure off the label in your hand. What you leave empty is asked for, never assumed.
    </p>
    <Refusal class="wide" :says="problem" />
    <div class="wide">
      <v-btn type="submit" color="primary" :loading="busy" :disabled="!form.name || !form.active">Keep</v-btn>
      <v-btn variant="text" @click="emit('done')">Leave it</v-btn>
    </div>
  </form>
</template>

<style scoped>
.product {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 8px;
  max-width: 960px;
  margin-top: 10px;
}
.wide {
  grid-column: 1 / -1;
}
</style>

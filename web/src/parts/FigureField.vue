<script setup lang="ts">
import { ref, watch } from 'vue'
import { parseNumber } from '../format/day'
import { kept, read, units, word, type Unit } from '../format/units'
import NumberField from './NumberField.vue'

/** A figure to type in the farm's units. What it is bound to stays in the unit in which it is kept. */
const props = defineProps<{ modelValue: unknown; unit: Unit; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [string] }>()

const text = ref(shown())
let sent: unknown = props.modelValue

function shown(): string {
  const value = props.modelValue
  if (value === '' || value === null || value === undefined) return ''
  if (!Number.isFinite(Number(value))) return String(value)
  return String(Number(read(Number(value), props.unit).toPrecision(6)))
}

watch([() => props.modelValue, units, () => props.unit], ([now], [, before]) => {
  if (now !== sent || before !== units.value) text.value = shown()
  sent = now
})

function typed(value: string) {
  text.value = value
  const number = parseNumber(value)
  sent = number === null || units.value === 'US' ? value : String(kept(number, props.unit))
  emit('update:modelValue', sent as string)
}
</script>

<template>
  <NumberField
    :model-value="text"
    :label="[label, word(unit)].filter(Boolean).join(', ')"
    @update:model-value="typed"
  />
</template>

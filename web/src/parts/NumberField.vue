<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { parseNumber } from '../format/day'

/** A number as people write it: 1,200 or 1/2 too. What is not understood is said, and kept as it stands. */
const props = defineProps<{ modelValue: unknown; label: string }>()
const emit = defineEmits<{ 'update:modelValue': [string]; settled: [string] }>()
const text = ref(shown())
let sent: unknown = props.modelValue

function shown(): string {
  return props.modelValue === null || props.modelValue === undefined ? '' : String(props.modelValue)
}
watch(
  () => props.modelValue,
  (now) => {
    if (now !== sent) text.value = shown()
    sent = now
  },
)
const wrong = computed(() =>
  text.value.trim() !== '' && parseNumber(text.value) === null ? 'A number, such as 1,200, 2.5 or 1/2' : '',
)
function typed(value: string | null) {
  text.value = value ?? ''
  const number = parseNumber(text.value)
  sent = number === null ? text.value.trim() : String(number)
  emit('update:modelValue', sent as string)
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :error-messages="wrong || undefined"
    :hide-details="wrong ? false : 'auto'"
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="typed"
    @change="emit('settled', String(sent ?? ''))"
  />
</template>

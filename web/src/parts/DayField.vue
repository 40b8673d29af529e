<script setup lang="ts">
import { mdiCalendarBlankOutline } from '@mdi/js'
import { computed, ref, watch } from 'vue'
import { parseDay } from '../format/day'
import { dayNumber, short, year } from '../format/dates'
import { units } from '../format/units'
import { session } from '../session'
import DayGrid from './DayGrid.vue'

/** A day, typed in the farm's words or picked; bound to an ISO date, empty where none is entered. */
const props = defineProps<{ modelValue: string | undefined; label: string; min?: string; max?: string }>()
const emit = defineEmits<{ 'update:modelValue': [string]; settled: [string] }>()
const today = computed(() => session.value?.today ?? '2026-01-01')
const said = (iso?: string) => (iso ? `${short(iso)} ${year(dayNumber(iso))}` : '')
const text = ref(said(props.modelValue))
const open = ref(false)
let sent = props.modelValue ?? ''

watch(
  () => props.modelValue,
  (now) => {
    if ((now ?? '') !== sent) text.value = said(now)
    sent = now ?? ''
  },
)

const understood = computed(() => parseDay(text.value, today.value, units.value === 'US'))
const wrong = computed(() => {
  const day = understood.value
  if (day === null) return 'Write 26 Sep 2026, 26 sep, fri or +3'
  if (day && props.min && day < props.min) return `Not before ${said(props.min)}`
  if (day && props.max && day > props.max) return `Not after ${said(props.max)}`
  return ''
})

function typed(value: string) {
  text.value = value ?? ''
  if (wrong.value) return
  sent = understood.value!
  emit('update:modelValue', sent)
}
function settle() {
  if (wrong.value) return
  text.value = said(understood.value!)
  emit('settled', understood.value!)
}
function pick(iso: string) {
  text.value = said(iso)
  open.value = false
  sent = iso
  emit('update:modelValue', iso)
  emit('settled', iso)
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :error-messages="wrong || undefined"
    :hide-details="wrong ? false : 'auto'"
    placeholder="26 sep, fri, +3"
    autocomplete="off"
    @update:model-value="typed"
    @change="settle"
  >
    <template #append-inner>
      <v-menu v-model="open" :close-on-content-click="false" location="bottom end">
        <template #activator="{ props: on }">
          <button v-bind="on" type="button" class="pick" aria-label="Pick a day">
            <v-icon :icon="mdiCalendarBlankOutline" size="20" />
          </button>
        </template>
        <DayGrid v-if="open" :chosen="sent || today" :today="today" :min="min" :max="max" @pick="pick" />
      </v-menu>
    </template>
  </v-text-field>
</template>

<style scoped>
.pick {
  all: unset;
  cursor: pointer;
  padding: 6px 2px;
}
.pick:focus-visible {
  outline: 2px solid rgb(var(--v-theme-primary));
}
</style>

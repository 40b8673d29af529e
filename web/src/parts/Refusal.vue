<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue'
import { labelOf } from './refused'

/** Why something was refused; the input it speaks of is marked and comes into sight. */
const props = defineProps<{ says?: string | { message: string; field?: string } | null }>()
const box = ref<HTMLElement>()
const words = computed(() => (typeof props.says === 'object' ? props.says?.message : props.says))
const field = computed(() => (typeof props.says === 'object' ? props.says?.field : undefined))
let marked: HTMLElement | undefined

watch(
  [words, field],
  async () => {
    marked?.removeAttribute('aria-invalid')
    marked?.closest('.v-input')?.classList.remove('refused')
    marked = undefined
    await nextTick()
    if (!field.value || !box.value) return
    const around = box.value.closest('form, [role="dialog"], .v-card, .page') ?? document
    const inputs = [...around.querySelectorAll<HTMLElement>('input, textarea, [role="combobox"]')]
    marked = labelOf(
      field.value,
      inputs.map((input) => ({ input, label: label(input) })),
    )
    marked?.setAttribute('aria-invalid', 'true')
    marked?.closest('.v-input')?.classList.add('refused')
    marked?.scrollIntoView({ block: 'nearest' })
  },
  { immediate: true },
)

function label(input: HTMLElement): string {
  return input.getAttribute('aria-label') ?? input.closest('.v-input')?.querySelector('label')?.textContent ?? ''
}
</script>

<template>
  <div v-if="words" ref="box" role="alert" class="refusal">{{ words }}</div>
</template>

<style scoped>
.refusal {
  border-left: 4px solid var(--madder);
  padding: 6px 10px;
  margin: 8px 0;
  background: color-mix(in srgb, var(--madder) 9%, transparent);
}
</style>
<style>
.v-input.refused .v-field {
  outline: 2px solid var(--madder);
  outline-offset: -1px;
  border-radius: 4px;
}
</style>

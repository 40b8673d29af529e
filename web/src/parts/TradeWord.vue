<script setup lang="ts">
import { computed } from 'vue'
import { words } from './words'

/** A word of the trade where it stands: dotted underneath, its meaning on touch, pointer or focus. Its name is the word alone. */
const props = defineProps<{ of: string }>()
const meaning = computed(() => words.get(props.of) ?? '')
</script>

<template>
  <v-tooltip
    :aria-label="`${of}: ${meaning}`"
    :text="`${of}: ${meaning}`"
    location="bottom"
    max-width="320"
    open-on-click
    open-on-focus
  >
    <template #activator="{ props: on }">
      <button v-bind="on" type="button" class="word" :aria-description="meaning" @click.stop>
        <slot>{{ of }}</slot>
      </button>
    </template>
  </v-tooltip>
</template>

<style scoped>
.word {
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  color: inherit;
  text-align: inherit;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  cursor: help;
}
</style>

<script setup lang="ts">
import { computed } from 'vue'
import { outlinePath } from '../draw/outline'

const props = withDefaults(defineProps<{ boundary: string; size?: number }>(), { size: 36 })
const path = computed(() => outlinePath(props.boundary, props.size))
</script>

<template>
  <svg :width="size" :height="size" aria-hidden="true"><path :d="path" fill-rule="evenodd" /></svg>
</template>

<style scoped>
path {
  fill: var(--sage-soft);
  stroke: var(--loam);
  stroke-width: 1;
}
</style>

<script setup lang="ts">
import { useIsFetching, useQueryClient } from '@tanstack/vue-query'
import { onBeforeUnmount, ref, watch } from 'vue'

/** What is being worked out, once it takes longer than a glance; the last picture stays until it is there. */
const PATIENCE_MS = 300
const fetching = useIsFetching()
const cache = useQueryClient().getQueryCache()
const says = ref('')
let timer: ReturnType<typeof setTimeout> | undefined

function tell() {
  const words = cache
    .findAll({ fetchStatus: 'fetching' })
    .map((query) => query.meta?.says)
    .find((w) => w !== undefined)
  says.value = `${words ?? 'Reading'} …`
}
watch(
  () => fetching.value > 0,
  (waits) => {
    clearTimeout(timer)
    if (waits) timer = setTimeout(tell, PATIENCE_MS)
    else says.value = ''
  },
  { immediate: true },
)
onBeforeUnmount(() => clearTimeout(timer))
</script>

<template>
  <p class="waiting" role="status" :class="{ on: says }">{{ says }}</p>
</template>

<style scoped>
.waiting {
  position: fixed;
  z-index: 1500;
  top: 58px;
  left: 50%;
  transform: translateX(-50%);
  margin: 0;
  padding: 0;
  pointer-events: none;
}
.on {
  padding: 4px 14px;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--loam);
  border-radius: 3px;
}
</style>

<script setup lang="ts">
defineProps<{ says?: string | null }>()
</script>

<template>
  <div v-if="says" role="alert" class="refusal">{{ says }}</div>
</template>

<style scoped>
.refusal { border-left: 4px solid var(--madder); padding: 6px 10px; margin: 8px 0; background: color-mix(in srgb, var(--madder) 9%, transparent); }
</style>

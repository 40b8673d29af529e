<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import GuideText from './GuideText.vue'

/** The guide as a page of its own, to be read and printed. */
const route = useRoute()
const router = useRouter()
const print = () => window.print()
</script>

<template>
  <div class="page">
    <div class="no-print tools"><v-btn size="small" variant="tonal" color="primary" @click="print">Print</v-btn></div>
    <GuideText :page="String(route.params.page ?? '')" @go="router.push(`/guide/${$event}`)" />
  </div>
</template>

<style scoped>
.page {
  max-width: 860px;
}
.tools {
  display: flex;
  justify-content: flex-end;
}
</style>

<script setup lang="ts">
const tabs = [
  { to: '/machines', words: 'Set-up and cost' },
  { to: '/machines/calibrate', words: 'Calibrate' },
  { to: '/machines/loads', words: 'Loads and price' },
  { to: '/machines/flight', words: 'Flight plan' },
]
</script>

<template>
  <nav class="tabs" aria-label="Machines">
    <router-link
      v-for="t in tabs"
      :key="t.to"
      :to="t.to"
      :class="{ here: t.to === '/machines' ? $route.path === t.to : $route.path.startsWith(t.to) }"
      >{{ t.words }}</router-link
    >
  </nav>
</template>

<style scoped>
.tabs {
  display: flex;
  gap: 2px;
  border-bottom: 1px solid var(--hair);
  margin-bottom: 12px;
  overflow-x: auto;
}
.tabs a {
  padding: 8px 14px;
  min-height: 44px;
  display: flex;
  align-items: center;
  color: inherit;
  text-decoration: none;
  white-space: nowrap;
  border-bottom: 3px solid transparent;
}
.tabs a.here {
  border-bottom-color: var(--ochre);
  font-weight: 700;
}
</style>

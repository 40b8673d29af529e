<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { html, pageOf, pages } from './pages'
import { found } from './search'

/** A page of the guide with a search over all of them. */
const props = defineProps<{ page: string }>()
const emit = defineEmits<{ go: [page: string] }>()
const router = useRouter()
const sought = ref('')
const hits = computed(() => found(sought.value ?? ''))
const page = computed(() => pageOf(props.page))
const shown = computed(() => html(page.value))

function go(name: string) {
  sought.value = ''
  emit('go', name)
}
/** Links between pages stay where the guide is read; others go on as links do. */
function follow(event: MouseEvent) {
  const href = (event.target as HTMLElement).closest('a')?.getAttribute('href')
  if (!href?.startsWith('/guide/')) return
  event.preventDefault()
  const name = href.slice('/guide/'.length)
  if (pages.some((p) => p.name === name)) go(name)
  else void router.push(href)
}
</script>

<template>
  <div class="guide">
    <div class="no-print bar">
      <v-text-field v-model="sought" label="Search the guide" clearable />
      <nav aria-label="Pages of the guide">
        <button
          v-for="p in pages"
          :key="p.name"
          type="button"
          :aria-current="p.name === page.name"
          @click="go(p.name)"
        >
          {{ p.title }}
        </button>
      </nav>
    </div>
    <ul v-if="(sought ?? '').trim()" class="hits" aria-label="Found in the guide">
      <li v-for="h in hits" :key="h.id">
        <button type="button" @click="go(h.page)">
          <b>{{ h.title }}</b> <span v-if="h.title !== h.pageTitle" class="quiet">{{ h.pageTitle }}</span>
        </button>
        <p>{{ h.text.slice(0, 220) }}{{ h.text.length > 220 ? ' …' : '' }}</p>
      </li>
      <li v-if="!hits.length" class="quiet">Nothing in the guide speaks of that.</li>
    </ul>
    <!-- Our own text; a click on a link of it bubbles up, as does Enter on it. -->
    <!-- eslint-disable vue/no-v-html, vuejs-accessibility/click-events-have-key-events -->
    <!-- eslint-disable vuejs-accessibility/no-static-element-interactions -->
    <article v-else class="text" @click="follow" v-html="shown" />
  </div>
</template>

<style scoped>
.bar {
  display: grid;
  gap: 8px;
  padding-top: 6px;
}
nav {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
}
nav button,
.hits button {
  min-height: 34px;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  color: rgb(var(--v-theme-primary));
  cursor: pointer;
  text-align: left;
}
nav button[aria-current='true'] {
  font-weight: 700;
  text-decoration: underline;
}
.hits {
  list-style: none;
  padding: 0;
}
.hits p {
  margin: 0 0 8px;
}
.text {
  line-height: 1.5;
  max-width: 72ch;
}
.text :deep(h1) {
  margin: 10px 0 4px;
}
.text :deep(h2) {
  margin: 16px 0 4px;
}
.text :deep(li) {
  margin-bottom: 3px;
}
.text :deep(p) {
  margin: 0 0 8px;
}
@media (max-width: 640px) {
  nav button,
  .hits button {
    min-height: 44px;
  }
}
</style>

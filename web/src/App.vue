<script setup lang="ts">
import { useRefresh } from './api/resources'
import { mdiAccountCircleOutline, mdiChevronDown, mdiHelpCircleOutline, mdiLogout, mdiThemeLightDark } from '@mdi/js'
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useTheme } from 'vuetify'
import { api, got } from './api/client'
import WaitingLine from './parts/WaitingLine.vue'
import UnitsToggle from './parts/UnitsToggle.vue'
import { loadSession, session, settle } from './session'

const GuideDialog = defineAsyncComponent(() => import('./features/guide/GuideDialog.vue'))
const DemoDay = defineAsyncComponent(() => import('./parts/DemoDay.vue'))
const CropTextures = defineAsyncComponent(() => import('./parts/CropTextures.vue'))
const router = useRouter()
const route = useRoute()
const theme = useTheme()
const refresh = useRefresh()
const ready = ref(false)
const guide = ref(false)
const pages = [
  { to: '/', words: 'Season', parts: [{ to: '/weather', words: 'Weather' }] },
  {
    to: '/fields',
    words: 'Fields',
    parts: [
      { to: '/fields?view=map', words: 'Map' },
      { to: '/fields?view=crops', words: 'Crops' },
    ],
  },
  { to: '/cover', words: 'Cover', parts: [{ to: '/cover/many', words: 'For many fields' }] },
  { to: '/order', words: 'Seed' },
  {
    to: '/machines',
    words: 'Machines',
    parts: [
      { to: '/machines/calibrate', words: 'Calibrate' },
      { to: '/machines/loads', words: 'Loads' },
      { to: '/machines/flight', words: 'Flight' },
    ],
  },
  { to: '/dispatch', words: 'Dispatch' },
  { to: '/termination', words: 'Termination', parts: [{ to: '/termination/hours', words: 'Hours' }] },
  {
    to: '/scout',
    words: 'Scout',
    parts: [
      { to: '/scout/practice', words: 'Practice' },
      { to: '/right', words: 'How right were we' },
    ],
  },
  { to: '/logbook', words: 'Logbook' },
  { to: '/farm', words: 'Farm', parts: [{ to: '/catalogue', words: 'Catalogue' }] },
]
/** Nine words in the order of the work; the farm itself stands with the person. */
const bar = pages.filter((page) => page.to !== '/farm')
/** Under a thumb every page is two taps away: the list holds the parts of pages too. */
const everyPage = pages.flatMap((page) => [
  { to: page.to, words: page.words, part: false },
  ...(page.parts ?? []).map((part) => ({ ...part, part: true })),
])
const here = computed(() =>
  pages.find(
    (page) =>
      (page.to === '/' ? route.path === '/' : route.path.startsWith(page.to)) ||
      page.parts?.some((part) => route.path === part.to),
  ),
)

/** Without a signal a scout goes on as who took the list along. */
async function offlineSession() {
  const { taken } = await import('./features/scout/store')
  const kept = await taken()
  if (kept) settle(kept.session)
  return kept?.session ?? null
}

function toSignIn() {
  if (route.name !== 'sign-in') void router.push({ name: 'sign-in', query: { to: route.fullPath } })
}

function onKey(event: KeyboardEvent) {
  const target = event.target as HTMLElement
  if (event.key === '?' && !/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName)) guide.value = !guide.value
  // The dialog itself listens a moment after it is shown; a quick Escape must not be lost.
  if (event.key === 'Escape') guide.value = false
}

function signedOut() {
  session.value = null
  refresh.forget()
  toSignIn()
}

onMounted(async () => {
  window.addEventListener('furrow-signed-out', signedOut)
  window.addEventListener('keydown', onKey)
  await router.isReady()
  const view = await loadSession().catch(() => (route.meta.pocket ? offlineSession() : null))
  if (!view?.signedIn && !route.meta.open) toSignIn()
  ready.value = true
})
onBeforeUnmount(() => {
  window.removeEventListener('furrow-signed-out', signedOut)
  window.removeEventListener('keydown', onKey)
})

function switchTheme() {
  const name = theme.global.name.value === 'day' ? 'nightCab' : 'day'
  theme.change(name)
  localStorage.setItem('furrow-theme', name)
}

async function home() {
  const view = await got(api.DELETE('/api/v1/sample')).catch(() => null)
  if (!view) return
  settle(view)
  await router.push('/')
  await refresh.farm()
}

async function signOut() {
  await got(api.DELETE('/api/v1/session')).catch(() => undefined)
  signedOut()
}
</script>

<template>
  <v-app>
    <WaitingLine />
    <v-app-bar v-if="session?.signedIn" flat height="52" color="surface" border="b" aria-label="Nimble Furrow">
      <router-link to="/" class="brand" aria-label="Nimble Furrow, season">
        <img src="/furrow.svg" alt="" width="26" height="26" /><span class="brand-name">Nimble Furrow</span>
      </router-link>
      <nav class="phone-only" aria-label="Pages">
        <v-menu>
          <template #activator="{ props }"
            ><v-btn v-bind="props" variant="text" class="page-menu" :append-icon="mdiChevronDown">{{
              here?.words ?? 'Pages'
            }}</v-btn></template
          >
          <v-list
            ><v-list-item
              v-for="page in everyPage"
              :key="page.to"
              :to="page.to"
              :title="page.words"
              :class="{ part: page.part }"
              exact
              min-height="44"
          /></v-list>
        </v-menu>
      </nav>
      <nav class="pages" aria-label="Pages">
        <router-link v-for="page in bar" :key="page.to" :to="page.to" :class="{ here: page === here }">{{
          page.words
        }}</router-link>
      </nav>
      <v-spacer />
      <v-btn v-if="session.sample" variant="tonal" color="primary" size="small" @click="home">Back to my farm</v-btn>
      <DemoDay />
      <UnitsToggle />
      <v-btn icon size="small" variant="text" aria-label="Light or night theme" @click="switchTheme"
        ><v-icon :icon="mdiThemeLightDark"
      /></v-btn>
      <v-btn icon size="small" variant="text" aria-label="Guide" @click="guide = true"
        ><v-icon :icon="mdiHelpCircleOutline"
      /></v-btn>
      <v-menu>
        <template #activator="{ props }">
          <v-btn v-bind="props" icon size="small" variant="text" :aria-label="`Signed in as ${session.name}`"
            ><v-icon :icon="mdiAccountCircleOutline"
          /></v-btn>
        </template>
        <v-list density="compact">
          <v-list-item
            :title="session.name"
            :subtitle="`${session.farm} · ${session.role === 'PLANNER' ? 'planner' : 'operator'}`"
          />
          <v-list-item title="Farm" to="/farm" />
          <v-list-item title="Catalogue" to="/catalogue" />
          <v-list-item :prepend-icon="mdiLogout" title="Sign out" @click="signOut" />
        </v-list>
      </v-menu>
    </v-app-bar>
    <v-main>
      <router-view v-if="ready && (session?.signedIn || route.meta.open)" />
    </v-main>
    <CropTextures />
    <GuideDialog v-if="guide" v-model="guide" :page="String(route.meta.guide ?? 'start')" />
  </v-app>
</template>

<style scoped>
.part {
  padding-inline-start: 34px !important;
}
.brand {
  display: flex;
  align-items: center;
  gap: 8px;
  margin-left: 12px;
  text-decoration: none;
  color: inherit;
  font-weight: 700;
  white-space: nowrap;
}
.pages {
  display: flex;
  margin-left: 14px;
  height: 100%;
  overflow-x: auto;
}
.pages a {
  display: flex;
  align-items: center;
  padding: 0 11px;
  color: inherit;
  text-decoration: none;
  border-bottom: 3px solid transparent;
  min-height: 44px;
}
.pages a.here {
  border-bottom-color: rgb(var(--v-theme-primary));
  font-weight: 700;
}
@media (max-width: 1000px) {
  .brand-name {
    display: none;
  }
}
.phone-only {
  display: none;
}
.page-menu {
  font-weight: 700;
  font-size: 1.05rem;
  min-height: 44px;
}
@media (max-width: 700px) {
  .pages {
    display: none;
  }
  .phone-only {
    display: block;
  }
  .brand {
    margin-left: 6px;
  }
}
</style>

import '@fontsource/atkinson-hyperlegible/400.css'
import '@fontsource/atkinson-hyperlegible/700.css'
import '@fontsource/barlow-condensed/500.css'
import '@fontsource/barlow-condensed/600.css'
import 'vuetify/styles'
import './style.css'
import { QueryClient, VueQueryPlugin } from '@tanstack/vue-query'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { vuetify } from './theme'

const queries = new QueryClient({
  defaultOptions: {
    queries: { retry: 1, staleTime: 30_000, refetchOnWindowFocus: false, shallow: true, structuralSharing: false },
  },
})
createApp(App).use(router).use(vuetify).use(VueQueryPlugin, { queryClient: queries }).mount('#app')

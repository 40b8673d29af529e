import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // What scouting needs where there is no signal; Scout itself registers it. A new version takes over when every
    // window of the old one is closed: nobody's count is torn off by an update.
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        id: '/scout',
        name: 'Nimble Furrow',
        short_name: 'Furrow',
        description: 'Counts, clips and stands in the field, with or without a signal.',
        start_url: '/scout',
        display: 'standalone',
        background_color: '#f7f2ea',
        theme_color: '#2a241f',
        icons: [
          { src: '/furrow-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/furrow-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
          { src: '/furrow.svg', sizes: 'any', type: 'image/svg+xml' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2}'],
        globIgnores: ['**/MapPane*', '**/GuideDialog*'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/v3\//, /^\/actuator\//],
      },
    }),
  ],
  build: { chunkSizeWarningLimit: 900 },
  // Vuetify's own modules import styles, which only Vite can read.
  test: { server: { deps: { inline: ['vuetify'] } } },
  // The guide is the project's docs.
  server: { fs: { allow: ['..'] }, proxy: { '/api': process.env.FURROW_API ?? 'http://127.0.0.1:8090' } },
})

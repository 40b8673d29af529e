import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  build: { chunkSizeWarningLimit: 900 },
  // The guide is the project's docs.
  server: { fs: { allow: ['..'] }, proxy: { '/api': process.env.FURROW_API ?? 'http://127.0.0.1:8090' } },
})

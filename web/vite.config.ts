import vue from '@vitejs/plugin-vue'
import { BootstrapVueNextResolver } from 'bootstrap-vue-next/resolvers'
import { fileURLToPath } from 'node:url'
import Components from 'unplugin-vue-components/vite'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [
    vue(),
    Components({ resolvers: [BootstrapVueNextResolver()], dirs: [], dts: 'components.d.ts' }),
    // The floor goes on without a connection, through a reload as well: the pages, who is signed in, and the sessions that
    // were looked at. What is logged meanwhile waits in the queue.
    VitePWA({
      registerType: 'autoUpdate',
      injectRegister: 'script-defer',
      manifest: {
        name: 'Kinesia',
        short_name: 'Kinesia',
        description: 'Joint-friendly arm training for clients over fifty',
        display: 'standalone',
        background_color: '#F6F3EC',
        theme_color: '#0B5A6B',
        icons: [{ src: '/kinesia.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        runtimeCaching: [
          {
            urlPattern: ({ url }) => /^\/api\/(session|sessions\/[0-9a-f-]{36})$/.test(url.pathname),
            handler: 'NetworkFirst',
            options: { cacheName: 'floor', expiration: { maxEntries: 12, maxAgeSeconds: 24 * 3600 } },
          },
        ],
      },
    }),
  ],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  server: { proxy: { '/api': process.env.KINESIA_SERVER ?? 'http://127.0.0.1:8420' } },
  build: { target: 'es2022', sourcemap: false },
  test: { environment: 'jsdom', include: ['src/**/*.spec.ts'] },
})

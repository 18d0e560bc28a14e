import { constants } from 'node:zlib'
import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defaultClientConditions, defineConfig } from 'vite'
import { compression, defineAlgorithm } from 'vite-plugin-compression2'
import { VitePWA } from 'vite-plugin-pwa'
import { opensAtOnce } from './opensAtOnce.ts'

/** The largest file of the program that a browser keeps for the time without a connection: a solver of some megabytes. */
const MOST_KEPT_BYTES = 8 * 2 ** 20

const BEST_BROTLI = { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }

export default defineConfig({
  plugins: [
    react({ jsxImportSource: '#words' }),
    tailwindcss(),
    opensAtOnce('/src/app.tsx'),
    VitePWA({
      // A new version waits until the person at the page takes it.
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Lochmoor',
        short_name: 'Lochmoor',
        description: 'Planner, calculator and log book for converting classic cars to fuel injection',
        display: 'standalone',
        start_url: '/jobs',
        background_color: '#f5f0e6',
        theme_color: '#f5f0e6',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      // The program itself; what the server answers is the page's own to keep, by person.
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2,wasm}'],
        maximumFileSizeToCacheInBytes: MOST_KEPT_BYTES,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        inlineWorkboxRuntime: true,
        cleanupOutdatedCaches: true,
      },
    }),
    // Packed once, as small as can be, beside the plain files.
    compression({
      include: /\.(?:js|css|html|svg|wasm|webmanifest)$/,
      threshold: 1024,
      algorithms: [defineAlgorithm('brotliCompress', BEST_BROTLI), defineAlgorithm('gzip', { level: 9 })],
    }),
  ],
  resolve: { conditions: ['@lochmoor/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: { assetsInlineLimit: 0, reportCompressedSize: false },
  // For work on the screens: `npx vite` in this folder beside a running `./lochmoor demo`.
  server: { proxy: { '/api': 'http://127.0.0.1:4600' } },
})

import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import { defaultClientConditions, defineConfig } from 'vite'

export default defineConfig({
  plugins: [react({ jsxImportSource: '#words' }), tailwindcss()],
  resolve: { conditions: ['@lochmoor/source', ...defaultClientConditions] },
  worker: { format: 'es' },
  build: { assetsInlineLimit: 0, reportCompressedSize: false },
  // For work on the screens: `npx vite` in this folder beside a running `./lochmoor demo`.
  server: { proxy: { '/api': 'http://127.0.0.1:4600' } },
})

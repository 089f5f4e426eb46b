import vue from '@vitejs/plugin-vue'
import { fileURLToPath } from 'node:url'
import type { Plugin } from 'vite'
import { defineConfig } from 'vitest/config'

/** Every browser that runs this reads woff2: the other files of the fonts of formulas need not ship. */
const onlyWoff2: Plugin = {
  name: 'only-woff2',
  enforce: 'pre',
  transform: (code, id) =>
    id.includes('katex') && id.includes('.css')
      ? code.replace(/,url\([^)]*\.(?:woff|ttf)\) ?format\("[^"]*"\)/g, '')
      : undefined,
}

export default defineConfig({
  plugins: [onlyWoff2, vue()],
  base: '/build/',
  publicDir: false,
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  define: { __VUE_OPTIONS_API__: 'true', __VUE_I18N_LEGACY_API__: 'false' },
  build: {
    outDir: '../app/public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    // Small files as data: would be refused by the Content-Security-Policy.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rolldownOptions: { input: 'src/main.ts' },
  },
  test: {
    environment: 'jsdom',
    include: ['tests/**/*.test.ts'],
    setupFiles: ['tests/fresh-modules.ts'],
    pool: 'threads',
    isolate: false,
  },
})

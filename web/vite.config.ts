import { readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig, type TestProjectInlineConfiguration } from 'vitest/config'

const specs = readdirSync(new URL('src', import.meta.url), { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.spec.ts'))
  .map((file) => `src/${file}`)
const leavesThings = /test-utils|useForm|vi\.(mock|spyOn|stubGlobal)|localStorage|sessionStorage/
const shared = specs.filter(
  (spec) => !leavesThings.test(readFileSync(new URL(spec, import.meta.url), 'utf8')),
)

// Nothing is asserted about wall time: a busy machine may take long over what a quiet one does in one second.
const asked: TestProjectInlineConfiguration['test'] = {
  environment: 'happy-dom',
  globals: false,
  setupFiles: ['src/testing/setup.ts'],
  testTimeout: 60_000,
}

export default defineConfig({
  plugins: [vue()],
  resolve: {
    alias: {
      '@': fileURLToPath(new URL('./src', import.meta.url)),
      // What is said, in every language; the server reads the same files.
      '@words': fileURLToPath(new URL('../words', import.meta.url)),
    },
  },
  build: { target: 'es2022', assetsInlineLimit: 0, chunkSizeWarningLimit: 700 },
  server: {
    fs: { allow: ['.', '../words'] },
    proxy: { '/api': `http://127.0.0.1:${process.env.DORADA_PORT ?? '8080'}` },
  },
  // What mounts a page or stands in for something has a world of its own; what only computes shares one, which loads once.
  test: {
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: { ...asked, name: 'pages', include: ['src/**/*.spec.ts'], exclude: shared, pool: 'vmThreads' },
      },
      { extends: true, test: { ...asked, name: 'shared', include: shared, isolate: false } },
    ],
  },
})

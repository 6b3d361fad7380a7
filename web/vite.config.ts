import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

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
  // Nothing is asserted about wall time: a busy machine may take long over what a quiet one does in one second.
  test: {
    environment: 'happy-dom',
    globals: false,
    include: ['src/**/*.spec.ts'],
    setupFiles: ['src/testing/setup.ts'],
    testTimeout: 60_000,
  },
})

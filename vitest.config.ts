import { svelte } from './web/node_modules/@sveltejs/vite-plugin-svelte/src/index.js';
import { defineConfig } from 'vitest/config';

const setupFiles = [new URL('./scripts/property-seed.ts', import.meta.url).pathname];

export default defineConfig({
  test: {
    projects: [
      { test: { name: 'core', include: ['core/tests/**/*.test.ts', 'demo/tests/**/*.test.ts'], environment: 'node', setupFiles, testTimeout: 60_000 } },
      // Runes need the Svelte compiler.
      {
        plugins: [svelte()],
        root: 'web',
        resolve: { alias: { $lib: new URL('./web/src/lib', import.meta.url).pathname } },
        test: { name: 'web', include: ['tests/*.test.ts'], environment: 'node', setupFiles, testTimeout: 60_000 }
      },
      // OpenCV's module carries a `then`: with the default interop, importing it would wait for itself for ever.
      {
        test: {
          name: 'tracing',
          include: ['web/tests/tracing/*.test.ts'],
          environment: 'node',
          setupFiles,
          testTimeout: 120_000,
          deps: { interopDefault: false }
        }
      },
      // Against the served build and its throwaway database: `scripts/test.mjs` gives the address.
      { test: { name: 'api', include: ['e2e/api/**/*.test.ts'], environment: 'node', setupFiles, testTimeout: 30_000, hookTimeout: 60_000 } },
      // Who comes in and who may what: begins with nobody's account, and everybody signs in afterwards.
      {
        test: {
          name: 'doors',
          include: ['e2e/doors/*.test.ts'],
          environment: 'node',
          setupFiles,
          testTimeout: 120_000,
          hookTimeout: 60_000
        }
      },
      // Kills, races, damaged files and made-up requests; short within `npm test`, long by `npm test -- faults`.
      {
        test: {
          name: 'faults',
          include: ['e2e/faults/**/*.test.ts'],
          environment: 'node',
          setupFiles,
          testTimeout: 900_000,
          hookTimeout: 240_000,
          fileParallelism: false
        }
      },
      // Starts, kills and starts again the whole application.
      {
        test: {
          name: 'system',
          include: ['e2e/system/**/*.test.ts'],
          environment: 'node',
          setupFiles,
          testTimeout: 240_000,
          hookTimeout: 240_000,
          fileParallelism: false
        }
      }
    ]
  }
});

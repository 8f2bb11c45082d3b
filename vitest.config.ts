import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { knowledgePlugin } from './src/server/knowledge/plugin';

const decorators = { esbuild: { tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } } } };

export default defineConfig({
  test: {
    // The runner itself hardly works once files are transformed: both cores are for the tests.
    maxWorkers: 2,
    projects: [
      {
        plugins: [knowledgePlugin()],
        ...decorators,
        test: {
          name: 'unit',
          environment: 'node',
          testTimeout: 120000,
          setupFiles: ['test/setup-seed.ts'],
          include: ['src/{core,contract,server}/**/*.test.ts', 'launcher/*.test.ts', 'test/{trade,checks}/**/*.test.ts'],
          // Pure computation leaves nothing behind; loading it anew for every file took twice as long as testing it.
          isolate: false,
        },
      },
      {
        plugins: [react(), knowledgePlugin()],
        test: {
          name: 'ui',
          testTimeout: 180000,
          environment: 'jsdom',
          include: ['src/ui/**/*.test.{ts,tsx}'],
          setupFiles: ['test/setup-seed.ts', 'test/setup-ui.ts'],
        },
      },
      {
        plugins: [knowledgePlugin()],
        ...decorators,
        test: {
          name: 'db',
          environment: 'node',
          include: ['test/db/**/*.test.ts'],
          setupFiles: ['test/setup-seed.ts'],
          // Five times what they take on a quiet machine, and more: one that others slow down takes thirty times as long.
          testTimeout: 240000,
          hookTimeout: 240000,
        },
      },
      {
        plugins: [knowledgePlugin()],
        ...decorators,
        test: { name: 'chaos', environment: 'node', include: ['test/chaos/*.test.ts'], hookTimeout: 240000 },
      },
      {
        plugins: [knowledgePlugin()],
        ...decorators,
        test: { name: 'attack', environment: 'node', include: ['test/attack/*.test.ts'], hookTimeout: 240000 },
      },
    ],
  },
});

import { defineConfig } from 'vitest/config';
import { knowledgePlugin } from '../../src/server/knowledge/plugin';

const parts = process.env.IVREK_MUTANTS_OF?.split(',') ?? ['measure', 'torque', 'quantity', 'fitness'];

/** The unit tests beside what is changed, and nothing else: none is slow. */
export default defineConfig({
  plugins: [knowledgePlugin()],
  esbuild: { tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } } },
  test: {
    environment: 'node',
    include: parts.map((p) => `src/core/${p}/**/*.test.ts`),
    isolate: false,
    testTimeout: 60000,
    watch: false,
  },
});

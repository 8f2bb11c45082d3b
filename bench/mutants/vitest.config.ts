import { defineConfig } from 'vitest/config';
import { knowledgePlugin } from '../../src/server/knowledge/plugin';

/** The unit tests beside what is changed, and nothing else: none of them is slow. */
export default defineConfig({
  plugins: [knowledgePlugin()],
  esbuild: { tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } } },
  test: {
    environment: 'node',
    include: ['src/core/{measure,torque,quantity,fitness}/**/*.test.ts'],
    isolate: false,
    testTimeout: 60000,
    watch: false,
  },
});

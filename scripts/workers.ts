// Builds the server's threads (src/server/work/worker.ts) into one file beside the built server.
import { build } from 'vite';
import { knowledgePlugin } from '../src/server/knowledge/plugin';

await build({
  configFile: false,
  logLevel: 'warn',
  plugins: [knowledgePlugin()],
  ssr: { noExternal: true, external: ['sharp', 'pg'] },
  build: {
    ssr: 'src/server/work/worker.ts',
    outDir: 'dist/server/work',
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'worker.mjs' } },
  },
  esbuild: { tsconfigRaw: { compilerOptions: { experimentalDecorators: true, useDefineForClassFields: false } } },
});

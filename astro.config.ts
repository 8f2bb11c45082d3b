import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';
import { knowledgePlugin } from './src/server/knowledge/plugin';

const building = process.argv.includes('build');

export default defineConfig({
  output: 'server',
  adapter: node({ mode: 'standalone' }),
  integrations: [react()],
  devToolbar: { enabled: false },
  security: { checkOrigin: true },
  build: { inlineStylesheets: 'never' },
  vite: {
    plugins: [knowledgePlugin()],
    worker: { format: 'es' },
    // Bundled, MUI is loaded once and the first answer comes in a quarter of the time; in dev this would break it.
    ...(building && { ssr: { noExternal: true, external: ['pg', 'pino', 'pdfmake', 'sharp'] } }),
  },
});

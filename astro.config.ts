import node from '@astrojs/node';
import react from '@astrojs/react';
import { defineConfig } from 'astro/config';
import { knowledgePlugin } from './src/server/knowledge/plugin';

const building = process.argv.includes('build');

/** Scripts smaller than this are joined with others that are wanted together: each is a question of its own. */
const leastScript = 2000;

export default defineConfig({
  output: 'server',
  // A page is sent when it is whole: what goes wrong while it is drawn is then said as what it is, and not by half a page.
  adapter: node({ mode: 'standalone', experimentalDisableStreaming: true }),
  integrations: [react()],
  devToolbar: { enabled: false },
  // The middleware holds the origin of every request that changes something against the address it came to; this check knows
  // that address only by guess and would refuse requests without a body.
  security: { checkOrigin: false },
  build: { inlineStylesheets: 'never' },
  vite: {
    plugins: [
      knowledgePlugin(),
      {
        name: 'ivrek-join-small-scripts',
        applyToEnvironment: (environment) => environment.name === 'client',
        outputOptions: (options) => ({ ...options, experimentalMinChunkSize: leastScript }),
      },
    ],
    worker: { format: 'es' },
    // Bundled, MUI is loaded once and the first answer comes in a quarter of the time; in dev this would break it.
    ...(building && { ssr: { noExternal: true, external: ['pg', 'pino', 'pdfmake', 'sharp', 'piscina'] } }),
  },
});

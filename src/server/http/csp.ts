import { createHash } from 'node:crypto';
import islandScript from 'astro/runtime/server/astro-island.prebuilt.js';
import onlyScript from 'astro/runtime/client/only.prebuilt.js';
import loadScript from 'astro/runtime/client/load.prebuilt.js';
import { createElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import InitColorSchemeScript from '@mui/material/InitColorSchemeScript';
import { preHydrationScript } from './preHydration';

/** The few inline scripts that pages carry, known beforehand; any other inline script is stopped by the browser. */
const colourScheme =
  /<script[^>]*>([\s\S]*)<\/script>/.exec(renderToStaticMarkup(createElement(InitColorSchemeScript, { attribute: 'data-scheme' })))?.[1] ??
  '';

const hash = (text: string) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;

export const contentSecurityPolicy = [
  "default-src 'self'",
  `script-src 'self' ${[islandScript, loadScript, onlyScript, colourScheme, preHydrationScript].map(hash).join(' ')} 'wasm-unsafe-eval'`,
  "style-src 'self' 'unsafe-inline'",
  "img-src 'self' blob: data:",
  "font-src 'self'",
  // A real instrument's bridge listens on this machine only.
  "connect-src 'self' ws://127.0.0.1:* ws://localhost:*",
  "worker-src 'self'",
  "object-src 'none'",
  "base-uri 'none'",
  "form-action 'self'",
  "frame-ancestors 'none'",
].join('; ');

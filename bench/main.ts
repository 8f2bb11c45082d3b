// Speed and memory as ratios within one run; --bikes=N for another size of trace than 200 bikes a family. Parts: rank, trace, named, picture, chaos and attack (no demo server), page, bytes, view, measure, offline. IVREK_URL names the server.
import { parseArgs } from 'node:util';
import { benchOptions } from '../launcher/args.mjs';
import type { Figures } from './figures';

const { values, positionals: wanted } = parseArgs({ options: benchOptions, allowPositionals: true });
const { quick = false, json = false } = values;
const known = [
  'rank',
  'worker',
  'trace',
  'named',
  'picture',
  'page',
  'bytes',
  'view',
  'measure',
  'strip',
  'offline',
  'chaos',
  'attack',
  'mutants',
  'mutants-code',
];
// Errors are planted when that is asked for: it takes longer than all the rest.
const parts = wanted.length ? wanted : known.filter((p) => !p.startsWith('mutants'));
const unknown = parts.filter((p) => !known.includes(p));
if (unknown.length) {
  console.error(`bench has no part '${unknown.join(', ')}'; parts: ${known.join(', ')}`);
  process.exit(1);
}

const figures: Figures = {};
if (parts.includes('rank')) Object.assign(figures, (await import('./rank')).benchRank(quick));
if (parts.includes('worker')) Object.assign(figures, await (await import('./worker')).benchWorker(quick));
if (parts.includes('trace')) Object.assign(figures, await (await import('./trace')).benchTrace(quick, Number(values.bikes) || undefined));
if (parts.includes('named')) Object.assign(figures, await (await import('./trace')).benchNamed(quick));
if (parts.includes('picture')) Object.assign(figures, await (await import('./trace')).benchPicture(quick));
if (parts.includes('page')) Object.assign(figures, await (await import('./page')).benchPage(quick));
if (parts.includes('bytes') || parts.includes('view')) Object.assign(figures, await (await import('./view')).benchView(quick, parts));
if (parts.includes('measure')) Object.assign(figures, await (await import('./measure')).benchMeasure(quick));
if (parts.includes('strip')) {
  Object.assign(figures, (await import('./strip')).benchStrip(quick));
  Object.assign(figures, await (await import('./longStrip')).benchLongStrip(quick));
}
if (parts.includes('offline')) Object.assign(figures, await (await import('./offline')).benchOffline(quick));
if (parts.includes('chaos')) Object.assign(figures, await (await import('./chaos')).benchChaos(quick));
if (parts.includes('attack')) Object.assign(figures, await (await import('./attack')).benchAttack(quick));
if (parts.includes('mutants'))
  Object.assign(figures, await (await import('./mutants')).benchKnowledgeMutants(Number(values.draw) || (quick ? 60 : 500)));
if (parts.includes('mutants-code')) {
  const { benchCodeMutants, codeParts } = await import('./mutants');
  const of = values.of?.split(',') ?? codeParts;
  const share = Number(values.share) || 1;
  Object.assign(figures, await benchCodeMutants(of, share));
}
if (json) process.stdout.write(`${JSON.stringify(figures)}\n`);
else for (const [name, x] of Object.entries(figures)) console.log(`${name.padEnd(44)} ${Number.isInteger(x) ? x : x.toPrecision(4)}`);

import { shimPlan, shimmedValve, type Aim, type ShimMove } from '../valves';
import { at, choice, figure, figureList, mm, nothing, noteOf, result, type Panel, type Result } from '../panel';
import { setupFields, foundGrids, valvesOf, clearanceHead, eachOf, bandOf, positions, handedOf, foundLine, warningsOf } from './valveSetup';

const sourceWords = (m: ShimMove, label: (id: string) => string): string => {
  switch (m.source.kind) {
    case 'stays':
      return 'stays';
    case 'from valve':
      return `${size(m.shimUm!)} from ${label(m.source.id)}`;
    case 'at hand':
      return `${size(m.shimUm!)}, at hand`;
    case 'buy':
      return `${size(m.shimUm!)}, to buy`;
  }
};
const size = (um: number) => (um / 1000).toFixed(3).replace(/0$/, '');

const note = noteOf('valves-shims')!;

/** Shims as they are noted: "In 1: 2.50; Ex 1: 2.45", in mm. */
const shimWords = (list: readonly { label: string; um: number }[]) => list.map((x) => `${x.label}: ${size(x.um)}`).join('; ');

export const shims: Panel = {
  id: 'valves-shims',
  ...clearanceHead,
  name: 'Clearances, shims',
  about: 'The shim for each valve, and how to reuse those in the engine so that the fewest are bought.',
  blocks: (s, v) => [
    {
      title: 'Cold engine, and the band of the manual',
      fields: [
        ...setupFields,
        figure('smallest', 'Sizes from', 'mm', { plausible: { low: 0.0005, high: 0.01 } }),
        figure('largest', 'to', 'mm', { plausible: { low: 0.0005, high: 0.01 } }),
        choice('step', 'in steps of', { '25': '0.025 mm', '50': '0.05 mm' }),
        choice('leave', 'Valves that are within', { leave: 'keep their shim', move: 'may give up their shim' }),
        figureList('hand', 'Loose shims at hand', 'mm', { low: 0.0005, high: 0.01 }, 'sizes in mm with blanks between: 2.50 2.55'),
      ],
    },
    ...foundGrids(s, v, 'Clearance', [
      figure('shim', 'Shim in it', 'mm', { plausible: { low: 0.0005, high: 0.01 }, hint: 'empty where it was not measured' }),
    ]),
  ],
  recall: (s) => {
    const shims = [...(s.noted?.(note.about) ?? '').matchAll(/((?:In|Ex) \d+([ab]?)): ([\d.]+)/g)];
    const fields = shims.map(([, label, , mmText]) => [at('shim', label.toLowerCase().replace(' ', '-')), mmText]);
    return Object.fromEntries([...(shims.some(([, , ab]) => ab) ? [['each', '4']] : []), ...fields]);
  },
  work: (v, s): Result => {
    const valves = valvesOf(s, eachOf(v));
    const lines = valves.flatMap((x) => foundLine(x, v, s));
    const bands = { inlet: bandOf(v, s, 'inlet'), exhaust: bandOf(v, s, 'exhaust') };
    const aim = (v.choice('aim') ?? 'middle') as Aim;
    const inIt = valves.flatMap((x) => {
      const shim = v.figure(at('shim', x.id));
      return shim === null ? [] : [{ label: x.label, um: Math.round(shim * 1e6) }];
    });
    const noted = inIt.length > 0 ? [{ about: note.about, says: shimWords(inIt) }] : [];
    const base = { lines, warnings: warningsOf(v, s), notes: noted };
    if (lines.length === 0) return { ...nothing, ...base, steps: positions(v, s) };
    if (!bands.inlet || !bands.exhaust)
      return result({ ...base, words: 'Enter the band of the manual, inlet and exhaust.', steps: positions(v, s) });
    const measured = valves.flatMap((x) => {
      const r = v.reading(at('found', x.id));
      const shim = v.figure(at('shim', x.id));
      const clearanceMm =
        r?.kind === 'exact'
          ? { low: mm(r.value), high: mm(r.value) }
          : r?.kind === 'interval'
            ? { low: mm(r.low), high: mm(r.high) }
            : null;
      return clearanceMm ? [shimmedValve({ id: x.id, clearanceMm, shimMm: shim === null ? null : mm(shim) }, bands[x.side]!, aim)] : [];
    });
    const um = (id: string, otherwise: number) => Math.round((v.figure(id) ?? otherwise) * 1e6);
    const stock = {
      atHandUm: v.figures('hand').map((x) => Math.round(x * 1e6)),
      buyUm: { from: um('smallest', 0.0012), to: um('largest', 0.0035), step: Number(v.choice('step') ?? '25') },
    };
    const label = (id: string) => valves.find((x) => x.id === id)!.label;
    const found = shimPlan(measured, stock, { leaveGood: v.choice('leave') !== 'move' });
    const handed = handedOf(valves, v, s);
    if (!found.ok)
      return result({ ...base, tone: 'watch', words: found.troubles.map((t) => `${label(t.id)}: ${t.words}`).join(' '), handed });
    const { plan } = found;
    const moving = plan.moves.filter((m) => m.source.kind !== 'stays');
    const buy = plan.buyUm.map(size);
    const toFit = plan.moves.flatMap((m) => (m.shimUm === null ? [] : [{ label: label(m.id), um: m.shimUm }]));
    return result({
      ...base,
      notes: [...noted, ...(moving.length > 0 && toFit.length > 0 ? [{ about: note.chosen!, says: shimWords(toFit) }] : [])],
      // The check is made when every valve of the engine stands within its band.
      checks:
        inIt.length === 0
          ? []
          : [
              {
                about: note.check!,
                ...(moving.length === 0 && measured.length === valves.length && { says: `all ${measured.length} within the band` }),
              },
            ],
      tone: moving.length ? 'watch' : 'good',
      words:
        moving.length === 0
          ? 'All within the band: every shim stays.'
          : `${moving.length} to change, ${buy.length === 0 ? 'none to buy' : `${buy.length} to buy: ${buy.join(', ')}`}.`,
      steps: [
        ...plan.moves.map((m) => {
          const c = m.clearanceUm;
          const gives = c.low === c.high ? (c.low / 1000).toFixed(3) : `${(c.low / 1000).toFixed(3)} to ${(c.high / 1000).toFixed(3)}`;
          return `${label(m.id)}: ${sourceWords(m, label)}${m.source.kind === 'stays' ? '' : `, gives ${gives} mm`}`;
        }),
        ...(plan.spareUm.length ? [`Left over: ${plan.spareUm.map(size).join(', ')}.`] : []),
        ...(moving.length ? ['Cams back, tensioner in, two full turns by hand, marks again, then measure every valve once more.'] : []),
      ],
      handed,
    });
  },
};

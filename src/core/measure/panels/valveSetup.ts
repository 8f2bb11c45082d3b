import { decompressorTrap, layouts, settingPositions, type ClearanceBand } from '../valves';
import {
  at,
  can,
  choice,
  engineField,
  figure,
  mm,
  metres,
  type Field,
  type Grid,
  type Handed,
  type Panel,
  type PanelSubject,
  type Values,
} from '../panel';

/** What the panels for screws and for shims ask and say alike. */

export interface Valve {
  id: string;
  side: 'inlet' | 'exhaust';
  cylinder: string;
  label: string;
}

/** The valves of an engine: so many of either kind a cylinder. */
export function valvesOf(s: PanelSubject, each: number): Valve[] {
  return s.cylinders.flatMap((cylinder) =>
    (['inlet', 'exhaust'] as const).flatMap((side) =>
      Array.from({ length: each }, (_x, i): Valve => {
        const name = `${side === 'inlet' ? 'In' : 'Ex'} ${cylinder}${each > 1 ? 'ab'[i] : ''}`;
        return { id: name.toLowerCase().replace(' ', '-'), side, cylinder, label: name };
      }),
    ),
  );
}

const bandBook = [
  { quantity: 'valve-clearance-inlet', low: 'in-low', high: 'in-high' },
  { quantity: 'valve-clearance-exhaust', low: 'ex-low', high: 'ex-high' },
];

/** What both panels are, before what they ask. */
export const clearanceHead = {
  group: 'valves',
  hazards: ['moving-parts'],
  suits: (s) => s.strokes !== 'two',
  book: bandBook,
} satisfies Partial<Panel>;

export const eachOf = (v: Values): number => (v.choice('each') === '4' ? 2 : 1);

const bandFields = [
  figure('in-low', 'Inlet from', 'mm', { plausible: can.gap }),
  figure('in-high', 'to', 'mm', { plausible: can.gap }),
  figure('ex-low', 'Exhaust from', 'mm', { plausible: can.gap }),
  figure('ex-high', 'to', 'mm', { plausible: can.gap }),
];

export function bandOf(v: Values, s: PanelSubject, side: 'inlet' | 'exhaust'): ClearanceBand | null {
  const key = side === 'inlet' ? 'in' : 'ex';
  const own = s.limit(`valve-clearance-${side}`);
  const low = v.figure(`${key}-low`) ?? own?.low ?? null;
  const high = v.figure(`${key}-high`) ?? own?.high ?? null;
  return low === null || high === null || low >= high ? null : { lowMm: mm(low), highMm: mm(high) };
}

const aimField = choice(
  'aim',
  'Aim for',
  { middle: 'the middle of the band', loose: 'the loose end' },
  'Exhausts close up as they wear in, so some leave them loose.',
);
const eachField = choice('each', 'Valves in a cylinder', { '2': 'two', '4': 'four' });
const layoutField = choice('layout', 'Layout', Object.fromEntries(Object.entries(layouts).map(([id, l]) => [id, l.name])));

/** What is asked first, whatever sets the clearance. */
export const setupFields = [engineField, eachField, layoutField, aimField, ...bandFields];

/** Where to turn the crank to, cylinder by cylinder. */
export function positions(v: Values, s: PanelSubject): string[] {
  const layout = layouts[v.choice('layout') ?? ''];
  if (!layout) return [];
  if (layout.order.length !== s.cylinders.length)
    return [`This layout has ${layout.order.length} cylinders, the bike ${s.cylinders.length}: choose another.`];
  return settingPositions(layout.order, layout.intervals).map((p, i) =>
    i === 0 ? `${p.look}` : `Turn on to ${p.crankDegrees} degrees from there. ${p.look}`,
  );
}

/** The valves as found, inlets and exhausts each in a table, since they have limits of their own. */
export const foundGrids = (s: PanelSubject, v: Values, label: string, more: readonly Field[] = []): Grid[] =>
  (['inlet', 'exhaust'] as const).map((side) => ({
    title: side === 'inlet' ? 'Inlets, as found' : 'Exhausts, as found',
    places: valvesOf(s, eachOf(v)).flatMap((x) => (x.side === side ? [{ id: x.id, label: x.label }] : [])),
    columns: [
      figure('found', label, 'mm', {
        quantity: `valve-clearance-${side}`,
        bracket: true,
        plausible: can.gap,
        hint: 'goes-does not go, as 0.10-0.13',
      }),
      ...more,
    ],
  }));

/** What the clearances say to the tracer, cylinder by cylinder: too tight, too wide, or neither. Only where every valve is known. */
export function handedOf(valves: readonly Valve[], v: Values, s: PanelSubject): Handed[] {
  return s.cylinders.flatMap((cylinder): Handed[] => {
    const own = valves.filter((x) => x.cylinder === cylinder);
    const known = own.flatMap((x) => {
      const r = v.reading(at('found', x.id));
      const band = bandOf(v, s, x.side);
      const bounds = r?.kind === 'exact' ? [r.value, r.value] : r?.kind === 'interval' ? [r.low, r.high] : null;
      if (!bounds || !band) return [];
      return [{ tight: mm(bounds[0]) < band.lowMm - 1e-9, wide: mm(bounds[1]) > band.highMm + 1e-9 }];
    });
    if (known.length < own.length) return [];
    const wide = known.some((k) => k.wide);
    const tight = known.some((k) => k.tight);
    return [
      ...(tight || !wide ? [{ testId: 'clearances', position: cylinder, outcome: tight ? 'tight' : 'right' }] : []),
      { testId: 'clearance-measure', position: cylinder, outcome: wide ? 'bad' : 'good' },
    ];
  });
}

export const foundLine = (x: Valve, v: Values, s: PanelSubject) => {
  const value = v.reading(at('found', x.id));
  const band = bandOf(v, s, x.side);
  const own = s.limit(`valve-clearance-${x.side}`);
  const key = x.side === 'inlet' ? 'in' : 'ex';
  const typed = v.figure(`${key}-low`) !== null || v.figure(`${key}-high`) !== null;
  return value
    ? [
        {
          label: x.label,
          value,
          unit: 'mm',
          limit: band
            ? {
                low: metres(band.lowMm),
                high: metres(band.highMm),
                source: own && !own.general && !typed ? own.source : 'as entered here',
                general: false,
              }
            : null,
          error: { relative: 0, absolute: 4e-6 },
        },
      ]
    : [];
};

export const warningsOf = (v: Values, s: PanelSubject) => [
  ...(s.decompressor ? [decompressorTrap] : []),
  ...(['warm', 'hot'].includes(v.choice('engine') ?? '')
    ? ['Clearances of the manual are those of a cold engine: let it stand overnight, or use the manual’s clearance for a hot one.']
    : []),
];

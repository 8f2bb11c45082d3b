import {
  atHeightPa,
  compressionVerdict,
  expectedPeakPa,
  gainOf,
  leakLevel,
  leakShare,
  leakWords,
  usualLeak,
  type CrankingConditions,
  type HeardAt,
  type LeakLimits,
} from '../compression';
import { judge } from '../judge';
import {
  at,
  engineField,
  can,
  choice,
  exact,
  figure,
  nothing,
  perCylinder,
  plausible,
  result,
  rpm,
  yesNo,
  type Handed,
  type Panel,
  type PanelSubject,
  type Values,
} from '../panel';

const standardSpread = 0.15;
const listed = new Intl.ListFormat('en-GB');

/** The limit at this height: the manual speaks of sea level. */
function limitAt(s: PanelSubject, v: Values) {
  const limit = s.limit('compression');
  const height = v.figure('height') ?? 0;
  const thinner = (x: number | null) => (x === null ? null : atHeightPa(x, height));
  return (
    limit && {
      ...limit,
      low: thinner(limit.low),
      high: thinner(limit.high),
      serviceLow: thinner(limit.serviceLow ?? null),
      serviceHigh: thinner(limit.serviceHigh ?? null),
      source: height ? `${limit.source}, less for the height` : limit.source,
    }
  );
}

export const compression: Panel = {
  id: 'compression',
  group: 'engine',
  name: 'Compression',
  about: 'First stroke and peak of each cylinder, dry and with oil: level, spread, and what the oil changes.',
  hazards: ['moving-parts', 'ignition-hv', 'fuel-vapour'],
  limits: ['compression'],
  blocks: (s) => [
    perCylinder(s, 'All plugs out, throttle wide open, cranked until the needle stops', [
      figure('dry', 'Peak, dry', 'psi', { quantity: 'compression', plausible: can.pressure }),
      figure('first', 'First stroke', 'psi', { quantity: 'compression-first', plausible: can.pressure }),
      figure('wet', 'Peak with oil', 'psi', {
        quantity: 'compression-wet',
        plausible: can.pressure,
        hint: 'a spoonful through the plug hole, turned over twice',
      }),
    ]),
    {
      title: 'How it was cranked',
      fields: [
        choice('throttle', 'Throttle', { open: 'wide open', shut: 'shut' }),
        choice('battery', 'Battery', { strong: 'strong', weak: 'weak' }),
        choice('engine', 'Engine', { warm: 'warm', cold: 'cold' }),
        choice('cranked', 'Turned by', { starter: 'the starter', kick: 'the kickstarter' }),
        figure('speed', 'Cranking speed, if known', 'rpm', { quantity: 'cranking-speed', plausible: can.revs }),
        ...(s.decompressor ? [yesNo('decompressor', 'May the decompressor lift?')] : []),
        figure('ratio', 'Compression ratio, if known', '', { hint: 'to 1', plausible: { low: 4, high: 20 } }),
        figure('height', 'Height above the sea', 'm', { plausible: { low: -100, high: 6000 } }),
      ],
    },
  ],
  work: (v, s) => {
    const cylinders = s.cylinders.flatMap((cylinder) => {
      const dryPa = v.figure(at('dry', cylinder));
      return dryPa === null ? [] : [{ cylinder, dryPa, firstPa: v.figure(at('first', cylinder)), wetPa: v.figure(at('wet', cylinder)) }];
    });
    const ratio = v.figure('ratio');
    const expected = ratio === null ? null : expectedPeakPa(ratio, v.figure('height') ?? 0);
    const expectedLine = expected
      ? [
          {
            label: 'To be expected, roughly',
            value: { kind: 'interval' as const, low: expected.value - expected.error, high: expected.value + expected.error },
            unit: 'psi',
            note: 'from ratio and height; never a limit',
          },
        ]
      : [];
    if (cylinders.length === 0) return { ...nothing, lines: expectedLine };
    const general = limitAt(s, v);
    // The engine's own expectation wins over a general value.
    const limit =
      expected && general?.general
        ? {
            low: expected.value - expected.error,
            high: null,
            serviceLow: null,
            serviceHigh: null,
            source: 'expected from ratio and height',
            general: true,
          }
        : general;
    const said = <K extends keyof CrankingConditions>(id: K) => (v.choice(id) ?? undefined) as CrankingConditions[K];
    const conditions: CrankingConditions = {
      throttle: said('throttle'),
      battery: said('battery'),
      engine: said('engine'),
      cranked: said('cranked'),
      rpm: v.figure('speed') === null ? null : rpm(v.figure('speed')!),
      decompressor: s.decompressor && v.choice('decompressor') !== 'no',
    };
    // What lies within the gauge's error of the limit is measured again, not condemned.
    const error = s.error('compression');
    const onLine = cylinders.filter((c) => judge(exact(c.dryPa), limit, error).verdict === 'borderline');
    const held = (edge: number | null | undefined, widest: (...x: number[]) => number) =>
      edge == null ? null : widest(edge, ...onLine.map((c) => c.dryPa));
    const who = listed.format(onLine.map((c) => c.cylinder));
    const subject = s.cylinders.length === 1 ? 'It is' : onLine.length > 1 ? `Cylinders ${who} are` : `Cylinder ${who} is`;
    const again = onLine.length ? `${subject} borderline, within gauge error: measure again.` : '';
    const verdict = compressionVerdict(
      cylinders,
      {
        lowPa: held(limit?.serviceLow ?? limit?.low, Math.min),
        highPa: held(limit?.serviceHigh ?? limit?.high, Math.max),
        spread: standardSpread,
        inLine: s.layout !== 'flat' && s.layout !== 'vee',
      },
      conditions,
    );
    const spoiled = verdict.spoiled;
    const sound = verdict.findings.every((f) => f.kind === 'sound');
    // What its limit allows is watched, not condemned.
    const watched = verdict.findings.every((f) => ('within' in f && f.within) || ['spread', 'builds up slowly', 'sound'].includes(f.kind));
    const wet = cylinders.flatMap((c): Handed[] => {
      const gain = gainOf(c);
      return gain === null || spoiled
        ? []
        : [{ testId: 'wet-test', position: c.cylinder, outcome: gain >= 0.15 ? 'rises' : 'stays', fieldId: at('wet', c.cylinder) }];
    });
    return result({
      tone: spoiled ? 'watch' : sound ? (again ? 'watch' : 'good') : watched ? 'watch' : 'bad',
      words: spoiled || !again ? verdict.words : sound ? again : `${verdict.words} ${again}`,
      warnings: verdict.warnings,
      conditions: {
        ...(conditions.engine && { temperature: conditions.engine }),
        ...(v.figure('height') && { altitude: v.figure('height')! }),
        ...(conditions.battery && { battery: conditions.battery === 'weak' ? ('weak' as const) : ('own' as const) }),
      },
      lines: [
        ...cylinders.map((c) => ({
          label: s.cylinders.length > 1 ? `Cylinder ${c.cylinder}` : 'Peak, dry',
          value: exact(c.dryPa),
          unit: 'psi',
          limit,
          error,
          note: gainOf(c) === null ? undefined : `${Math.round(gainOf(c)! * 100)} % more with oil`,
        })),
        ...expectedLine,
      ],
      handed: [
        // Under conditions that make it read low it says nothing of the engine: it is kept as a reading only.
        ...(spoiled
          ? []
          : cylinders.map((c): Handed => ({ testId: 'compression', position: c.cylinder, outcome: '', fieldId: at('dry', c.cylinder) }))),
        ...wet,
      ],
    });
  },
};

const heard: Readonly<Record<HeardAt, string>> = {
  intake: 'intake',
  exhaust: 'exhaust',
  breather: 'breather or filler',
  radiator: 'radiator',
  'next cylinder': 'next plug hole',
  plug: 'plug or adapter',
};
const outcomeOf: Readonly<Partial<Record<HeardAt, string>>> = {
  intake: 'intake',
  exhaust: 'exhaust',
  breather: 'crankcase',
  radiator: 'gasket',
  'next cylinder': 'gasket',
};

/** Past the service limit it is worn out; a general value knows one as well. */
const lossLimit = (s: PanelSubject) => {
  const limit = s.limit('leak-down-loss');
  return limit && limit.general ? { ...limit, serviceHigh: usualLeak.service } : limit;
};
const leakLimits = (s: PanelSubject): LeakLimits => {
  const limit = lossLimit(s);
  return limit && (limit.high !== null || limit.serviceHigh != null) ? { most: limit.high, service: limit.serviceHigh ?? null } : usualLeak;
};

export const leakDown: Panel = {
  id: 'leak-down',
  group: 'engine',
  name: 'Leak-down',
  about: 'How much of the air a cylinder loses at the top, and where it is heard.',
  hazards: ['pressure', 'compressed-air'],
  limits: ['leak-down-loss'],
  blocks: (s) => [
    {
      title: 'Supply',
      fields: [figure('supply', 'Gauge before the orifice', 'psi', { plausible: plausible(20, 150, 'psi') }), engineField],
      note: 'Piston at the top of its compression stroke, gear in, rear brake held.',
    },
    perCylinder(s, 'Each cylinder', [
      figure('held', 'Gauge at the cylinder', 'psi', { plausible: can.pressure }),
      choice('heard', 'Air heard at', heard),
      choice('also', 'and less loudly at', heard),
    ]),
  ],
  work: (v, s) => {
    const supply = v.figure('supply');
    if (supply === null) return nothing;
    const all = s.cylinders.flatMap((cylinder) => {
      const held = v.figure(at('held', cylinder));
      if (held === null || held > supply) return [];
      const places = ['heard', 'also'].map((id) => v.choice(at(id, cylinder)) as HeardAt | null);
      const heardAt = [...new Set(places.filter((h) => h !== null))];
      return [{ cylinder, loss: leakShare(supply, held), heardAt }];
    });
    const over = s.cylinders.filter((c) => (v.figure(at('held', c)) ?? 0) > supply);
    const warnings = over.map((c) => `Cylinder ${c}: the gauge at the cylinder cannot read more than the supply. Exchanged?`);
    if (all.length === 0) return { ...nothing, warnings };
    const worst = all.reduce((a, b) => (b.loss > a.loss ? b : a));
    const limits = leakLimits(s);
    const level = leakLevel(worst.loss, limits);
    return result({
      tone: level === 'tight' || level === 'fair' ? 'good' : level === 'worn' ? 'watch' : 'bad',
      words: all.map((l) => `${all.length > 1 ? `Cylinder ${l.cylinder}: ` : ''}${leakWords(l, limits)}`).join(' '),
      warnings,
      lines: all.map((l) => ({
        label: s.cylinders.length > 1 ? `Cylinder ${l.cylinder}` : 'Lost',
        value: exact(l.loss),
        unit: '%',
        limit: lossLimit(s),
        error: { relative: 0, absolute: 0.01 },
        keep: { quantity: 'leak-down-loss', position: l.cylinder },
      })),
      handed: all.flatMap((l): Handed[] => {
        // A loss that is normal is a normal result, wherever it is heard.
        if (['tight', 'fair'].includes(leakLevel(l.loss, limits))) return [{ testId: 'leak-down', position: l.cylinder, outcome: 'tight' }];
        // The tracer takes where it is loudest; the words name every place.
        const outcome = l.heardAt.length ? outcomeOf[l.heardAt[0]] : undefined;
        return outcome ? [{ testId: 'leak-down', position: l.cylinder, outcome }] : [];
      }),
    });
  },
};

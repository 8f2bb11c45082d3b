import { standingOf, worstStanding } from '../judge';
import { boreDecision, boreShape, ringGapInMm, type BoreAct, type Liner, type BoreSurface } from '../cylinder';
import {
  at,
  can,
  choice,
  exact,
  figure,
  figureList,
  metres,
  mm,
  nothing,
  perCylinder,
  result,
  type Panel,
  type PanelSubject,
  type Values,
} from '../panel';

const depths = [
  { id: 'top', label: 'Top' },
  { id: 'middle', label: 'Middle' },
  { id: 'bottom', label: 'Bottom' },
];

const acts: Readonly<Record<BoreAct['kind'], string>> = {
  'fit for use': 'Fit for use.',
  hone: 'Hone.',
  'dissolve and hone': 'Dissolve the smear, then hone: iron bores only.',
  bore: 'Bore.',
  replate: 'Plate anew.',
  'new piston': 'New standard piston: the bore is as it was new.',
  'new liner': 'New liner or cylinder.',
  ask: 'Ask first.',
};

function actWords(a: BoreAct): string {
  if (a.kind === 'bore') return `Bore to ${a.boreToMm.toFixed(2)} mm, piston ${a.oversizeMm.toFixed(2)} mm over.`;
  return 'words' in a ? `${acts[a.kind]} ${a.words}` : acts[a.kind];
}

export const bore: Panel = {
  id: 'bore',
  group: 'engine',
  name: 'Bore and piston',
  about: 'Taper, out-of-round and clearance from a bore gauge, and whether to hone, bore or plate.',
  hazards: ['caustic'],
  book: [
    { quantity: 'piston-clearance', high: 'most' },
    { quantity: 'bore-taper', high: 'taper' },
    { quantity: 'bore-out-of-round', high: 'round' },
  ],
  blocks: (s, v) => [
    ...(s.cylinders.length > 1
      ? [{ title: 'Which', fields: [choice('cylinder', 'Cylinder', Object.fromEntries(s.cylinders.map((c) => [c, c])))] }]
      : []),
    {
      title: 'Bore gauge, three depths and two directions',
      places: depths,
      cylinder: s.cylinders.length > 1 ? v.choice('cylinder') : s.cylinders[0],
      columns: [
        figure('along', 'Along the crank', 'mm', { quantity: 'bore-diameter', at: 'along', plausible: can.bore }),
        figure('across', 'Across it', 'mm', { quantity: 'bore-diameter', at: 'across', plausible: can.bore }),
      ],
      note: 'At room temperature, the gauge set with a micrometer.',
    },
    {
      title: 'Piston, wall and book',
      fields: [
        figure('piston', 'Piston, where the manual measures it', 'mm', {
          quantity: 'piston-diameter',
          where: s.cylinders.length > 1 ? v.choice('cylinder') : null,
          plausible: can.bore,
        }),
        choice('liner', 'Wall', { iron: 'iron or steel', plated: 'plated aluminium' }, 'A magnet holds on iron.'),
        choice('surface', 'It looks', {
          'cross-hatch': 'cross-hatched',
          glazed: 'glazed',
          'light scores': 'lightly scored',
          'catches a nail': 'scored: catches a fingernail',
          'aluminium smear': 'smeared with aluminium',
          'plating gone': 'plated no more',
        }),
        figure('standard', 'Bore, standard', 'mm', { plausible: can.bore }),
        figure('most', 'Piston to bore at most', 'mm', { plausible: can.gap }),
        figure('taper', 'Taper at most', 'mm', { plausible: can.gap }),
        figure('round', 'Out-of-round at most', 'mm', { plausible: can.gap }),
        ...(v.choice('surface') === 'catches a nail'
          ? [figure('score', 'Depth of the score', 'mm', { plausible: can.gap, hint: 'by feeler or profile gauge' })]
          : []),
        figureList('oversizes', 'Pistons to be had, over', 'mm', { low: 0.00005, high: 0.005 }, 'in mm, as 0.25 0.50 1.00'),
      ],
    },
  ],
  work: (v, s) => {
    const readings = depths.flatMap((d, i) => {
      const along = v.figure(at('along', d.id));
      const across = v.figure(at('across', d.id));
      return along === null && across === null ? [] : [{ depthMm: i, alongMm: mm(along ?? across!), acrossMm: mm(across ?? along!) }];
    });
    if (readings.length === 0) return nothing;
    const standard = v.figure('standard');
    const drawing = { kind: 'bore' as const, depths: readings, standardMm: standard === null ? null : mm(standard) };
    const shape = boreShape({ depths: readings });
    const quantities = { most: 'piston-clearance', taper: 'bore-taper', round: 'bore-out-of-round' } as const;
    const limit = (id: keyof typeof quantities) => {
      const typed = v.figure(id);
      return typed === null
        ? s.limit(quantities[id])
        : { low: null, high: typed, serviceHigh: s.limit(quantities[id])?.serviceHigh ?? null, source: 'as entered here', general: false };
    };
    const most = (id: keyof typeof quantities) => {
      const l = limit(id);
      // What holds its service limit is fit for use.
      const high = l?.serviceHigh ?? l?.high ?? null;
      return high === null ? null : mm(high);
    };
    const gauge = { relative: 0, absolute: 3e-6 };
    const position = s.cylinders.length > 1 ? v.choice('cylinder') : null;
    const keep = (quantity: string) => ({ quantity, position });
    const piston = v.figure('piston');
    const lines = [
      { label: 'Taper', value: exact(metres(shape.taperMm)), unit: 'mm', limit: limit('taper'), error: gauge, keep: keep('bore-taper') },
      {
        label: 'Out-of-round',
        value: exact(metres(shape.outOfRoundMm)),
        unit: 'mm',
        limit: limit('round'),
        error: gauge,
        keep: keep('bore-out-of-round'),
      },
      ...(piston === null
        ? []
        : [
            {
              label: 'Piston to bore, widest',
              value: exact(metres(shape.largestMm) - piston),
              unit: 'mm',
              limit: limit('most'),
              error: gauge,
              keep: keep('piston-clearance'),
            },
          ]),
    ];
    if (piston === null || standard === null)
      return result({ lines, drawing, words: 'Enter the piston and the standard bore, and what is to be done follows.' });
    const decision = boreDecision({
      readings: { depths: readings },
      pistonMm: mm(piston),
      liner: (v.choice('liner') ?? 'unknown') as Liner,
      surface: (v.choice('surface') ?? 'cross-hatch') as BoreSurface,
      limits: { standardMm: mm(standard), clearanceMostMm: most('most'), taperMostMm: most('taper'), outOfRoundMostMm: most('round') },
      oversizesMm: v.figures('oversizes').map(mm),
      scoreMm: v.figure('score') === null ? null : mm(v.figure('score')!),
    });
    if (decision.clearanceMm.least < 0)
      return result({ tone: 'bad', words: 'The piston measures larger than its bore: one of the two was read wrongly.', lines, drawing });
    const { kind } = decision.act;
    return result({
      tone: kind === 'fit for use' ? 'good' : kind === 'hone' || kind === 'ask' ? 'watch' : 'bad',
      words: actWords(decision.act),
      steps: decision.reasons,
      lines,
      drawing,
    });
  },
};

export const rings: Panel = {
  id: 'rings',
  group: 'engine',
  name: 'Ring gaps',
  about: 'Gap of each ring in its bore against the manual, and what another bore would make of it.',
  hazards: [],
  book: [{ quantity: 'ring-gap', low: 'low', high: 'high' }],
  blocks: (s) => [
    perCylinder(s, 'Ring square in the bore, pushed down with the piston', [
      figure('top', 'Top ring', 'mm', { quantity: 'ring-gap', at: 'top ring', plausible: can.gap }),
      figure('second', 'Second ring', 'mm', { quantity: 'ring-gap', at: 'second ring', plausible: can.gap }),
    ]),
    {
      title: 'The manual, and another bore',
      fields: [
        figure('low', 'Gap from', 'mm', { plausible: can.gap }),
        figure('high', 'to', 'mm', { plausible: can.gap }),
        figure('here', 'Bore it was measured in', 'mm', { plausible: can.bore }),
        figure('there', 'Bore it will run in', 'mm', { plausible: can.bore }),
      ],
    },
  ],
  work: (v, s) => {
    const own = s.limit('ring-gap');
    const low = v.figure('low') ?? own?.low ?? null;
    const high = v.figure('high') ?? own?.high ?? null;
    const limit =
      low === null && high === null
        ? own && (own.serviceLow != null || own.serviceHigh != null)
          ? own
          : null
        : {
            low,
            high,
            serviceLow: own?.serviceLow ?? null,
            serviceHigh: own?.serviceHigh ?? null,
            source: own && !own.general && v.figure('low') === null && v.figure('high') === null ? own.source : 'as entered here',
            general: false,
          };
    const lines = s.cylinders.flatMap((c) =>
      (['top', 'second'] as const).flatMap((ring) => {
        const gap = v.figure(at(ring, c));
        if (gap === null) return [];
        const [here, there] = [v.figure('here'), v.figure('there')];
        const moved = here !== null && there !== null ? ringGapInMm(mm(gap), mm(here), mm(there)) : null;
        return [
          {
            label: s.cylinders.length > 1 ? `Cylinder ${c}, ${ring} ring` : `${ring === 'top' ? 'Top' : 'Second'} ring`,
            value: exact(gap),
            unit: 'mm',
            limit,
            error: { relative: 0, absolute: 1e-5 },
            note: moved === null ? undefined : `${moved.toFixed(2)} mm in the other bore`,
          },
        ];
      }),
    );
    if (lines.length === 0) return nothing;
    const standings = lines.map((l) => standingOf(l.value.kind === 'exact' ? l.value.value : NaN, limit));
    const outside = lines.filter((_l, i) => standings[i] === 'out');
    const tight = outside.some((l) => low !== null && l.value.kind === 'exact' && l.value.value < low);
    const worn = worstStanding(standings) === 'in service';
    return result({
      tone: limit === null ? 'open' : outside.length ? 'bad' : worn ? 'watch' : 'good',
      words:
        limit === null
          ? 'Enter the gap of the manual to judge them.'
          : outside.length === 0
            ? worn
              ? 'Worn, within the service limit: fit for use, watch.'
              : 'All within the manual.'
            : tight
              ? 'Too tight: a ring that closes up when hot breaks. Dress it, square, a stroke at a time.'
              : 'Too wide: worn rings or a worn bore; measure the bore before rings are bought.',
      lines,
    });
  },
};

/** Small judgements against the manual that share their shape: crank, rod, pin, bearings, flatness. */
const checks = [
  { id: 'run-out', label: 'Crank run-out', quantity: 'crank-run-out' },
  { id: 'rod-side', label: 'Rod side play', quantity: 'rod-side-play' },
  { id: 'rod-radial', label: 'Rod up-and-down play', quantity: 'rod-radial-play' },
  { id: 'pin', label: 'Pin in the small end', quantity: 'small-end-play' },
  { id: 'main', label: 'Main bearing play', quantity: 'main-bearing-play' },
  { id: 'flat', label: 'Flatness of the face', quantity: 'flatness' },
] as const;

export const crank: Panel = {
  id: 'crank',
  group: 'engine',
  name: 'Crank, rod and faces',
  about: 'Run-out, plays and flatness against this bike’s limits.',
  hazards: ['stand'],
  book: checks.map((c) => ({ quantity: c.quantity, high: `${c.id}-most` })),
  blocks: () => [
    {
      title: 'Dial indicator and feeler gauge',
      fields: checks.map((c) => figure(c.id, c.label, 'mm', { quantity: c.quantity, plausible: can.gap })),
      note: 'Run-out on the ends of the shaft, between centres or in vee blocks. Up-and-down play is a fault in itself; side play up to its limit is not.',
    },
    {
      title: 'Limits of the manual',
      fields: checks.map((c) => figure(`${c.id}-most`, `${c.label}, at most`, 'mm', { plausible: can.gap })),
    },
  ],
  work: (v: Values, s: PanelSubject) => {
    const lines = checks.flatMap((c) => {
      const x = v.figure(c.id);
      if (x === null) return [];
      const own = s.limit(c.quantity);
      const most = v.figure(`${c.id}-most`);
      const service = { serviceLow: own?.serviceLow ?? null, serviceHigh: own?.serviceHigh ?? null };
      const limit = most !== null ? { low: null, high: most, ...service, source: 'as entered here', general: false } : own;
      return [{ c, x, label: c.label, value: exact(x), unit: 'mm', limit, error: { relative: 0, absolute: 5e-6 } }];
    });
    if (lines.length === 0) return nothing;
    const standings = lines.map((l) => standingOf(l.x, l.limit));
    const over = lines.filter((_l, i) => standings[i] === 'out');
    const unknown = lines.filter((_l, i) => standings[i] === 'unknown');
    const service = lines.filter((_l, i) => standings[i] === 'in service');
    const [runOut, radial, flat] = ['run-out', 'rod-radial', 'flat'].map((id) => lines.find((l) => l.c.id === id));
    return result({
      tone: over.length ? 'bad' : unknown.length ? 'open' : service.length ? 'watch' : 'good',
      words: over.length
        ? `Over: ${over.map((l) => l.label.toLowerCase()).join(', ')}.`
        : unknown.length
          ? `No limit yet for ${unknown.map((l) => l.label.toLowerCase()).join(', ')}.`
          : service.length
            ? `Within the service limit, fit for use, watch: ${service.map((l) => l.label.toLowerCase()).join(', ')}.`
            : 'All within the manual.',
      lines: lines.map(({ label, value, unit, limit, error }) => ({ label, value, unit, limit, error })),
      handed: [
        ...(runOut && standingOf(runOut.x, runOut.limit) !== 'unknown'
          ? [
              {
                testId: 'crank-clock',
                position: null,
                outcome: standingOf(runOut.x, runOut.limit) === 'out' ? 'bad' : 'good',
                fieldId: 'run-out',
              },
            ]
          : []),
        // Up-and-down play is a fault in itself; side play up to its limit is not.
        ...(radial && standingOf(radial.x, radial.limit) !== 'unknown'
          ? [
              {
                testId: 'rod-feel',
                position: null,
                outcome: standingOf(radial.x, radial.limit) === 'out' ? 'bad' : 'good',
                fieldId: 'rod-radial',
              },
            ]
          : []),
        ...(flat && standingOf(flat.x, flat.limit) !== 'unknown'
          ? [{ testId: 'head-flat', position: null, outcome: standingOf(flat.x, flat.limit) === 'out' ? 'bad' : 'good', fieldId: 'flat' }]
          : []),
      ],
    });
  },
};

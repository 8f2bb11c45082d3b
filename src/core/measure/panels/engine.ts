import { standingOf } from '../judge';
import {
  chamberCm3,
  compressionRatio,
  crankcaseLeak,
  crankcaseMostPa,
  degreesAt,
  layerMm,
  meanPistonSpeed,
  openShare,
  pistonMm,
  portOpenDegrees,
  squishMm,
  sweptCm3,
} from '../engine';
import { can, cm3, exact, figure, metres, mm, nothing, plausible, result, rpm, type Panel } from '../panel';

const volume = plausible(-50, 500, 'ml');

export const volumes: Panel = {
  id: 'volumes',
  group: 'engine',
  name: 'Volumes and squish',
  about: 'Displacement, compression ratio and squish from what was measured.',
  hazards: [],
  limits: ['squish'],
  blocks: () => [
    {
      title: 'Cylinder',
      fields: [
        figure('bore', 'Bore', 'mm', { plausible: can.bore }),
        figure('stroke', 'Stroke', 'mm', { plausible: can.bore }),
        figure('revs', 'Highest revs', 'rpm', { plausible: can.revs }),
      ],
    },
    {
      title: 'What is left at the top',
      fields: [
        figure('head', 'Head, with a burette', 'ml', { plausible: volume }),
        figure('gasket', 'Gasket, clamped', 'mm', { plausible: { low: 0, high: 0.006 } }),
        figure('gasket-bore', 'Its bore', 'mm', { plausible: can.bore }),
        figure('deck', 'Piston below the face', 'mm', { plausible: { low: -0.005, high: 0.02 }, hint: 'negative where it stands proud' }),
        figure('dome', 'Dome of the crown', 'ml', { plausible: volume, hint: 'negative for a dish or pockets' }),
      ],
    },
  ],
  work: (v, s) => {
    const [bore, stroke] = [v.figure('bore'), v.figure('stroke')];
    if (bore === null || stroke === null) return nothing;
    const n = s.cylinders.length;
    const one = sweptCm3(mm(bore), mm(stroke));
    const revs = v.figure('revs');
    const lines = [
      { label: n > 1 ? `Displacement of ${n}` : 'Displacement', value: exact(one * n * 1e-6), unit: 'ml' },
      ...(revs === null ? [] : [{ label: 'Mean piston speed', value: exact(meanPistonSpeed(mm(stroke), rpm(revs))), unit: 'm/s' }]),
    ];
    const [head, gasket, gasketBore, deck] = ['head', 'gasket', 'gasket-bore', 'deck'].map((id) => v.figure(id));
    if (head === null || gasket === null || deck === null) return result({ tone: 'good', words: `${(one * n).toFixed(0)} cm³.`, lines });
    const left = chamberCm3({
      boreMm: mm(bore),
      headCm3: cm3(head),
      gasketMm: mm(gasket),
      gasketBoreMm: mm(gasketBore ?? bore),
      deckMm: mm(deck),
      domeCm3: cm3(v.figure('dome') ?? 0),
    });
    if (left <= 0) return result({ tone: 'bad', words: 'Nothing is left above the piston: check the values.', lines });
    const ratio = compressionRatio(one, left);
    const squish = squishMm({ gasketMm: mm(gasket), deckMm: mm(deck) });
    const limit = s.limit('squish');
    const tight = standingOf(metres(squish), limit) === 'out';
    return result({
      tone: tight ? 'bad' : 'good',
      words: `${ratio.toFixed(2)} to 1, ${left.toFixed(1)} cm³ left, squish ${squish.toFixed(2)} mm.`,
      warnings: tight
        ? ['So little squish and a piston can touch the head at revs (common practice): solder through the plug hole proves it.']
        : [],
      lines: [
        ...lines,
        { label: 'Compression ratio, to 1', value: exact(ratio), unit: 'to 1', keep: { quantity: 'compression-ratio', position: null } },
        {
          label: 'Squish',
          value: exact(metres(squish)),
          unit: 'mm',
          limit,
          error: { relative: 0, absolute: 5e-5 },
          keep: { quantity: 'squish', position: null },
        },
      ],
    });
  },
};

/** What a piston may stand below its top: nothing to the longest stroke. */
const travel = { low: 0, high: can.bore.high };

export const pistonPosition: Panel = {
  id: 'piston-position',
  group: 'engine',
  name: 'Piston and crank',
  about: 'Degrees to millimetres before the top and back; how long a port stays open.',
  hazards: ['moving-parts'],
  blocks: (s) => [
    {
      title: 'Crank and rod',
      fields: [
        figure('stroke', 'Stroke', 'mm', { plausible: can.bore }),
        figure('rod', 'Rod, eye to eye', 'mm', { plausible: { low: 0.05, high: 0.3 } }),
      ],
    },
    {
      title: 'One of the two gives the other',
      fields: [
        figure('degrees', 'Degrees before the top', '°', { plausible: can.signedAngle }),
        figure('below', 'Piston below the top', 'mm', { plausible: travel }),
      ],
    },
    ...(s.strokes === 'four'
      ? []
      : [
          {
            title: 'Ports: where each opens, below the top',
            fields: [
              figure('exhaust', 'Exhaust', 'mm', { plausible: travel }),
              figure('transfer', 'Transfer', 'mm', { plausible: travel }),
            ],
          },
        ]),
  ],
  work: (v) => {
    const [stroke, rod] = [v.figure('stroke'), v.figure('rod')];
    if (stroke === null || rod === null) return nothing;
    if (rod <= stroke / 2) return result({ tone: 'bad', words: 'The rod is longer than half the stroke: look again.' });
    const c = { strokeMm: mm(stroke), rodMm: mm(rod) };
    const angle = v.figure('degrees');
    const below = v.figure('below');
    const inStroke = (x: number | null): x is number => x !== null && x >= 0 && x <= stroke;
    const toRad = (d: number) => (d * Math.PI) / 180;
    const lines = [
      ...(angle === null
        ? []
        : [
            {
              label: `Piston below the top at ${((angle * 180) / Math.PI).toFixed(1)} degrees`,
              value: exact(metres(pistonMm(c, (angle * 180) / Math.PI))),
              unit: 'mm',
            },
          ]),
      ...(inStroke(below)
        ? [{ label: `Crank at ${mm(below).toFixed(2)} mm`, value: exact(toRad(degreesAt(c, mm(below)))), unit: '°' }]
        : []),
      ...(['exhaust', 'transfer'] as const).flatMap((port) => {
        const x = v.figure(port);
        return inStroke(x)
          ? [
              {
                label: `${port === 'exhaust' ? 'Exhaust' : 'Transfer'} open for`,
                value: exact(toRad(portOpenDegrees(c, mm(x)))),
                unit: '°',
              },
            ]
          : [];
      }),
    ];
    const beyond = [below, v.figure('exhaust'), v.figure('transfer')].some((x) => x !== null && !inStroke(x));
    return result({
      tone: beyond ? 'bad' : lines.length ? 'good' : 'open',
      words: beyond
        ? 'The piston moves by its stroke and no more: check the values.'
        : lines.length
          ? lines
              .map(
                (l) =>
                  `${l.label}: ${l.unit === 'mm' ? `${mm(l.value.kind === 'exact' ? l.value.value : 0).toFixed(2)} mm` : `${(((l.value.kind === 'exact' ? l.value.value : 0) * 180) / Math.PI).toFixed(1)} degrees`}.`,
              )
              .join(' ')
          : 'Enter degrees, millimetres or a port.',
      lines,
    });
  },
};

export const carbonPort: Panel = {
  id: 'carbon-port',
  group: 'engine',
  name: 'Coked exhaust port',
  about: 'How much of a round port is still open under a layer of carbon.',
  hazards: ['hot-parts'],
  limits: ['port-open'],
  suits: (s) => s.strokes !== 'four',
  blocks: () => [
    {
      title: 'Exhaust off',
      fields: [
        figure('port', 'Port, clean', 'mm', { plausible: can.bore }),
        figure('layer', 'Layer of carbon', 'mm', { plausible: { low: 0, high: 0.05 } }),
        figure('open', 'or: still open, by eye', '%', { plausible: { low: 0, high: 1 } }),
      ],
    },
  ],
  work: (v, s) => {
    const port = v.figure('port');
    const layer = v.figure('layer');
    const open = v.figure('open');
    if (port === null || (layer === null && open === null)) return nothing;
    if (layer !== null && 2 * layer > port)
      return result({ tone: 'bad', words: 'The layer is thicker than the port is wide: look again.' });
    const share = layer === null ? open! : openShare(mm(port), mm(layer));
    const thick = layerMm(mm(port), share);
    const limit = s.limit('port-open');
    const standing = standingOf(share, limit);
    const choked = share < 0.5 && standing !== 'in' && standing !== 'in service';
    return result({
      tone: choked ? 'bad' : standing === 'out' ? 'watch' : 'good',
      words: `${Math.round(share * 100)} % of the area is open: a layer of ${thick.toFixed(1)} mm.${choked ? ' It feeds on itself: clean it, and ask why (wrong oil, rich, short cold rides).' : ''}`,
      lines: [{ label: 'Open', value: exact(share), unit: '%', limit, keep: { quantity: 'port-open', position: null } }],
      handed: [{ testId: 'exhaust-look', position: null, outcome: choked || standing === 'out' ? 'choked' : 'open' }],
    });
  },
};

export const crankcase: Panel = {
  id: 'crankcase',
  group: 'engine',
  name: 'Crankcase pressure',
  about: 'A two-stroke’s crankcase pumped up and left: how fast it loses.',
  hazards: ['pressure'],
  limits: ['crankcase-loss'],
  suits: (s) => s.strokes !== 'four',
  blocks: () => [
    {
      title: 'Pumped up to about 6 psi, ports and plug closed',
      fields: [
        figure('start', 'At the start', 'psi', { plausible: plausible(1, 15, 'psi') }),
        figure('end', 'At the end', 'psi', { plausible: plausible(0, 15, 'psi') }),
        figure('seconds', 'After', 's', { plausible: { low: 5, high: 3600 } }),
      ],
      note: 'Soap water finds the place: seals, base, reeds, plug.',
    },
  ],
  work: (v, s) => {
    const [start, end, seconds] = ['start', 'end', 'seconds'].map((id) => v.figure(id));
    if (start === null || end === null || seconds === null) return nothing;
    if (end > start)
      return result({ tone: 'bad', words: 'Pressure only falls in this test: the two readings are exchanged, or the engine was warming.' });
    const leak = crankcaseLeak({ startPa: start, endPa: end, seconds });
    const limit = s.limit('crankcase-loss');
    const standing = standingOf(leak.perMinutePa, limit);
    const bad = standing === 'unknown' ? leak.perMinutePa > crankcaseMostPa : standing === 'out';
    return result({
      tone: bad ? 'bad' : 'good',
      words: bad
        ? `It loses too fast: half gone in ${leak.halfLifeS < 120 ? `${Math.round(leak.halfLifeS)} s` : `${Math.round(leak.halfLifeS / 60)} min`}. Soap water at seals, base and reeds.`
        : 'Tight enough.',
      lines: [
        {
          label: 'Lost in the first minute',
          value: exact(leak.perMinutePa),
          unit: 'psi',
          limit,
          keep: { quantity: 'crankcase-loss', position: null },
          error: { relative: 0, absolute: 700 },
        },
      ],
      handed: [{ testId: 'crankcase-pressure', position: null, outcome: bad ? 'falls' : 'holds' }],
    });
  },
};

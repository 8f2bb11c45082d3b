import {
  advanceAtFault,
  advanceVerdict,
  at20,
  dwellShare,
  gapFor,
  hotRise,
  primaryA,
  timingShiftCrank,
  type AdvancePoint,
} from '../ignition';
import {
  at,
  can,
  celsius,
  choice,
  degrees,
  exact,
  figure,
  filledRows,
  mm,
  nothing,
  perCylinder,
  result,
  rpm,
  type Handed,
  type PanelLine,
  type Panel,
} from '../panel';
import { groupedWords } from '../../state';
import { standingOf, judge, type GaugeError, type Limit } from '../judge';

const rad = (d: number) => (d * Math.PI) / 180;
/** What the manual wants, where it names one figure or a band. */
const middleOf = (l: Limit | null): number | null =>
  l?.low != null && l.high != null ? (l.low + l.high) / 2 : (l?.low ?? l?.high ?? null);

const contactGap = { low: 0, high: 0.0012 };

export const points: Panel = {
  id: 'points',
  group: 'ignition',
  name: 'Points: gap and dwell',
  about: 'Gap against dwell, the gap that gives the dwell of the manual, and how that moves the spark.',
  hazards: ['ignition-hv', 'moving-parts'],
  limits: ['points-gap'],
  book: [{ quantity: 'dwell', low: 'wanted', high: 'wanted' }],
  blocks: () => [
    {
      title: 'As found',
      fields: [
        figure('gap', 'Contact gap', 'mm', { quantity: 'points-gap', plausible: contactGap }),
        figure('dwell', 'Dwell with it', '°', { quantity: 'dwell', plausible: can.angle }),
        choice('lobes', 'Lobes of the points cam', { '1': 'one', '2': 'two', '3': 'three', '4': 'four' }),
        choice('cam', 'The points cam turns', { half: 'at half the speed of the crank', full: 'as fast as the crank' }),
      ],
    },
    {
      title: 'A second try',
      fields: [
        figure('gap2', 'Another gap', 'mm', { plausible: contactGap }),
        figure('dwell2', 'Dwell with that', '°', { plausible: can.angle }),
      ],
    },
    { title: 'The manual', fields: [figure('wanted', 'Dwell wanted', '°', { plausible: can.angle })] },
  ],
  work: (v, s) => {
    const gap = v.figure('gap');
    const dwell = v.figure('dwell');
    const limit = s.limit('points-gap');
    const lobes = Number(v.choice('lobes') ?? '1');
    const lines = gap === null ? [] : [{ label: 'Contact gap', value: exact(gap), unit: 'mm', limit, error: s.error('points-gap') }];
    const handed: Handed[] = gap === null ? [] : [{ testId: 'points-gap', position: null, outcome: '', fieldId: 'gap' }];
    const base = { lines, handed };
    const inside = gap !== null && limit && (limit.low === null || gap >= limit.low) && (limit.high === null || gap <= limit.high);
    if (dwell === null)
      return gap === null
        ? nothing
        : result({
            ...base,
            tone: inside ? 'good' : 'watch',
            words: inside ? 'The gap is within limits. Set static timing after it.' : 'Set the gap, then static timing from the beginning.',
          });
    if (degrees(dwell) > 360 / lobes)
      return result({
        ...base,
        tone: 'bad',
        words: `Dwell cannot be more than ${360 / lobes} degrees with ${lobes} lobe${lobes > 1 ? 's' : ''}.`,
      });
    const share = { label: 'Contacts shut for', value: exact(dwellShare(degrees(dwell), lobes)), unit: '%' };
    const [gap2, dwell2] = [v.figure('gap2'), v.figure('dwell2')];
    const wanted = v.figure('wanted') ?? middleOf(s.limit('dwell'));
    const shift = wanted === null ? null : timingShiftCrank(degrees(wanted - dwell), v.choice('cam') !== 'full');
    const moved =
      shift === null || Math.abs(shift) < 0.05
        ? ''
        : ` The spark comes ${Math.abs(shift).toFixed(1)} crank degrees ${shift > 0 ? 'earlier' : 'later'}: set static timing after it.`;
    if (gap === null || gap2 === null || dwell2 === null || wanted === null)
      return result({
        ...base,
        lines: [...lines, share],
        tone: 'watch',
        words: `Enter a second gap with its dwell, and the dwell of the manual, to be told the gap.${moved}`,
      });
    if (gap === gap2 || (dwell2 - dwell) / (gap2 - gap) >= 0)
      return result({ ...base, lines: [...lines, share], tone: 'bad', words: 'A wider gap has to give less dwell: measure both again.' });
    const right = gapFor(
      { gapMm: mm(gap), dwellDegrees: degrees(dwell) },
      { gapMm: mm(gap2), dwellDegrees: degrees(dwell2) },
      degrees(wanted),
    );
    const outside = standingOf(right / 1000, limit) === 'out';
    const already = inside && Math.abs(right - mm(gap)) < 0.005;
    return result({
      ...base,
      lines: [
        ...lines,
        share,
        { label: 'Gap for the dwell wanted', value: exact(right / 1000), unit: 'mm', limit, error: s.error('points-gap') },
      ],
      tone: already && !outside ? 'good' : 'watch',
      words: `${already ? 'The gap gives the dwell wanted.' : `Set ${right.toFixed(2)} mm.`}${outside ? ' That gap is outside its limit: worn contacts, or the dwell of another model.' : ''}${moved}`,
    });
  },
};

const speeds = ['1', '2', '3', '4', '5'];

export const advance: Panel = {
  id: 'advance',
  group: 'ignition',
  name: 'Advance curve',
  about: 'Timing light readings against the curve of the manual.',
  hazards: ['moving-parts', 'exhaust-gas', 'ignition-hv'],
  blocks: () => [
    {
      title: 'Timing light',
      places: speeds.map((id) => ({ id, label: `Reading ${id}` })),
      columns: [figure('rpm', 'At', 'rpm', { plausible: can.revs }), figure('read', 'Before the top', '°', { plausible: can.signedAngle })],
    },
    {
      title: 'The manual',
      places: speeds.slice(0, 4).map((id) => ({ id, label: `Point ${id}` })),
      columns: [
        figure('book', 'At', 'rpm', { plausible: can.revs }),
        figure('low', 'From', '°', { plausible: can.signedAngle }),
        figure('high', 'To', '°', { plausible: can.signedAngle }),
      ],
    },
  ],
  work: (v) => {
    const readings = filledRows(v, speeds, ['rpm', 'read']).map((r) => ({ rpm: rpm(r.rpm), degrees: degrees(r.read) }));
    const curve = filledRows(v, speeds.slice(0, 4), ['book', 'low', 'high']).map((r): AdvancePoint => ({
      rpm: rpm(r.book),
      lowDegrees: degrees(r.low),
      highDegrees: degrees(r.high),
    }));
    if (readings.length === 0) return nothing;
    const { points: judged, shape, words } = advanceVerdict(curve, readings);
    const furthest = Math.max(...readings.map((r) => r.degrees));
    const bad = judged.some((p) => p.verdict === 'low' || p.verdict === 'high');
    const stands = advanceAtFault(shape);
    return result({
      tone: curve.length === 0 ? 'open' : bad || stands ? 'bad' : judged.some((p) => p.verdict === 'borderline') ? 'watch' : 'good',
      words: curve.length === 0 ? 'Enter the curve of the manual to judge it.' : words,
      lines: judged.map((p) => ({
        label: `At ${groupedWords(Math.round(p.reading.rpm))} rpm`,
        value: exact(rad(p.reading.degrees)),
        unit: '°',
        ...(p.reading.degrees === furthest && { keep: { quantity: 'timing-full', position: null } }),
      })),
      drawing: {
        kind: 'curve',
        x: 'revs',
        y: 'degrees before the top',
        points: judged.map((p) => ({ x: p.reading.rpm, y: p.reading.degrees })),
        band: [...curve].sort((a, b) => a.rpm - b.rpm).map((c) => ({ x: c.rpm, low: c.lowDegrees, high: c.highDegrees })),
      },
      handed: curve.length && judged.length > 1 ? [{ testId: 'strobe', position: null, outcome: stands ? 'bad' : 'good' }] : [],
    });
  },
};

const windingKinds = {
  'coil-primary': { label: 'Coil, primary', unit: 'ohm', test: 'coil-primary' },
  'coil-secondary': { label: 'Coil, secondary with lead and cap', unit: 'kohm', test: 'secondary' },
  pickup: { label: 'Pick-up coil', unit: 'ohm', test: 'pickup-ohms' },
  exciter: { label: 'Exciter winding', unit: 'ohm', test: 'exciter-ohms' },
} as const;

/** Common practice: contacts that carry more than this burn. */
const pointsMostA = 5;

/** How well these are read: a capacity meter to 2 %, a gap by eye. */
const otherErrors: Readonly<Record<string, GaugeError>> = {
  condenser: { relative: 0.02, absolute: 0 },
  'spark-jump': { relative: 0, absolute: 3e-4 },
};
const sharp: GaugeError = { relative: 0, absolute: 0 };

export const windings: Panel = {
  id: 'windings',
  group: 'ignition',
  name: 'Coils and windings',
  about: 'Resistances brought to 20 °C, cold and hot; primary current; condenser and spark gap.',
  hazards: ['ignition-hv'],
  limits: ['coil-primary', 'coil-secondary', 'pickup', 'exciter', 'plug-cap', 'condenser', 'spark-jump'],
  blocks: (s) => [
    {
      title: 'Meter',
      fields: [
        figure('t', 'Temperature of the windings', '°C', { plausible: can.celsius }),
        figure('hot', 'and hot', '°C', { plausible: can.celsius }),
      ],
    },
    perCylinder(s, 'Coils', [
      figure('coil-primary', 'Primary', 'ohm', { quantity: 'coil-primary', plausible: can.ohm }),
      figure('coil-secondary', 'Secondary with lead and cap', 'kohm', { quantity: 'coil-secondary', plausible: { low: 0, high: 1e6 } }),
      figure('cap', 'Cap by itself', 'kohm', { quantity: 'plug-cap', plausible: { low: 0, high: 1e6 } }),
    ]),
    {
      title: 'Others, and the primary when hot',
      fields: [
        figure('pickup', 'Pick-up coil', 'ohm', { quantity: 'pickup', plausible: can.ohm }),
        figure('exciter', 'Exciter winding', 'ohm', { quantity: 'exciter', plausible: can.ohm }),
        figure('primary-hot', 'Primary, hot', 'ohm', { plausible: can.ohm }),
        figure('ballast', 'Ballast resistor', 'ohm', { plausible: can.ohm }),
        figure('condenser', 'Condenser', 'µF', { quantity: 'condenser', plausible: { low: 0, high: 2e-6 } }),
        figure('gap', 'Spark jumps', 'mm', {
          quantity: 'spark-jump',
          plausible: { low: 0, high: 0.03 },
          hint: 'in open air, tester earthed',
        }),
      ],
      note: 'A pick-up or coil may measure sound with its two wires exchanged: resistance says nothing of polarity.',
    },
  ],
  work: (v, s) => {
    const t = v.figure('t');
    const warm = (ohm: number) => (t === null ? ohm : at20(ohm, celsius(t)));
    const ballast = v.figure('ballast') ?? 0;
    const one = (id: string, kind: keyof typeof windingKinds, position: string | null) => {
      const ohm = v.figure(id);
      if (ohm === null) return [];
      const k = windingKinds[kind];
      const limit = s.limit(kind);
      // A coil made for a ballast has less than another: in general the two together are what the contacts see.
      const together = kind === 'coil-primary' && ballast > 0 && limit?.general === true;
      const at20C = warm(ohm) + (together ? ballast : 0);
      const odd = standingOf(at20C, limit) === 'out';
      return [
        {
          odd,
          line: {
            label: `${k.label}${together ? ' with its ballast' : ''}${position && s.cylinders.length > 1 ? `, cylinder ${position}` : ''}`,
            value: exact(at20C),
            unit: k.unit,
            limit,
            error: s.error(kind),
            note: t === null ? 'as read; with its temperature it is brought to 20 °C' : 'at 20 °C',
          },
          handed: { testId: k.test, position, outcome: odd ? 'odd' : 'good', fieldId: id },
        },
      ];
    };
    const all = [
      ...s.cylinders.flatMap((c) => [
        ...one(at('coil-primary', c), 'coil-primary', c),
        ...one(at('coil-secondary', c), 'coil-secondary', c),
      ]),
      ...one('pickup', 'pickup', null),
      ...one('exciter', 'exciter', null),
    ];
    const primary = v.figure(at('coil-primary', s.cylinders[0]));
    const by = (quantity: string, id: string, unit: string, label: string): PanelLine[] => {
      const x = v.figure(id);
      return x === null
        ? []
        : [{ label, value: exact(x), unit, limit: s.limit(quantity), error: otherErrors[quantity] ?? s.error(quantity) }];
    };
    const others: PanelLine[] = [
      ...s.cylinders.flatMap((c) => by('plug-cap', at('cap', c), 'kohm', s.cylinders.length > 1 ? `Cap, cylinder ${c}` : 'Cap')),
      ...by('condenser', 'condenser', 'µF', 'Condenser'),
      ...by('spark-jump', 'gap', 'mm', 'Spark jumps'),
    ];
    const current: PanelLine[] = primary
      ? [
          {
            label: 'Primary current, contacts shut',
            value: exact(primaryA(s.voltage, warm(primary), ballast)),
            unit: 'A',
            limit: { low: null, high: pointsMostA, source: 'general value for points', general: true },
          },
        ]
      : [];
    const [hotOhm, hotT] = [v.figure('primary-hot'), v.figure('hot')];
    const rise = primary && t !== null && hotOhm !== null && hotT !== null ? hotRise(primary, celsius(t), hotOhm, celsius(hotT)) : null;
    const warnings: string[] = [];
    if (rise?.suspicious)
      warnings.push(
        `Hot it reads ${Math.round(Math.abs(rise.share) * 100)} % ${rise.share > 0 ? 'more' : 'less'} than copper would: it ${rise.share > 0 ? 'opens' : 'shorts'} with heat.`,
      );
    if (all.length + others.length === 0) return nothing;
    const verdictOf = (l: PanelLine) => judge(l.value, l.limit ?? null, l.error ?? sharp).verdict;
    const outside = (l: PanelLine) => ['low', 'high', 'past service'].includes(verdictOf(l));
    const unsure = others.filter((l) => verdictOf(l) === 'borderline').map((l) => l.label.toLowerCase());
    const odd = [...all.flatMap((x) => (x.odd ? [x.line.label] : [])), ...others.filter(outside).map((l) => l.label)];
    return result({
      tone: odd.length || rise?.suspicious ? 'bad' : unsure.length ? 'watch' : 'good',
      words: odd.length
        ? `Out of its limits: ${odd.map((label) => label.toLowerCase()).join('; ')}.`
        : rise?.suspicious
          ? 'Good cold, not hot.'
          : unsure.length
            ? `Borderline, measure again: ${unsure.join('; ')}.`
            : 'Within limits. A winding that fails hot shows only hot.',
      warnings,
      lines: [...all.map((x) => x.line), ...others, ...current],
      handed: all.map((x) => x.handed),
    });
  },
};

export const staticTiming: Panel = {
  id: 'static-timing',
  group: 'ignition',
  name: 'Static timing',
  about: 'Where the contacts open, in degrees or millimetres before the top, against the manual.',
  hazards: ['moving-parts'],
  book: [{ quantity: 'timing-static', low: 'book', high: 'book' }],
  blocks: () => [
    {
      title: 'Lamp across the contacts, crank turned forward',
      fields: [
        figure('opens', 'Opens before the top', '°', { quantity: 'timing-static', plausible: can.signedAngle }),
        figure('book', 'The manual', '°', { plausible: can.signedAngle }),
        figure('within', 'give or take', '°', { plausible: can.signedAngle }),
      ],
      note: 'Only millimetres in the manual? The panel Piston and crank turns one into the other.',
    },
  ],
  work: (v, s) => {
    const opens = v.figure('opens');
    const book = v.figure('book') ?? middleOf(s.limit('timing-static'));
    if (opens === null || book === null) return nothing;
    const within = v.figure('within') ?? rad(1);
    const off = opens - book;
    const good = Math.abs(off) <= within + 1e-9;
    return result({
      tone: good ? 'good' : 'bad',
      words: good
        ? 'On its mark.'
        : `${degrees(Math.abs(off)).toFixed(1)} degrees too ${off > 0 ? 'early' : 'late'}: set the gap first, then the plate.`,
      lines: [
        {
          label: 'Contacts open',
          value: exact(opens),
          unit: '°',
          limit: { low: book - within, high: book + within, source: 'as entered here', general: false },
          error: { relative: 0, absolute: rad(0.25) },
        },
      ],
      handed: [{ testId: 'static-timing', position: null, outcome: good ? 'on' : off > 0 ? 'early' : 'late' }],
    });
  },
};

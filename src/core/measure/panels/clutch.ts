import { standingOf, type Limit } from '../judge';
import { atClutchNm, capacityNm, meanRadiusMm, plateWords, slipVerdict, wetFriction, type FrictionSurface } from '../clutch';
import {
  at,
  can,
  choice,
  exact,
  figure,
  mm,
  nothing,
  result,
  rowsUpTo,
  shownRows,
  type Handed,
  type Panel,
  type PanelSubject,
} from '../panel';

/** What a part must have at least or may have at most: the figure typed, else this bike's limit with all that it says of service. */
const edgeOf = (s: PanelSubject, quantity: string, edge: 'low' | 'high', typed: number | null): Limit | null =>
  typed === null ? s.limit(quantity) : { low: null, high: null, [edge]: typed, source: 'as entered here', general: false };

const force = { low: 0, high: 20000 };
const plates = rowsUpTo(20);

export const clutch: Panel = {
  id: 'clutch',
  group: 'drive',
  name: 'Clutch',
  about: 'Wear, warp and springs; what the stack carries against what the engine asks, roughened and renewed.',
  hazards: ['springs', 'asbestos'],
  book: [
    { quantity: 'plate-thickness', low: 'least' },
    { quantity: 'spring-length', low: 'spring-least' },
    { quantity: 'clutch-stack', low: 'stack-least' },
    { quantity: 'plate-warp', high: 'warp-most' },
  ],
  blocks: (_s, v) => [
    {
      title: 'Friction plates, and warp of the steels',
      places: shownRows(v, plates, ['thick', 'warp'], 8).map((id) => ({ id, label: `Plate ${id}` })),
      columns: [
        figure('thick', 'Lining', 'mm', { quantity: 'plate-thickness', plausible: { low: 0.0005, high: 0.01 } }),
        figure('warp', 'Warp of its steel', 'mm', { quantity: 'plate-warp', plausible: can.gap }),
      ],
    },
    {
      title: 'Limits and springs',
      fields: [
        figure('least', 'Lining at least', 'mm', { plausible: { low: 0.0005, high: 0.01 } }),
        figure('warp-most', 'Warp at most', 'mm', { plausible: can.gap }),
        figure('spring', 'Spring, free length', 'mm', { quantity: 'spring-length', plausible: { low: 0.005, high: 0.2 } }),
        figure('spring-least', 'at least', 'mm', { plausible: { low: 0.005, high: 0.2 } }),
        figure('stack', 'All plates together, pressed', 'mm', { quantity: 'clutch-stack', plausible: { low: 0.005, high: 0.15 } }),
        figure('stack-least', 'at least', 'mm', { plausible: { low: 0.005, high: 0.15 } }),
        choice('surface', 'Surface', { sound: 'sound', glazed: 'glazed', blued: 'blued', worn: 'worn' }),
        choice('steel', 'Steel plates are', { steel: 'steel', aluminium: 'aluminium' }),
      ],
    },
    {
      title: 'What it carries',
      fields: [
        figure('outer', 'Lining, outer diameter', 'mm', { plausible: { low: 0.03, high: 0.4 } }),
        figure('inner', 'inner', 'mm', { plausible: { low: 0.02, high: 0.4 } }),
        figure('plates', 'Friction plates', '', { plausible: { low: 1, high: 20 } }),
        figure('force', 'All springs together', 'N', { plausible: force }),
        figure('torque', 'Engine at its best', 'N·m', { plausible: { low: 1, high: 400 } }),
        figure('primary', 'Primary ratio', '', { plausible: { low: 0.5, high: 5 } }),
      ],
      note: 'Measure the old plates even when new ones go in, or the diagnosis stays unproved. Note their order: the outermost friction plate may sit one slot round, punch marks line up.',
    },
  ],
  work: (v, s) => {
    const thick = plates.flatMap((i) => v.figure(at('thick', i)) ?? []);
    const warps = plates.flatMap((i) => v.figure(at('warp', i)) ?? []);
    const least = edgeOf(s, 'plate-thickness', 'low', v.figure('least'));
    const warpMost = edgeOf(s, 'plate-warp', 'high', v.figure('warp-most'));
    const spring = v.figure('spring');
    const springLeast = edgeOf(s, 'spring-length', 'low', v.figure('spring-least'));
    const [outer, inner, count, newtons, torque] = ['outer', 'inner', 'plates', 'force', 'torque'].map((id) => v.figure(id));
    const worn = thick.some((x) => standingOf(x, least) === 'out');
    const warped = warps.some((x) => standingOf(x, warpMost) === 'out');
    const stackHigh = v.figure('stack');
    const stackLeast = edgeOf(s, 'clutch-stack', 'low', v.figure('stack-least'));
    const lowStack = stackHigh !== null && standingOf(stackHigh, stackLeast) === 'out';
    const short = spring !== null && standingOf(spring, springLeast) === 'out';
    const surface = v.choice('surface') as 'sound' | 'glazed' | 'blued' | 'worn' | null;
    const words: string[] = [];
    if (thick.length || surface)
      words.push(plateWords(worn ? 'worn' : (surface ?? 'sound'), (v.choice('steel') ?? 'steel') as 'steel', warped));
    if (lowStack)
      words.push(
        'The stack is low: the springs press less than they should. Renew the friction plates, or find the plate that is missing.',
      );
    else if (stackHigh !== null && stackLeast !== null && words.length === 0) words.push('The stack is high enough.');
    if (short) words.push('The springs are short: renew them all.');
    const atLeast = (low: number | null) => (low === null ? null : { low, high: null, source: 'as entered here', general: false });
    const gauge = { relative: 0, absolute: 1e-5 };
    const lines = [
      ...(thick.length
        ? [{ label: 'Thinnest friction plate', value: exact(Math.min(...thick)), unit: 'mm', limit: least, error: gauge }]
        : []),
      ...(warps.length ? [{ label: 'Most warp', value: exact(Math.max(...warps)), unit: 'mm', limit: warpMost, error: gauge }] : []),
      ...(stackHigh === null
        ? []
        : [{ label: 'Stack', value: exact(stackHigh), unit: 'mm', limit: stackLeast, error: { relative: 0, absolute: 5e-5 } }]),
      ...(spring === null
        ? []
        : [{ label: 'Spring', value: exact(spring), unit: 'mm', limit: springLeast, error: { relative: 0, absolute: 1e-4 } }]),
    ];
    let slips = false;
    const carries = outer !== null && inner !== null && count !== null && newtons !== null;
    if (carries) {
      const stack = (x: FrictionSurface) =>
        capacityNm({ faces: 2 * count, friction: wetFriction[x], springN: newtons, meanRadiusMm: meanRadiusMm(mm(outer), mm(inner)) });
      const now: FrictionSurface = surface === 'glazed' ? 'glazed' : 'sound';
      const asked = torque === null ? null : atClutchNm(torque, v.figure('primary') ?? 1);
      for (const x of surface === 'glazed' ? (['glazed', 'roughened', 'renewed'] as const) : ([now] as const))
        lines.push({
          label: `Carries, ${x}`,
          value: exact(stack(x)),
          unit: 'N·m',
          limit: atLeast(asked),
          error: { relative: 0.1, absolute: 0 },
        });
      if (asked !== null) {
        const verdict = slipVerdict(stack(now), asked);
        slips = verdict.slips;
        words.push(verdict.words);
      }
    }
    if (words.length === 0) return nothing;
    const handed: Handed[] = [
      ...(thick.length && least !== null ? [{ testId: 'clutch-thickness', position: null, outcome: worn ? 'bad' : 'good' }] : []),
      ...(warps.length && warpMost !== null ? [{ testId: 'clutch-flat', position: null, outcome: warped ? 'bad' : 'good' }] : []),
      ...(spring !== null && springLeast !== null
        ? [{ testId: 'clutch-spring-length', position: null, outcome: short ? 'bad' : 'good' }]
        : []),
      ...(surface === null || surface === 'worn'
        ? []
        : [{ testId: 'clutch-surface', position: null, outcome: surface === 'sound' ? 'good' : 'bad' }]),
    ];
    return result({
      tone:
        worn || warped || short || lowStack || slips || surface === 'worn'
          ? 'bad'
          : surface === 'glazed' || surface === 'blued'
            ? 'watch'
            : 'good',
      words: words.join(' '),
      lines,
      handed,
    });
  },
};

export const release: Panel = {
  id: 'clutch-release',
  group: 'drive',
  name: 'Clutch release',
  about: 'Free play of a cable, or how far a hydraulic one lifts.',
  hazards: ['brake-fluid'],
  book: [
    { quantity: 'clutch-free-play', low: 'from', high: 'to' },
    { quantity: 'clutch-lift', low: 'lift-least' },
  ],
  blocks: () => [
    {
      title: 'At the lever',
      fields: [
        choice('kind', 'Worked by', { cable: 'a cable', hydraulic: 'fluid' }),
        figure('play', 'Free play at the lever’s end', 'mm', { quantity: 'clutch-free-play', plausible: { low: 0, high: 0.06 } }),
        figure('from', 'Manual, from', 'mm', { plausible: { low: 0, high: 0.06 } }),
        figure('to', 'to', 'mm', { plausible: { low: 0, high: 0.06 } }),
        figure('lift', 'Pressure plate lifts', 'mm', { quantity: 'clutch-lift', plausible: { low: 0, high: 0.01 } }),
        figure('lift-least', 'at least', 'mm', { plausible: { low: 0, high: 0.01 } }),
      ],
      note: 'Prove the lever before the cover goes on.',
    },
  ],
  work: (v, s) => {
    const play = v.figure('play');
    const lift = v.figure('lift');
    if (play === null && lift === null) return nothing;
    const known = s.limit('clutch-free-play');
    const from = v.figure('from') ?? known?.low ?? 0.01;
    const to = v.figure('to') ?? known?.high ?? 0.02;
    const cable = (v.choice('kind') ?? s.clutch ?? 'cable') !== 'hydraulic';
    const own = v.figure('from') !== null || v.figure('to') !== null;
    const liftLeast = edgeOf(s, 'clutch-lift', 'low', v.figure('lift-least'));
    // Fluid takes up its own play: a figure of the cable is none of its. Only a lever with none at all shuts the return port.
    const judged = cable || own || (known !== null && !known.general);
    const none = play !== null && play < (cable ? Math.min(0.002, from / 2) : judged ? Math.min(0.0005, from / 2) : 0.0005);
    const words: string[] = [];
    if (play !== null)
      words.push(
        none
          ? cable
            ? 'No free play: the cable holds the clutch half off, so it slips. Slacken it first.'
            : 'No free play: the return port may be shut, so that heat pushes the clutch off. Look at the push rod of the lever.'
          : !judged
            ? 'The maker sets the free play of a hydraulic lever: enter it. A cable’s value does not count here.'
            : play > to
              ? cable
                ? 'Too much free play: it drags. Take it up.'
                : 'It takes up late: air in it, or the push rod.'
              : play < from
                ? cable
                  ? 'Less than the manual’s: it may slip when it is hot. Slacken it a little.'
                  : 'Less than the manual’s: look at the push rod of the lever.'
                : 'Free play is right.',
      );
    const shortLift = lift !== null && standingOf(lift, liftLeast) === 'out';
    if (shortLift) words.push('It does not lift enough: it drags. Release rod, adjuster, then plates.');
    return result({
      tone:
        none || (judged && play !== null && play > to) || shortLift
          ? 'bad'
          : judged && play !== null && play < from
            ? 'watch'
            : judged || lift !== null
              ? 'good'
              : 'open',
      words: words.join(' '),
      lines: [
        ...(play === null
          ? []
          : [
              {
                label: 'Free play',
                value: exact(play),
                unit: 'mm',
                limit: !judged
                  ? null
                  : {
                      low: from,
                      high: to,
                      source: own ? 'as entered here' : (known?.source ?? 'general value'),
                      general: !own && known?.general !== false,
                    },
                error: { relative: 0, absolute: 5e-4 },
              },
            ]),
        ...(lift === null
          ? []
          : [
              {
                label: 'Lift',
                value: exact(lift),
                unit: 'mm',
                limit: liftLeast,
                error: { relative: 0, absolute: 5e-5 },
              },
            ]),
      ],
      handed: [
        ...(play === null || !cable
          ? []
          : [
              {
                testId: 'clutch-play',
                position: null,
                outcome: none ? 'clutch-free-play-none' : play > to ? 'clutch-free-play-large' : 'good',
              },
            ]),
        ...(lift === null || liftLeast === null ? [] : [{ testId: 'clutch-lift', position: null, outcome: shortLift ? 'bad' : 'good' }]),
      ],
    });
  },
};

import { batteryState, crankingState, daysUntilFlat, leadMostV, starterVerdict, type BatteryKind, type StarterFault } from '../electrics';
import { standingOf, type Limit } from '../judge';
import { at, can, celsius, choice, exact, figure, nothing, result, yesNo, type Handed, type Panel, type PanelSubject } from '../panel';

const amps = { low: 0, high: 500 };

/** The most that a middleweight’s starter draws (common practice), where nothing is known of this one. */
const usual = { crankingA: 150, freeA: 60 };

/** A clamp reads to a few in a hundred. */
const clamp = { relative: 0.02, absolute: 1 };

export const battery: Panel = {
  id: 'battery',
  group: 'electrics',
  name: 'Battery',
  about: 'How full it is from its voltage at rest, and whether it holds while it cranks.',
  hazards: ['battery-acid', 'short-circuit', 'moving-parts'],
  limits: ['battery-rest', 'battery-cranking'],
  blocks: () => [
    {
      title: 'After some hours of rest',
      fields: [
        figure('rest', 'At rest', 'V', { quantity: 'battery-rest', plausible: can.volts }),
        figure('t', 'Temperature', '°C', { plausible: can.celsius }),
        choice('kind', 'Kind', { flooded: 'flooded', gel: 'gel', 'glass-mat': 'glass mat', lithium: 'lithium iron phosphate' }),
      ],
    },
    {
      title: 'While cranking, a second apart',
      places: ['1', '2', '3', '4', '5'].map((id) => ({ id, label: `${id} s` })),
      columns: [figure('crank', 'At its posts', 'V', { plausible: can.volts })],
      note: 'Ten seconds on, a minute off.',
    },
  ],
  work: (v, s) => {
    const rest = v.figure('rest');
    const t = v.figure('t');
    const cranked = ['1', '2', '3', '4', '5'].flatMap((i) => {
      const x = v.figure(at('crank', i));
      return x === null ? [] : [{ s: Number(i), v: x }];
    });
    const system = s.voltage === 6 ? 6 : 12;
    const kind = (v.choice('kind') ?? (s.battery === 'lithium' ? 'lithium' : 'flooded')) as BatteryKind;
    const state = rest === null ? null : batteryState(rest, system, kind, t === null ? 20 : celsius(t));
    const whileCranking = s.limit('battery-cranking');
    const least = whileCranking?.serviceLow ?? whileCranking?.low ?? null;
    const trace = rest !== null && cranked.length >= 3 ? crankingState({ samples: [{ s: 0, v: rest }, ...cranked] }, system, least) : null;
    if (!state) return nothing;
    const atRest = s.limit('battery-rest');
    // The usual tables say how full it is; what this bike's own manual says goes before them.
    const short = atRest?.general === false && standingOf(rest!, atRest) === 'out';
    const bad = state.state === 'dead cell' || trace?.holds === false;
    // The general limit is for the kind that the bike is entered with: of another kind it would say the opposite.
    const other = atRest?.general !== false && (kind === 'lithium') !== (s.battery === 'lithium');
    const enough = state.state === 'full' || state.state === 'usable' || state.state === 'over full';
    return result({
      tone: bad ? 'bad' : !short && (state.state === 'full' || state.state === 'usable') ? 'good' : 'watch',
      words: [short && 'Outside this bike’s own limit at rest.', state.words, trace?.words].filter(Boolean).join(' '),
      warnings: other
        ? [
            `This bike is not entered with a ${kind === 'lithium' ? 'lithium' : 'lead'} battery: correct that, so that its limits are the right ones.`,
          ]
        : [],
      lines: [
        { label: 'At rest', value: exact(rest!), unit: 'V', limit: other ? null : atRest, error: s.error('battery-rest') },
        {
          label: 'Charge',
          value: exact(state.charge),
          unit: '%',
          limit: { low: 0.6, high: null, source: 'general value', general: true },
          error: { relative: 0, absolute: state.error / 2 },
        },
        ...(trace
          ? [
              {
                label: 'While it turns',
                value: exact(trace.turningV),
                unit: 'V',
                limit: whileCranking,
                error: s.error('battery-cranking'),
                keep: { quantity: 'battery-cranking', position: null },
              },
            ]
          : []),
      ],
      drawing: trace
        ? {
            kind: 'curve' as const,
            x: 'seconds',
            y: 'volts',
            points: [{ x: 0, y: rest! }, ...cranked.map((c) => ({ x: c.s, y: c.v }))],
            band: [],
          }
        : undefined,
      handed: [
        other
          ? { testId: 'battery-rest', position: null, outcome: enough ? 'good' : 'low' }
          : { testId: 'battery-rest', position: null, outcome: '', fieldId: 'rest' },
        ...(trace ? [{ testId: 'crank-volts', position: null, outcome: trace.holds ? 'good' : 'low' }] : []),
      ],
    });
  },
};

/** What a lead may lose by this bike's own limit, or in general; the general one is for twelve volts. */
const mostOf = (s: PanelSubject, quantity: string): number => {
  const limit = s.limit(quantity);
  const most = limit?.serviceHigh ?? limit?.high;
  return most ?? leadMostV * (s.voltage / 12);
};

/** A starter that is not to blame is good, unless it draws more than its book allows all the same. */
const starterTone = (fault: StarterFault, drawsTooMuch: boolean) =>
  fault === 'nothing' || fault === 'on the bike' ? (drawsTooMuch ? 'watch' : 'good') : fault === 'feed' ? 'watch' : 'bad';

export const starter: Panel = {
  id: 'starter',
  group: 'electrics',
  name: 'Starter',
  about: 'Volts lost in either lead, current, and the spin on the bench: lead, engine or starter.',
  hazards: ['short-circuit', 'moving-parts', 'battery-acid'],
  limits: ['live-drop', 'earth-drop'],
  book: [
    { quantity: 'starter-current', high: 'current-book' },
    { quantity: 'starter-bench', high: 'bench-book' },
  ],
  blocks: () => [
    {
      title: 'While it cranks',
      fields: [
        figure('live', 'Lost along the live lead', 'V', { quantity: 'live-drop', plausible: can.volts }),
        figure('earth', 'Lost along the earth', 'V', { quantity: 'earth-drop', plausible: can.volts }),
        figure('current', 'Current', 'A', { quantity: 'starter-current', plausible: amps }),
        yesNo('free', 'Does the engine turn freely by hand?'),
      ],
    },
    {
      title: 'Off the bike, clamped',
      fields: [figure('bench', 'Current, spinning free', 'A', { quantity: 'starter-bench', plausible: amps })],
      note: 'Never in the hand: it kicks. It may labour at some positions only, so try several.',
    },
    {
      title: 'Manual, if given',
      fields: [
        figure('current-book', 'Cranking', 'A', { plausible: amps }),
        figure('bench-book', 'Spinning free', 'A', { plausible: amps }),
      ],
    },
  ],
  work: (v, s) => {
    const [live, earth, current, bench] = ['live', 'earth', 'current', 'bench'].map((id) => v.figure(id));
    if ([live, earth, current, bench].every((x) => x === null)) return nothing;
    const free = v.choice('free');
    const most = (quantity: string, typed: string): Limit | null => {
      const high = v.figure(typed);
      return high === null ? s.limit(quantity) : { low: null, high, source: 'as entered here', general: false };
    };
    const [cranking, spinning] = [most('starter-current', 'current-book'), most('starter-bench', 'bench-book')];
    const mostOfLimit = (l: Limit | null) => l?.serviceHigh ?? l?.high ?? null;
    const draws = { crankingA: mostOfLimit(cranking) ?? usual.crankingA, freeA: mostOfLimit(spinning) ?? usual.freeA };
    const { fault, words } = starterVerdict(
      { crankingA: current, freeA: bench, liveDropV: live, earthDropV: earth, turnsFreely: free === null ? null : free === 'yes' },
      draws,
      { live: mostOf(s, 'live-drop'), earth: mostOf(s, 'earth-drop') },
    );
    const handed: Handed[] = [
      ...(live === null ? [] : [{ testId: 'live-drop', position: null, outcome: '', fieldId: 'live' }]),
      ...(earth === null ? [] : [{ testId: 'earth-drop', position: null, outcome: '', fieldId: 'earth' }]),
      ...(bench === null ? [] : [{ testId: 'starter-bench', position: null, outcome: bench > draws.freeA ? 'labours' : 'free' }]),
    ];
    return result({
      tone: starterTone(fault, current !== null && standingOf(current, cranking) === 'out'),
      words,
      lines: [
        ...(live === null
          ? []
          : [{ label: 'Live lead', value: exact(live), unit: 'V', limit: s.limit('live-drop'), error: s.error('live-drop') }]),
        ...(earth === null
          ? []
          : [{ label: 'Earth', value: exact(earth), unit: 'V', limit: s.limit('earth-drop'), error: s.error('earth-drop') }]),
        ...(current === null ? [] : [{ label: 'Cranking', value: exact(current), unit: 'A', limit: cranking, error: clamp }]),
        ...(bench === null ? [] : [{ label: 'Spinning free', value: exact(bench), unit: 'A', limit: spinning, error: clamp }]),
      ],
      handed,
    });
  },
};

export const drain: Panel = {
  id: 'drain',
  group: 'electrics',
  name: 'Key-off drain',
  about: 'What flows while it stands, and in how many days that empties the battery.',
  hazards: ['short-circuit'],
  limits: ['drain-current'],
  blocks: () => [
    {
      title: 'Meter in the earth lead, key off',
      fields: [
        figure('drain', 'Flows', 'mA', { quantity: 'drain-current', plausible: { low: 0, high: 10 } }),
        figure('capacity', 'Battery', 'A h', { plausible: { low: 1 * 3600, high: 100 * 3600 } }),
      ],
      note: 'Wait a minute before it is read: a clock or control unit goes to sleep.',
    },
  ],
  work: (v, s) => {
    const x = v.figure('drain');
    if (x === null) return nothing;
    const capacity = (v.figure('capacity') ?? 12 * 3600) / 3600;
    const days = daysUntilFlat(x * 1000, capacity);
    const limit = s.limit('drain-current');
    const bad = standingOf(x, limit) === 'out';
    return result({
      tone: bad ? 'bad' : 'good',
      words: `${days === Infinity ? 'Nothing flows.' : `Half of it is gone in ${days < 2 ? `${Math.round(days * 24)} hours` : `${Math.round(days)} days`}.`}${bad ? ' Pull the fuses one after the other: where it falls is the circuit; then the regulator.' : ''}`,
      lines: [
        {
          label: 'Flows',
          value: exact(x),
          unit: 'mA',
          limit,
          error: { relative: 0.02, absolute: 0.0002 },
        },
      ],
      handed: [{ testId: 'drain', position: null, outcome: bad ? 'bad' : 'good' }],
    });
  },
};

import {
  correctMix,
  debrisVerdict,
  fillPlan,
  fuelChange,
  mixWords,
  oilFor,
  oilLevelAdvice,
  oilUse,
  type Debris,
  type DebrisFamily,
  type OilLevel,
} from '../oil';
import { countWords } from '../../state';
import { choice, exact, figure, filledRows, nothing, plausible, result, yesNo, type Handed, type Panel } from '../panel';

const tank = plausible(0, 60, 'l');
const ratio = { low: 5, high: 150 };
const ml = (si: number) => si * 1e6;

export const mix: Panel = {
  id: 'mix',
  group: 'oil',
  name: 'Two-stroke mix',
  about: 'Oil for a tank, a tank that was mixed wrong, and what a change of ratio does to the fuel.',
  hazards: ['fuel-vapour'],
  suits: (s) => s.strokes !== 'four',
  blocks: () => [
    {
      title: 'To mix',
      fields: [
        figure('fuel', 'Fuel', 'l', { plausible: tank }),
        figure('ratio', 'Ratio', '', { plausible: ratio, hint: 'fuel to one of oil' }),
        figure('makers', 'The maker asks', '', { plausible: ratio }),
      ],
    },
    {
      title: 'A tank already mixed',
      fields: [
        figure('mixed', 'In the tank', 'l', { plausible: tank }),
        figure('was', 'Mixed at', '', { plausible: ratio }),
        figure('room', 'Tank holds', 'l', { plausible: tank }),
      ],
    },
  ],
  work: (v) => {
    const [fuel, wanted, makers, mixed, was, room] = ['fuel', 'ratio', 'makers', 'mixed', 'was', 'room'].map((id) => v.figure(id));
    const r = wanted ?? makers;
    if (r === null) return nothing;
    const words: string[] = [];
    const lines = [];
    if (fuel !== null) {
      const oil = oilFor(fuel, r);
      words.push(`${Math.round(ml(oil))} ml of oil to ${(fuel * 1000).toFixed(1)} l.`);
      lines.push({ label: 'Oil to add', value: exact(oil), unit: 'ml' });
    }
    const steps: string[] = [];
    const warnings: string[] = [];
    if (mixed !== null && was !== null) {
      const { addOil, addFuel } = correctMix(mixed, was, r);
      steps.push(
        addOil > 0
          ? `Add ${Math.round(ml(addOil))} ml of oil to what is in the tank, and shake it.`
          : addFuel > 0
            ? `Add ${(addFuel * 1000).toFixed(2)} l of plain fuel.`
            : 'The tank is right.',
      );
      lines.push({
        label: addFuel > 0 ? 'Fuel to add' : 'Oil to add to the tank',
        value: exact(addFuel > 0 ? addFuel : addOil),
        unit: addFuel > 0 ? 'l' : 'ml',
      });
      if (room !== null && mixed + addOil + addFuel > room)
        warnings.push(`That is ${((mixed + addOil + addFuel) * 1000).toFixed(1)} l: more than the tank holds. Drain some first.`);
    }
    const from = makers ?? was;
    if (from !== null && from !== r)
      steps.push(`From ${from}:1 to ${r}:1 the fuel through the same jets changes by ${(fuelChange(from, r) * 100).toFixed(1)} %.`);
    words.push(mixWords(r, makers));
    const less = makers !== null && r > makers * 1.05;
    return result({ tone: less ? 'bad' : makers === null ? 'open' : 'good', words: words.join(' '), lines, steps, warnings });
  },
};

const rows = ['1', '2', '3', '4', '5'];

export const use: Panel = {
  id: 'oil-use',
  group: 'oil',
  name: 'Oil use',
  about: 'Litres per 1,000 km over several fills to the same mark.',
  hazards: [],
  suits: (s) => s.strokes !== 'two',
  limits: ['oil-use'],
  blocks: () => [
    {
      title: 'Filled to the mark',
      places: rows.map((id) => ({ id, label: `Fill ${id}` })),
      columns: [
        figure('km', 'At', 'km', { plausible: plausible(0, 1e6, 'km') }),
        figure('added', 'Added', 'ml', { plausible: plausible(0, 10000, 'ml') }),
      ],
    },
  ],
  work: (v, s) => {
    const fills = filledRows(v, rows, ['km', 'added']).map((r) => ({ km: r.km / 1000, addedMl: ml(r.added) }));
    if (fills.some((f, i) => i > 0 && f.km < fills[i - 1].km))
      return result({ tone: 'bad', words: 'The mileage runs backwards: put the fills in their order.' });
    const u = oilUse(fills);
    if (!u) return { ...nothing, words: fills.length ? 'One more fill, later, to the same mark.' : nothing.words };
    const limit = s.limit('oil-use');
    const high = limit?.high == null ? 1 : limit.high * 1000;
    return result({
      tone: u.per1000Km > high ? 'bad' : u.per1000Km > high / 2 ? 'watch' : 'good',
      words: `${u.per1000Km.toFixed(2)} l per 1,000 km, over ${Math.round(u.overKm)} km.${u.per1000Km > high / 2 ? ' Breather first: a pinched hose pushes oil out. Then rings and guides.' : ''}`,
      lines: [
        {
          label: 'Per 1,000 km',
          value: exact(u.per1000Km / 1000),
          unit: 'l',
          limit: { low: null, high: high / 1000, source: limit?.source ?? 'general value', general: limit?.general ?? true },
          error: { relative: 0.1, absolute: 0 },
          keep: { quantity: 'oil-use', position: null },
        },
      ],
    });
  },
};

/** A level this near its mark is at it: what a stick can be read to. */
const aside = 20e-6;

export const level: Panel = {
  id: 'oil-level',
  group: 'oil',
  name: 'Oil level wrong',
  about: 'How much to take out, what it suggests, and when all of it must go.',
  hazards: ['waste-oil', 'old-fuel'],
  blocks: () => [
    {
      title: 'As found',
      fields: [
        figure('capacity', 'Holds', 'ml', { plausible: plausible(200, 10000, 'ml') }),
        figure('over', 'Over the mark', 'ml', { plausible: plausible(-10000, 10000, 'ml'), hint: 'negative where it is under' }),
        choice('smell', 'Smells of', { none: 'oil', fuel: 'fuel', burnt: 'burnt' }),
        yesNo('milky', 'Milky?'),
        yesNo('dry', 'Dry sump, with a tank?'),
        figure('stood', 'Stood for, months', '', { plausible: { low: 0, high: 1000 } }),
      ],
    },
  ],
  work: (v) => {
    const [capacity, over] = [v.figure('capacity'), v.figure('over')];
    const milky = v.choice('milky') === 'yes';
    const smell = (v.choice('smell') ?? 'none') as OilLevel['smell'];
    if (over === null && !milky && smell === 'none') return nothing;
    const a = oilLevelAdvice({
      capacityMl: ml(capacity ?? 0.002),
      overMl: ml(over ?? 0),
      smell,
      milky,
      drySump: v.choice('dry') === 'yes',
      stoodMonths: v.figure('stood') ?? 0,
    });
    return result({
      tone: a.drainMl === null ? 'bad' : a.drainMl > 0 || (over ?? 0) < 0 ? 'watch' : 'good',
      words:
        `${a.all ? 'All of it goes.' : a.drainMl !== null && a.drainMl > 0 ? `Take out ${Math.round(a.drainMl)} ml.` : ''} ${a.suggests}`.trim(),
      lines: a.drainMl ? [{ label: 'Take out', value: exact(a.drainMl / 1e6), unit: 'ml' }] : [],
      handed: [
        {
          testId: 'oil-check',
          position: null,
          outcome: milky ? 'milky' : smell === 'fuel' ? 'fuel' : (over ?? 0) > aside ? 'over' : (over ?? 0) < -aside ? 'low' : 'right',
        },
      ],
    });
  },
};

/** What sorting it says to the tracer: whether there is metal at all, and of which sort. */
function debrisTold(magnetic: boolean, family: DebrisFamily): Handed[] {
  const told = (testId: string, outcome: string): Handed => ({ testId, position: null, outcome });
  if (family === 'sealant' || family === 'paste') return [told('oil-magnet', 'clean')];
  if (family === 'fibre') return [told('magnet-oil', 'good'), told('bronze-oil', 'fibre')];
  if (magnetic) return [told('oil-magnet', 'metal'), told('magnet-oil', 'bad'), told('bronze-oil', 'good')];
  return [told('oil-magnet', 'metal'), told('magnet-oil', 'good'), told('bronze-oil', family === 'bronze' ? 'metal-bronze' : 'metal-grey')];
}

export const debris: Panel = {
  id: 'debris',
  group: 'oil',
  name: 'Oil debris',
  about: 'Magnet, colour, shape and size: where it can come from in this engine.',
  hazards: ['waste-oil'],
  blocks: () => [
    {
      title: 'Washed into a clean tray',
      fields: [
        yesNo('magnetic', 'Does a magnet take it?'),
        choice('colour', 'Colour', {
          bright: 'bright',
          dark: 'dark',
          copper: 'copper',
          brass: 'brass',
          'dull grey': 'dull grey',
          black: 'black',
          clear: 'clear or coloured, soft',
        }),
        choice('shape', 'Shape', {
          hairs: 'hairs',
          slivers: 'slivers',
          flakes: 'flakes',
          chips: 'chips',
          lump: 'a lump',
          fibre: 'fibre',
          paste: 'paste',
          thread: 'threads',
        }),
        figure('size', 'Size', 'mm', { plausible: { low: 0, high: 0.1 } }),
      ],
    },
    {
      title: 'This engine',
      fields: [
        yesNo('plain', 'Plain bearings?'),
        yesNo('wet', 'Clutch in the oil?'),
        yesNo('gears', 'Gearbox in the same oil?'),
        yesNo('camchain', 'Cam chain?'),
      ],
    },
  ],
  work: (v, s) => {
    const [magnetic, colour, shape] = ['magnetic', 'colour', 'shape'].map((id) => v.choice(id));
    if (magnetic === null || colour === null || shape === null) return nothing;
    const d = debrisVerdict(
      {
        magnetic: magnetic === 'yes',
        colour: colour as Debris['colour'],
        shape: shape as Debris['shape'],
        sizeMm: (v.figure('size') ?? 0.0003) * 1000,
      },
      {
        strokes: s.strokes,
        plainBearings: (v.choice('plain') ?? (s.bigEnd === 'plain' ? 'yes' : 'no')) === 'yes',
        wetClutch: v.choice('wet') !== 'no',
        gearboxInSameOil: v.choice('gears') !== 'no',
        camChain: v.choice('camchain') !== 'no',
      },
    );
    return result({
      tone: d.urgency === 'stop' ? 'bad' : d.urgency === 'watch' ? 'watch' : 'good',
      words: d.words,
      handed: s.strokes === 'two' ? [] : debrisTold(magnetic === 'yes', d.family),
      steps: d.sources.map((x) => `${x.part[0].toUpperCase()}${x.part.slice(1)}: ${x.why}.`),
    });
  },
};

export const fill: Panel = {
  id: 'oil-fill',
  group: 'oil',
  name: 'Fill',
  about: 'What goes in, in how many cans, and in which stages.',
  hazards: ['waste-oil'],
  blocks: () => [
    {
      title: 'Capacity',
      fields: [
        figure('dry', 'Dry', 'ml', { plausible: plausible(50, 20000, 'ml') }),
        figure('stays', 'Stays in after draining', 'ml', { plausible: plausible(0, 20000, 'ml') }),
        figure('can', 'A can holds', 'ml', { plausible: plausible(50, 20000, 'ml') }),
        figure('first', 'Filled at first', '%', { plausible: { low: 0.1, high: 1 } }),
      ],
    },
  ],
  work: (v) => {
    const dry = v.figure('dry');
    if (dry === null) return nothing;
    const stays = v.figure('stays') ?? 0;
    if (stays > dry) return result({ tone: 'bad', words: 'More stays in than it holds: check the values.' });
    const p = fillPlan({ dryMl: ml(dry), staysMl: ml(stays), canMl: ml(v.figure('can') ?? 0.001), firstShare: v.figure('first') ?? 0.8 });
    return result({
      tone: 'good',
      words: `${Math.round(p.neededMl)} ml: ${countWords(p.cans, 'can')}, ${Math.round(p.leftMl)} ml left over.`,
      steps: [
        `First ${Math.round(p.stagesMl[0])} ml.`,
        'Run it until the light is out and warm, stop, let it settle a few minutes.',
        `Then to the mark: about ${Math.round(p.stagesMl[1])} ml more.`,
      ],
      lines: [{ label: 'Goes in', value: exact(p.neededMl / 1e6), unit: 'ml' }],
    });
  },
};

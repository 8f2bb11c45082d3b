import {
  at,
  celsius,
  choice,
  exact,
  figure,
  nothing,
  perCylinder,
  plausible,
  result,
  rowsUpTo,
  shownRows,
  type Handed,
  type Panel,
} from '../panel';

const bolts = rowsUpTo(40);
const nm = plausible(0.1, 300, 'N·m');

/** Common practice: a fastener that moves under half of its figure is loose before anything else is suspected. */
const looseShare = 0.5;

export const firstMovement: Panel = {
  id: 'first-movement',
  group: 'engine',
  name: 'Breakaway torque',
  about: 'The torque at which each fastener first moves, from a click wrench raised in steps, against its torque.',
  hazards: [],
  blocks: (_s, v) => [
    { title: 'Their torque', fields: [figure('figure', 'Torque in the manual', 'N·m', { plausible: nm })] },
    {
      title: 'Raised in steps: held at this, moved at that',
      places: shownRows(v, bolts, ['moves'], 6).map((id) => ({ id, label: `Bolt ${id}` })),
      columns: [
        figure('moves', 'First moves', 'N·m', {
          quantity: 'first-movement',
          bracket: true,
          plausible: nm,
          hint: 'held-moved, as 7.5-8.5',
        }),
      ],
      note: 'First movement is not clamp: a gasket that has crept lowers it too.',
    },
  ],
  work: (v) => {
    const wanted = v.figure('figure');
    const moved = bolts.flatMap((id) => {
      const value = v.reading(at('moves', id));
      const middle = v.figure(at('moves', id));
      if (!value || middle === null) return [];
      const most = value.kind === 'interval' ? value.high : middle;
      const least = value.kind === 'interval' ? value.low : middle;
      return [{ id, value, least, most }];
    });
    if (moved.length === 0) return nothing;
    const half = wanted === null ? null : wanted * looseShare;
    const lines = moved.map((m) => ({
      label: `Bolt ${m.id}`,
      value: m.value,
      unit: 'N·m',
      limit: wanted === null ? null : { low: half, high: null, source: 'general value: half of its own', general: true },
      error: { relative: 0.02, absolute: 0 },
      note:
        wanted === null ? undefined : `${Math.round((m.least / wanted) * 100)} to ${Math.round((m.most / wanted) * 100)} % of its torque`,
    }));
    if (wanted === null || half === null) return result({ words: 'Enter their torque to judge them.', lines });
    const loose = moved.filter((m) => m.most < half);
    const unsure = moved.filter((m) => m.least < half && m.most >= half);
    return result({
      tone: loose.length ? 'bad' : unsure.length ? 'watch' : 'good',
      words: loose.length
        ? `Loose: ${loose.map((m) => `bolt ${m.id}`).join(', ')}. Loosening is the first suspect, before the gasket.`
        : unsure.length
          ? `Borderline: ${unsure.map((m) => `bolt ${m.id}`).join(', ')}. Try smaller steps on one that was not moved yet.`
          : 'They hold over half of their torque: check the gasket next.',
      lines,
      handed: unsure.length && !loose.length ? [] : [{ testId: 'bolts-click', position: null, outcome: loose.length ? 'bad' : 'good' }],
    });
  },
};

/** Common practice: a pipe that stays so much colder than the warmest one belongs to a cylinder that does not fire. */
const coldBy = 80;
/** One that is hotter than this has fired, if not each time. Common practice. */
const firedOnceC = 110;
/** And one that the gas never reached stays under this once another is too hot to touch. */
const neverWarm = { belowC: 60, whenAboveC: 95 };

export const pipes: Panel = {
  id: 'pipes',
  group: 'ignition',
  name: 'Which cylinder is dead',
  about: 'Each exhaust pipe a minute or two after a cold start: the one that stays cold.',
  hazards: ['hot-parts', 'exhaust-gas', 'moving-parts'],
  blocks: (s) => [
    perCylinder(
      s,
      'Close to the head, all at the same place',
      [figure('pipe', 'Pipe', '°C', { quantity: 'exhaust-temperature', plausible: { low: 233, high: 1000 } })],
      'A thermometer for surfaces reads low on bright metal: hold it to the same sort of spot on each, dull paint or a strip of tape.',
    ),
    { title: 'How it ran', fields: [choice('ran', 'Engine', { idle: 'at idle', fast: 'at 2,000 or so' })] },
  ],
  work: (v, s) => {
    const all = s.cylinders.flatMap((cylinder) => {
      const t = v.figure(at('pipe', cylinder));
      return t === null ? [] : [{ cylinder, celsius: celsius(t), kelvin: t }];
    });
    if (all.length < 2) return all.length ? result({ words: 'One pipe alone says little: take the others.' }) : nothing;
    const hottest = Math.max(...all.map((x) => x.celsius));
    const warm = hottest > neverWarm.whenAboveC;
    const behind = (x: { celsius: number }) => hottest - x.celsius > coldBy;
    const cold = all.filter((x) => (behind(x) && x.celsius < firedOnceC) || (warm && x.celsius < neverWarm.belowC));
    const weak = all.filter((x) => behind(x) && !cold.includes(x)).map((x) => x.cylinder);
    return result({
      tone: !warm ? 'open' : cold.length ? 'bad' : weak.length ? 'watch' : 'good',
      words: !warm
        ? 'None is warm yet: let it run a minute or two more.'
        : [
            cold.length === 1 ? `Cylinder ${cold[0].cylinder} does not fire: its pipe stays cold.` : '',
            cold.length > 1 ? `Cylinders ${cold.map((x) => x.cylinder).join(' and ')} do not fire: their pipes stay cold.` : '',
            weak.length ? `Cylinder ${weak.join(' and ')} stays well behind the hottest: it fires weakly, or now and then.` : '',
            cold.length + weak.length ? '' : 'All of them fire.',
          ]
            .filter(Boolean)
            .join(' '),
      lines: all.map((x) => ({
        label: `Cylinder ${x.cylinder}`,
        value: exact(x.kelvin),
        unit: '°C',
        limit: warm
          ? { low: Math.max(hottest - coldBy, neverWarm.belowC) + 273.15, high: null, source: 'the warmest of them', general: true }
          : null,
        error: { relative: 0, absolute: 3 },
      })),
      handed: warm
        ? // One that fires weakly is neither cold nor as it should be.
          all.flatMap((x): Handed[] =>
            weak.includes(x.cylinder)
              ? []
              : [{ testId: 'cold-pipe-feel', position: x.cylinder, outcome: cold.includes(x) ? 'bad' : 'good' }],
          )
        : [],
    });
  },
};

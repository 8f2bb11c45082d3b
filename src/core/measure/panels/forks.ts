import { gapAfterMm, legsAlike, oilForGapMl, sagVerdict, usualSag } from '../forks';
import { standingOf } from '../judge';
import { at, can, choice, exact, figure, mm, nothing, result, type Panel } from '../panel';

export const forks: Panel = {
  id: 'forks',
  group: 'drive',
  name: 'Forks',
  about: 'Air gap of either leg, oil to add or take, sag and protrusion.',
  hazards: ['springs', 'stand', 'brakes'],
  limits: ['fork-sag'],
  book: [{ quantity: 'fork-air-gap', low: 'wanted', high: 'wanted', owner: { field: 'whose', is: 'owner' } }],
  blocks: () => [
    {
      title: 'Air gap, springs out and legs pushed in',
      places: [
        { id: 'l', label: 'Left' },
        { id: 'r', label: 'Right' },
      ],
      columns: [
        figure('gap', 'Gap', 'mm', { quantity: 'fork-air-gap', plausible: { low: 0.02, high: 0.5 } }),
        figure('out', 'Stands out of the yoke', 'mm', { quantity: 'fork-protrusion', plausible: { low: 0, high: 0.1 } }),
      ],
    },
    {
      title: 'Wanted',
      fields: [
        figure('wanted', 'Gap', 'mm', { plausible: { low: 0.02, high: 0.5 } }),
        choice('whose', 'It is', { book: 'the manual’s', owner: 'the owner’s own' }),
        figure('tube', 'Tube inside', 'mm', { plausible: { low: 0.015, high: 0.07 } }),
      ],
    },
    {
      title: 'Sag, axle to a mark',
      fields: [
        figure('hanging', 'Wheel hanging', 'mm', { plausible: can.length }),
        figure('free', 'On its wheels', 'mm', { plausible: can.length }),
        figure('ridden', 'Rider on it', 'mm', { plausible: can.length }),
        figure('travel', 'Travel', 'mm', { plausible: { low: 0.02, high: 0.5 } }),
      ],
    },
  ],
  work: (v, s) => {
    const words: string[] = [];
    const steps: string[] = [];
    const lines = [];
    let tone: 'good' | 'watch' | 'bad' = 'good';
    const wanted = v.figure('wanted') ?? s.limit('fork-air-gap')?.low ?? null;
    const tube = v.figure('tube');
    const legs = (['l', 'r'] as const).map((id) => ({
      id,
      gap: v.figure(at('gap', id)),
      out: v.figure(at('out', id)),
      name: id === 'l' ? 'Left' : 'Right',
    }));
    for (const leg of legs) {
      if (leg.gap === null) continue;
      const limit =
        wanted === null
          ? null
          : {
              low: wanted - 0.002,
              high: wanted + 0.002,
              source: v.choice('whose') === 'owner' ? 'the owner’s own setting' : 'as entered here',
              general: false,
            };
      lines.push({ label: `${leg.name}, gap`, value: exact(leg.gap), unit: 'mm', limit, error: { relative: 0, absolute: 0.0005 } });
      if (wanted === null || Math.abs(leg.gap - wanted) <= 0.002) continue;
      tone = 'watch';
      const added = tube === null ? null : oilForGapMl(mm(tube), mm(leg.gap), mm(wanted));
      steps.push(
        added === null
          ? `${leg.name}: ${mm(Math.abs(leg.gap - wanted)).toFixed(0)} mm of oil level too ${leg.gap > wanted ? 'low' : 'high'}.`
          : `${leg.name}: ${added > 0 ? 'add' : 'take out'} ${Math.abs(added).toFixed(0)} ml, and the gap is ${gapAfterMm(mm(tube!), mm(leg.gap), added).toFixed(0)} mm.`,
      );
    }
    if (legs[0].gap !== null && legs[1].gap !== null && !legsAlike(mm(legs[0].gap), mm(legs[1].gap), 2).alike)
      words.push('The legs differ.');
    if (legs[0].out !== null && legs[1].out !== null && !legsAlike(mm(legs[0].out), mm(legs[1].out), 1).alike) {
      tone = 'bad';
      words.push(
        'The legs stand out of the yoke unevenly. They may only be set so: loosen the clamps, set both alike, tighten and measure again. Where they cannot be set alike, or the wheel does not go in freely, it is twisted yokes or a bent tube, and that goes to one who does it for a living.',
      );
    }
    const sag = ['hanging', 'free', 'ridden', 'travel'].map((id) => v.figure(id));
    if (sag.every((x) => x !== null)) {
      try {
        const limit = s.limit('fork-sag');
        const band = limit && !limit.general ? { low: limit.serviceLow ?? limit.low, high: limit.serviceHigh ?? limit.high } : usualSag;
        const sagged = sagVerdict({ hangingMm: mm(sag[0]!), freeMm: mm(sag[1]!), riddenMm: mm(sag[2]!), travelMm: mm(sag[3]!) }, band);
        words.push(sagged.words);
        if (standingOf(sagged.riddenShare, limit) === 'out' && tone === 'good') tone = 'watch';
        lines.push({
          label: 'Sag with rider',
          value: exact(sagged.riddenShare),
          unit: '%',
          limit,
          error: { relative: 0, absolute: 0.01 },
          keep: { quantity: 'fork-sag', position: null },
        });
      } catch (e) {
        if (!(e instanceof RangeError)) throw e;
        words.push('It can only sink further with a rider on it, and no further than its travel: check the values.');
        tone = 'bad';
      }
    }
    if (lines.length + words.length === 0) return nothing;
    const open = words.length + steps.length === 0 && wanted === null;
    return result({
      tone: open ? 'open' : tone,
      words: words.join(' ') || (steps.length ? 'Oil to move.' : wanted === null ? 'Enter the gap that is wanted.' : 'Both legs right.'),
      lines,
      steps,
    });
  },
};

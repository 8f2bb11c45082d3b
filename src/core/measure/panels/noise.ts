import { matchOrders, turningIn } from '../noise';
import { can, choice, exact, figure, nothing, result, rpm, type Handed, type Panel } from '../panel';

const teeth = { low: 5, high: 120 };

export const noise: Panel = {
  id: 'noise',
  group: 'noise',
  name: 'Knock rate',
  about: 'How often it knocks at which revs: which shaft turns so, in this engine.',
  hazards: ['moving-parts', 'exhaust-gas', 'hot-parts'],
  blocks: () => [
    {
      title: 'As heard',
      fields: [
        figure('rate', 'Knocks', 'Hz', { plausible: { low: 0.1, high: 20000 } }),
        figure('count', 'or counted in ten seconds', '', { plausible: { low: 1, high: 400 } }),
        figure('revs', 'At', 'rpm', { plausible: can.revs }),
        choice('load', 'Loudest', { load: 'on load', off: 'off load', both: 'both alike' }),
        choice('lever', 'With the clutch lever in', { stays: 'it stays', comes: 'it comes', goes: 'it goes' }),
      ],
    },
    {
      title: 'Teeth, as far as they are known',
      fields: [
        figure('p1', 'Primary, on the crank', '', { plausible: teeth }),
        figure('p2', 'Primary, on the clutch', '', { plausible: teeth }),
        figure('g1', 'Gear engaged, input', '', { plausible: teeth }),
        figure('g2', 'output', '', { plausible: teeth }),
        figure('f1', 'Front sprocket', '', { plausible: teeth }),
        figure('f2', 'Rear sprocket', '', { plausible: teeth }),
        figure('c1', 'Cam chain wheel on the crank', '', { plausible: teeth }),
        figure('c2', 'Links of the cam chain', '', { plausible: { low: 20, high: 200 } }),
        figure('balancer', 'Balancer, times the crank', '', { plausible: { low: 0.1, high: 4 } }),
      ],
    },
  ],
  work: (v, s) => {
    const revs = v.figure('revs');
    const count = v.figure('count');
    const rate = v.figure('rate') ?? (count === null ? null : count / 10);
    const leverHanded = ((): Handed[] => {
      const said = { stays: 'good', comes: 'comes', goes: 'goes' }[v.choice('lever') ?? ''];
      return said ? [{ testId: 'noise-lever', position: null, outcome: said }] : [];
    })();
    if (revs === null || rate === null || revs <= 0)
      return leverHanded.length ? result({ words: 'Enter how often it knocks, and at which revs.', handed: leverHanded }) : nothing;
    const pair = (a: string, b: string) => {
      const [driving, driven] = [v.figure(a), v.figure(b)];
      return driving === null || driven === null ? null : { driving, driven };
    };
    const cam = pair('c1', 'c2');
    const balancer = v.figure('balancer');
    const turning = turningIn({
      strokes: s.strokes ?? 'four',
      cylinders: s.cylinders.length,
      primary: pair('p1', 'p2'),
      gear: pair('g1', 'g2'),
      final: pair('f1', 'f2'),
      camChain: cam && { crankTeeth: cam.driving, links: cam.driven },
      others: balancer === null ? [] : [{ what: 'balancer', order: balancer }],
    });
    // A count of ten seconds is a knock out at either end; a rev counter is read to some thirty a minute.
    const error = v.figure('rate') === null ? 0.1 : rate * 0.02;
    const { order, matches } = matchOrders({ value: rate, error }, { value: rpm(revs), error: 30 }, turning);
    const steps: string[] = [];
    const lever = v.choice('lever');
    // The release bearing is loaded with the lever in; the input shaft stands still then, in gear or not.
    if (lever === 'comes') steps.push('It comes with the lever in: the release bearing, which is only loaded then.');
    if (lever === 'goes') steps.push('It goes with the lever in: the gearbox input shaft or its bearing, or the clutch basket.');
    if (v.choice('load') === 'load' && s.strokes !== 'two')
      steps.push('On load: anything that takes the firing, small end and big end first; a second answer at another speed parts them.');
    return result({
      tone: matches.length ? 'watch' : 'open',
      words: matches.length
        ? `Order ${order.value.toFixed(2)} of the crank: ${matches[0].what}.${
            matches.length > 1
              ? ` Or: ${matches
                  .slice(1)
                  .map((m) => m.what)
                  .join('; ')}.`
              : ''
          }`
        : `Order ${order.value.toFixed(2)}: nothing that is known here turns so. Enter more teeth, or count again at another speed.`,
      lines: [
        {
          label: 'Times for each turn of the crank',
          value: exact(order.value),
          unit: 'to 1',
          limit: matches.length
            ? { low: matches[0].order - 2 * order.error, high: matches[0].order + 2 * order.error, source: matches[0].what, general: false }
            : null,
          error: { relative: 0, absolute: 0 },
        },
      ],
      steps,
      handed: [
        ...leverHanded,
        ...(matches.length === 0 || s.strokes === 'two'
          ? []
          : [{ testId: 'noise-rate', position: null, outcome: Math.abs(matches[0].order - 0.5) < 1e-9 ? 'bad' : 'good' }]),
      ],
    });
  },
};

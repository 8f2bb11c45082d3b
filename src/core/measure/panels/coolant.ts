import { drainAndReplaceMl, freezesAtC, shareFor } from '../coolant';
import { celsius, exact, figure, nothing, plausible, result, yesNo, type Panel } from '../panel';

export const coolant: Panel = {
  id: 'coolant',
  group: 'drive',
  name: 'Coolant',
  about: 'The mix against frost, what to drain and replace, and how to bleed it.',
  hazards: ['hot-coolant'],
  suits: (s) => s.cooling !== 'air',
  blocks: () => [
    {
      title: 'System',
      fields: [
        figure('capacity', 'Holds', 'ml', { plausible: plausible(100, 8000, 'ml') }),
        figure('now', 'Mixed now', '%', { plausible: { low: 0, high: 0.6 } }),
        figure('frost', 'Safe down to', '°C', { plausible: { low: 223, high: 283 } }),
        yesNo('bled', 'Bled at its highest point, front raised?'),
      ],
    },
  ],
  work: (v) => {
    const frost = v.figure('frost');
    const now = v.figure('now');
    if (frost === null && now === null) return nothing;
    const lines =
      now === null
        ? []
        : [
            {
              label: 'Freezes at',
              value: exact(freezesAtC(now) + 273.15),
              unit: '°C',
              limit: frost === null ? null : { low: null, high: frost, source: 'as entered here', general: false },
              error: { relative: 0, absolute: 1 },
              keep: { quantity: 'coolant-frost', position: null },
            },
          ];
    const steps = [
      'Cold engine, cap off first, low hose before high hose; catch it, it poisons animals.',
      'Fill slowly; open the bleed screw at the highest point with the front raised. Make sure that it is the bleed screw: the manual can be wrong.',
      'Warm it until the thermostat opens, let it cool right down, top it up.',
    ];
    if (frost === null) return result({ tone: 'open', words: `Safe down to ${freezesAtC(now!).toFixed(0)} °C.`, lines, steps });
    const wanted = shareFor(celsius(frost));
    const capacity = v.figure('capacity');
    const enough = now !== null && now >= wanted - 0.005;
    const drained = now !== null && capacity !== null && !enough ? drainAndReplaceMl(capacity * 1e6, now, wanted) : null;
    // A mix that is weak for the frost wanted is what the tracer's look at the mix would find.
    const handed = now === null ? [] : [{ testId: 'coolant-mix', position: null, outcome: enough ? 'good' : 'weak' }];
    return result({
      handed,
      tone: enough ? (v.choice('bled') === 'no' ? 'watch' : 'good') : 'watch',
      words: enough
        ? 'Strong enough.'
        : `It takes ${Math.round(wanted * 100)} %.${drained === null ? '' : ` Drain ${Math.round(drained)} ml and fill as much concentrate.`}`,
      lines,
      steps,
    });
  },
};

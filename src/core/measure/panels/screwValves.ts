import { aimMm, screwTurns, type Aim } from '../valves';
import { at, figure, mm, nothing, result, type Panel } from '../panel';
import { setupFields, foundGrids, valvesOf, clearanceHead, eachOf, bandOf, positions, handedOf, foundLine, warningsOf } from './valveSetup';

export const screwValves: Panel = {
  id: 'valves-screws',
  ...clearanceHead,
  name: 'Clearances, screws',
  about: 'Each valve as found, and how far to turn its screw.',
  blocks: (s, v) => [
    {
      title: 'Cold engine, and the band of the manual',
      fields: [
        ...setupFields,
        figure('pitch', 'Pitch of the screw', 'mm', { plausible: { low: 0.0003, high: 0.002 }, hint: '0.75 is usual on M6' }),
      ],
    },
    ...foundGrids(s, v, 'Found'),
  ],
  work: (v, s) => {
    const valves = valvesOf(s, eachOf(v));
    const lines = valves.flatMap((x) => foundLine(x, v, s));
    const pitch = v.figure('pitch') ?? 0.00075;
    const aim = (v.choice('aim') ?? 'middle') as Aim;
    const turns = valves.flatMap((x) => {
      const found = v.figure(at('found', x.id));
      const band = bandOf(v, s, x.side);
      if (found === null || !band) return [];
      const r = v.reading(at('found', x.id))!;
      const inside =
        r.kind === 'exact'
          ? mm(found) >= band.lowMm && mm(found) <= band.highMm
          : r.kind === 'interval' && mm(r.low) >= band.lowMm && mm(r.high) <= band.highMm;
      const t = screwTurns({ foundMm: mm(found), wantedMm: aimMm(band, aim), pitchMm: mm(pitch) });
      return [
        {
          x,
          inside,
          words: inside
            ? `${x.label}: leave it.`
            : `${x.label}: ${Math.round(Math.abs(t) * 360)} degrees ${t > 0 ? 'out' : 'in'}, to ${aimMm(band, aim).toFixed(3)} mm.`,
        },
      ];
    });
    if (lines.length === 0) return { ...nothing, steps: positions(v, s), warnings: warningsOf(v, s) };
    const off = turns.filter((t) => !t.inside);
    return result({
      tone: turns.length < lines.length ? 'open' : off.length ? 'bad' : 'good',
      words:
        turns.length < lines.length
          ? 'Enter the band of the manual to judge them.'
          : off.length
            ? `${off.length} of ${turns.length} to set.`
            : 'All within the band.',
      lines,
      steps: [
        ...positions(v, s),
        ...turns.map((t) => t.words),
        ...(off.length ? ['Hold the screw while its nut is tightened, then measure again: two full turns by hand first.'] : []),
      ],
      warnings: warningsOf(v, s),
      handed: handedOf(valves, v, s),
    });
  },
};

import { camTiming, sprocketError } from '../valves';
import { can, exact, figure, nothing, result, type Panel } from '../panel';

/** Crank degrees that a worn chain and the reading explain between them. Common practice. */
const readAside = 4;

export const valveTiming: Panel = {
  id: 'valve-timing',
  group: 'valves',
  name: 'Valve timing',
  about: 'Durations, lobe centres and overlap from a degree wheel; a cam that is a tooth out.',
  hazards: ['moving-parts'],
  book: [
    { quantity: 'lobe-centre-inlet', low: 'in-centre', high: 'in-centre' },
    { quantity: 'lobe-centre-exhaust', low: 'ex-centre', high: 'ex-centre' },
  ],
  suits: (s) => s.strokes !== 'two',
  blocks: () => [
    {
      title: 'Degree wheel, at the lift the manual names. Cam-chain tension first.',
      fields: [
        figure('io', 'Inlet opens before the top', '°', { plausible: can.signedAngle }),
        figure('ic', 'Inlet closes after the bottom', '°', { plausible: can.signedAngle }),
        figure('eo', 'Exhaust opens before the bottom', '°', { plausible: can.signedAngle }),
        figure('ec', 'Exhaust closes after the top', '°', { plausible: can.signedAngle }),
      ],
    },
    {
      title: 'The manual',
      fields: [
        figure('in-centre', 'Inlet lobe centre after the top', '°', { plausible: can.signedAngle }),
        figure('ex-centre', 'Exhaust lobe centre before the top', '°', { plausible: can.signedAngle }),
        figure('teeth', 'Teeth of the cam sprocket', '', { plausible: { low: 8, high: 80 } }),
      ],
    },
  ],
  work: (v, s) => {
    const degrees = (x: number | null) => (x === null ? null : (x * 180) / Math.PI);
    const deg = (id: string) => degrees(v.figure(id));
    const [io, ic, eo, ec] = ['io', 'ic', 'eo', 'ec'].map(deg);
    if (io === null || ic === null || eo === null || ec === null) return nothing;
    const t = camTiming({ inletOpens: io, inletCloses: ic, exhaustOpens: eo, exhaustCloses: ec });
    const rad = (x: number) => exact((x * Math.PI) / 180);
    const teeth = v.figure('teeth');
    const errors = (['inlet', 'exhaust'] as const).flatMap((side) => {
      const book = deg(side === 'inlet' ? 'in-centre' : 'ex-centre') ?? degrees(s.limit(`lobe-centre-${side}`)?.low ?? null);
      if (book === null || teeth === null) return [];
      const e = sprocketError(side, side === 'inlet' ? t.inletCentre : t.exhaustCentre, book, teeth);
      const late = `${Math.abs(e.lateDegrees).toFixed(1)} degrees ${e.lateDegrees >= 0 ? 'late' : 'early'}`;
      return [
        {
          e,
          words:
            e.wholeTeeth === 0
              ? Math.abs(e.lateDegrees) < 0.5
                ? `The ${side} cam is where the manual has it.`
                : Math.abs(e.lateDegrees) > readAside
                  ? `The ${side} cam is ${late}: no whole tooth, but more than a worn chain or the reading explains. Tensioner and marks first, then measure again.`
                  : `The ${side} cam is ${late}: no tooth out; a worn chain or the reading.`
              : `The ${side} cam is ${late}: ${Math.abs(e.wholeTeeth)} ${Math.abs(e.wholeTeeth) === 1 ? 'tooth' : 'teeth'} out.`,
        },
      ];
    });
    const out = errors.some((x) => x.e.wholeTeeth !== 0);
    const far = errors.some((x) => Math.abs(x.e.lateDegrees) > readAside);
    return result({
      tone: errors.length === 0 ? 'open' : out || far ? 'bad' : 'good',
      words: errors.length ? errors.map((x) => x.words).join(' ') : 'Enter the manual’s lobe centres and the sprocket’s teeth to judge it.',
      lines: [
        { label: 'Inlet open for', value: rad(t.inletDuration), unit: '°' },
        { label: 'Exhaust open for', value: rad(t.exhaustDuration), unit: '°' },
        {
          label: 'Inlet centre, after the top',
          value: rad(t.inletCentre),
          unit: '°',
          keep: { quantity: 'lobe-centre-inlet', position: null },
        },
        {
          label: 'Exhaust centre, before the top',
          value: rad(t.exhaustCentre),
          unit: '°',
          keep: { quantity: 'lobe-centre-exhaust', position: null },
        },
        { label: 'Overlap', value: rad(t.overlap), unit: '°' },
      ],
      warnings: out ? ['A cam that is teeth out lets valves meet pistons: turn by hand only until it is right.'] : [],
      handed: errors.length === 2 || out || far ? [{ testId: 'cam-marks', position: null, outcome: out || far ? 'off' : 'level' }] : [],
    });
  },
};

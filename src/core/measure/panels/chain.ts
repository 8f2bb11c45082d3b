import { beltTensionN, chainWear, pitchMm, ratioOf, revsAt, teethWords } from '../drive';
import { judge } from '../judge';
import { can, choice, exact, figure, mm, nothing, result, type PanelLine, type Panel, type PanelSubject } from '../panel';

/** The general value is that of a chain in the open: one in oil has half of it. */
const wearLimit = (s: PanelSubject, runs: 'open' | 'in oil') => {
  const limit = s.limit('chain-wear');
  return limit?.general && limit.high !== null && runs === 'in oil' ? { ...limit, high: limit.high / 2 } : limit;
};

/** Less than this at its tightest place is none. Common practice. */
const noSlack = 0.005;

export const chain: Panel = {
  id: 'chain',
  group: 'drive',
  name: 'Chain and sprockets',
  about: 'Wear over so many pins, slack, teeth, and the ratio.',
  hazards: ['moving-parts'],
  limits: ['chain-slack', 'chain-wear'],
  blocks: () => [
    {
      title: 'Chain, pulled tight',
      fields: [
        choice('chain', 'Number', Object.fromEntries(Object.keys(pitchMm).map((n) => [n, n]))),
        figure('spaces', 'Over so many spaces', '', { plausible: { low: 5, high: 130 } }),
        figure('length', 'Length', 'mm', { plausible: { low: 0.05, high: 2 } }),
        choice('runs', 'Runs', { open: 'in the open', 'in oil': 'in oil' }),
        figure('slack', 'Slack at its tightest place', 'mm', { quantity: 'chain-slack', plausible: { low: 0, high: 0.15 } }),
      ],
      note: 'Never by hand on a running chain.',
    },
    {
      title: 'Sprockets',
      fields: [
        figure('front', 'Teeth in front', '', { plausible: { low: 8, high: 40 } }),
        figure('rear', 'Teeth behind', '', { plausible: { low: 20, high: 80 } }),
        choice('teeth', 'They look', { even: 'even', hooked: 'hooked', sharp: 'sharp' }),
        figure('wheel', 'Wheel, all round', 'mm', { plausible: { low: 0.8, high: 3 } }),
        figure('inner', 'Ratio before the chain', '', { plausible: { low: 1, high: 30 } }),
      ],
    },
  ],
  work: (v, s) => {
    const words: string[] = [];
    const lines: PanelLine[] = [];
    let tone: 'good' | 'watch' | 'bad' = 'good';
    const [number, spaces, length] = [v.choice('chain'), v.figure('spaces'), v.figure('length')];
    if (number && spaces !== null && length !== null) {
      const runs = (v.choice('runs') ?? 'open') as 'open' | 'in oil';
      const limit = wearLimit(s, runs);
      const w = chainWear(number, spaces, mm(length), runs, limit?.serviceHigh ?? limit?.high ?? undefined);
      words.push(w.words);
      if (w.worn) tone = 'bad';
      lines.push({
        label: 'Longer by',
        value: exact(w.share),
        unit: '%',
        limit,
        keep: { quantity: 'chain-wear', position: null },
        error: { relative: 0, absolute: 0.0005 / ((spaces * pitchMm[number]) / 1000) / 2 },
      });
    }
    const slack = v.figure('slack');
    if (slack !== null) {
      const line = {
        label: 'Slack',
        value: exact(slack),
        unit: 'mm',
        limit: s.limit('chain-slack'),
        error: { relative: 0, absolute: 1e-3 },
      };
      lines.push(line);
      const { verdict } = judge(line.value, line.limit, line.error);
      const said = {
        low: 'Too tight at its tightest place: it wears bearings and sprockets. Slacken it.',
        high: 'Too slack: it may climb off. Tighten it, and look whether it is worn out.',
        'past service': 'Slack past the service limit.',
        in: 'Slack is right.',
        'in service': 'Slack is within the service limit: watch it.',
        'no limit': 'No limit to hold the slack against: enter this bike’s.',
        borderline: 'Slack is borderline: measure again, at the tightest place.',
      }[verdict as string];
      if (said) words.push(said);
      if (verdict === 'low' || verdict === 'high' || verdict === 'past service') tone = 'bad';
      else if (verdict !== 'in' && tone === 'good') tone = 'watch';
    }
    const teeth = v.choice('teeth') as 'even' | 'hooked' | 'sharp' | null;
    if (teeth) {
      words.push(teethWords(teeth));
      if (teeth !== 'even') tone = 'bad';
    }
    const [front, rear] = [v.figure('front'), v.figure('rear')];
    if (front !== null && rear !== null) {
      const r = ratioOf(rear, front);
      lines.push({ label: 'Ratio', value: exact(r), unit: 'to 1' });
      const wheel = v.figure('wheel');
      if (wheel !== null)
        lines.push({ label: 'Revs at 80 km/h', value: exact(revsAt(80, mm(wheel), r * (v.figure('inner') ?? 1)) / 60), unit: 'rpm' });
    }
    if (words.length + lines.length === 0) return nothing;
    return result({
      tone,
      words: words.join(' ') || 'See the values.',
      lines,
      handed: [
        ...(slack === null ? [] : [{ testId: 'chain-slack-low', position: null, outcome: slack <= noSlack ? 'none' : 'good' }]),
        ...(teeth ? [{ testId: 'sprocket-look', position: null, outcome: teeth === 'even' ? 'good' : 'bad' }] : []),
      ],
    });
  },
};

const force = { low: 0, high: 20000 };

export const belt: Panel = {
  id: 'belt',
  group: 'drive',
  name: 'Belt tension by torque',
  about: 'A torque on the pivoting unit that sets a belt’s tension.',
  hazards: ['moving-parts'],
  book: [{ quantity: 'belt-tension', low: 'from', high: 'to' }],
  blocks: () => [
    {
      title: 'Unit on its pivot, its other bolts loose',
      fields: [
        figure('torque', 'Torque on it', 'N·m', { plausible: { low: 0.1, high: 100 } }),
        figure('arm', 'Pivot to the belt’s line', 'mm', { plausible: { low: 0.01, high: 0.5 } }),
        figure('angle', 'Angle between arm and belt', '°', { plausible: can.signedAngle }),
        figure('from', 'Tension of the manual, from', 'N', { plausible: force }),
        figure('to', 'to', 'N', { plausible: force }),
      ],
    },
  ],
  work: (v, s) => {
    const [torque, arm] = [v.figure('torque'), v.figure('arm')];
    if (torque === null || arm === null) return nothing;
    const angle = v.figure('angle');
    const deg = angle === null ? 90 : (angle * 180) / Math.PI;
    if (deg <= 0 || deg >= 180) return result({ tone: 'bad', words: 'At this angle the arm does not pull at the belt.' });
    const n = beltTensionN(torque, mm(arm), deg);
    const known = s.limit('belt-tension');
    const [from, to] = [v.figure('from') ?? known?.low ?? null, v.figure('to') ?? known?.high ?? null];
    const outside = (from !== null && n < from) || (to !== null && n > to);
    return result({
      tone: from === null && to === null ? 'open' : outside ? 'bad' : 'good',
      words: `Each run is pulled with ${n.toFixed(0)} N.${outside ? ` Set ${((((from ?? to!) + (to ?? from!)) / 2 / n) * torque).toFixed(1)} N·m instead.` : ''} Hold it there while the other bolts are torqued.`,
      lines: [
        {
          label: 'Tension of each run',
          value: exact(n),
          unit: 'N',
          limit: from === null && to === null ? null : { low: from, high: to, source: 'as entered here', general: false },
          error: { relative: 0.05, absolute: 0 },
          keep: { quantity: 'belt-tension', position: null },
        },
      ],
    });
  },
};

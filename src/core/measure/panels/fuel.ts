import { densityAt } from '../air';
import { areaChange, balanceAdvice, holeMm2, jetForDensity, nearestJet, screwsFor } from '../carburettor';
import {
  at,
  can,
  choice,
  engineField,
  exact,
  figure,
  mm,
  noteOf,
  nothing,
  plausible,
  result,
  type Grid,
  type PanelLine,
  type Panel,
  type PanelSubject,
  type Values,
} from '../panel';
import type { Plausible } from '../../quantity';

const jet = { low: 0.0002, high: 0.005 };
const parts = [
  { id: 'main', label: 'Main jet' },
  { id: 'pilot', label: 'Pilot jet' },
  { id: 'needle-jet', label: 'Needle jet' },
  { id: 'air', label: 'Air jet' },
];

const needleAndSlide = [
  { id: 'needle', label: 'Needle' },
  { id: 'groove', label: 'Groove, from the top' },
  { id: 'slide', label: 'Slide, its cutaway' },
];

/** A lower groove from the top lifts the needle, a deeper cutaway lets in air: what a number that differs does. */
function mixtureWords(id: string, here: string, book: string): string {
  const [a, b] = [here, book].map((x) => Number(/[\d.]+/.exec(x)?.[0]));
  if (id === 'needle' || !Number.isFinite(a) || !Number.isFinite(b) || a === b) return '';
  const richer = id === 'groove' ? a > b : a < b;
  return ` ${richer ? 'Richer' : 'Leaner'} ${id === 'groove' ? 'from a quarter to three quarters of the throttle' : 'just off idle'}.`;
}

/** One setting in a row: as it was, as the manual has it, as it goes back. */
const foundBookChosen = (id: string, title: string, label: string, unit: string, quantity: string, plausible: Plausible): Grid => ({
  title,
  places: [{ id, label }],
  columns: [
    figure('found', 'As found', unit, { quantity, at: 'as found', plausible }),
    figure('book', 'The manual', unit, { plausible }),
    figure('chosen', 'As chosen', unit, { quantity, at: 'as chosen', plausible }),
  ],
});

/** The jets that may differ from one carburettor to the next: the middle ones of a four often have other mains. */
const each = parts.slice(0, 2);
const eachId = (part: string) => `each-${part}`;

/** Main and pilot jet of every carburettor after the first; none on a single. */
const othersOf = (s: PanelSubject): Grid[] =>
  s.cylinders.length < 2
    ? []
    : [
        {
          title: 'The other carburettors',
          cylinders: true,
          places: s.cylinders.slice(1).map((c) => ({ id: c, label: `Carburettor ${c}` })),
          columns: each.map((p) => figure(eachId(p.id), `${p.label}, as found`, 'mm', { quantity: 'jet-hole', at: p.id, plausible: jet })),
          note: 'Compared with the manual’s values above. Some manuals give others for the inner ones.',
        },
      ];

/** Two holes whose areas differ by no more than this share are the same jet. */
const sameHole = 0.005;

/** One jet on its bar, beside the manual's hole where that is known; both in m. */
const jetLine = (label: string, hole: number, book: number | null): PanelLine => ({
  label,
  value: exact(hole),
  unit: 'mm',
  limit: book === null ? null : { low: book * 0.995, high: book * 1.005, source: 'as entered here', general: false },
  error: { relative: 0, absolute: 2e-6 },
  note: `${holeMm2(mm(hole)).toFixed(3)} mm²`,
});

/** What the colour of a plug says of the mixture. Common practice. */
const reads: Record<string, string> = {
  light: 'Plug: light brown, right for that load. Read it after a clean cut, engine off and clutch in.',
  white: 'Plug: white: lean, or too hot a plug, or early. Find out before it is run hard.',
  sooty: 'Plug: sooty: rich, choke stuck, or too cold a plug.',
  oily: 'Plug: oily: not the mixture; rings, guides or too much oil.',
  bubbled: 'Plug: bubbled: far too hot. Do not run it on.',
};

const note = noteOf('jets')!;

/** Every setting that is noted of a carburettor: its name in the note, and the field that holds it as found and as chosen. */
const noted = [
  ...parts.map((p) => ({ name: p.label, unit: 'mm', found: at('found', p.id), chosen: at('chosen', p.id) })),
  ...needleAndSlide.map((p) => ({ name: p.label, unit: '', found: at('was', p.id), chosen: at('now', p.id) })),
  { name: 'Float height', unit: 'mm', found: 'found#float', chosen: 'chosen#float' },
  { name: 'Mixture screw', unit: 'turns', found: 'found#screw', chosen: 'chosen#screw' },
];

const othersNoted = (s: PanelSubject) =>
  s.cylinders
    .slice(1)
    .flatMap((c) => each.map((p) => ({ name: `${p.label}, carburettor ${c}`, unit: 'mm', found: at(eachId(p.id), c), chosen: '' })));

/** Settings as they are noted: "Main jet: 1.05 mm; Needle: third groove"; a figure stands in its usual unit. */
const jetWords = (v: Values, s: PanelSubject, of: 'found' | 'chosen'): string =>
  [...noted, ...othersNoted(s)]
    .flatMap((x) => {
      const id = x[of];
      if (!id) return [];
      const figure = x.unit ? v.figure(id) : null;
      const text = x.unit
        ? figure === null
          ? ''
          : `${Number((x.unit === 'mm' ? mm(figure) : figure).toFixed(4))} ${x.unit}`
        : v.text(id).trim().replace(/;/g, ',');
      return text ? [`${x.name}: ${text}`] : [];
    })
    .join('; ');

/** Notes of the strip for a carburettor: how it was set, and how it goes back where that was chosen. */
function jetNotes(v: Values, s: PanelSubject): { about: string; says: string }[] {
  const [was, chosen] = [jetWords(v, s, 'found'), jetWords(v, s, 'chosen')];
  return [...(was ? [{ about: note.about, says: was }] : []), ...(chosen ? [{ about: note.chosen!, says: chosen }] : [])];
}

export const jets: Panel = {
  id: 'jets',
  group: 'fuel',
  name: 'Jets and needle',
  about: 'As found, as the manual has it, as chosen: what each does to the flow, and what height and heat ask for.',
  hazards: ['fuel-vapour', 'degreaser'],
  book: [
    { quantity: 'float-height', low: 'book#float', high: 'book#float' },
    { quantity: 'mixture-screw', low: 'book#screw', high: 'book#screw' },
  ],
  blocks: (s) => [
    {
      title: s.cylinders.length > 1 ? 'Size of the hole, carburettor 1' : 'Size of the hole',
      places: parts,
      columns: [
        figure('found', 'As found', 'mm', { quantity: 'jet-hole', at: 'as found', plausible: jet }),
        figure('book', 'The manual', 'mm', { plausible: jet }),
        figure('chosen', 'As chosen', 'mm', { quantity: 'jet-hole', at: 'as chosen', plausible: jet }),
        { kind: 'text', id: 'why', label: 'Why' },
      ],
      note: 'A number stamped on a jet is often its hole in hundredths of a millimetre; some makers stamp a flow instead. A wire of known size proves it.',
    },
    {
      title: 'Needle and slide',
      places: needleAndSlide,
      columns: [
        { kind: 'text', id: 'was', label: 'As found' },
        { kind: 'text', id: 'says', label: 'The manual' },
        { kind: 'text', id: 'now', label: 'As chosen' },
      ],
    },
    foundBookChosen('float', 'Float height', 'Float', 'mm', 'float-height', can.float),
    foundBookChosen('screw', 'Mixture screw, turns out', 'Screw', 'turns', 'mixture-screw', can.turns),
    ...othersOf(s),
    {
      title: 'Clear tube on each drain',
      cylinders: true,
      places: s.cylinders.map((c) => ({ id: c, label: s.cylinders.length > 1 ? `Carburettor ${c}` : 'Carburettor' })),
      columns: [
        figure('level', 'Above (+) or below (−) the manual’s level', 'mm', {
          quantity: 'fuel-level',
          plausible: { low: -0.03, high: 0.03 },
        }),
      ],
      note: 'Engines with fewer carburettors than cylinders: only those that there are.',
    },
    {
      title: 'Air it will run in',
      fields: [
        figure('height', 'Height above the sea', 'm', { plausible: { low: -100, high: 6000 } }),
        figure('t', 'Temperature', '°C', { plausible: can.celsius }),
        choice('plug', 'Plug looks', {
          light: 'light brown',
          white: 'white',
          sooty: 'sooty black',
          oily: 'oily',
          bubbled: 'bubbled or specked',
        }),
      ],
    },
  ],
  recall: (s) => {
    const said = new Map((s.noted?.(note.about) ?? '').split(';').map((x) => x.split(':').map((t) => t.trim()) as [string, string]));
    return Object.fromEntries(
      [...noted, ...othersNoted(s)].flatMap((x) => {
        const text = said.get(x.name);
        return text ? [[x.found, x.unit ? text.replace(new RegExp(` ${x.unit}$`), '') : text]] : [];
      }),
    );
  },
  // eslint-disable-next-line max-lines-per-function -- what jets, needle, float, screw and plug say is weighed together
  work: (v, s) => {
    const height = v.figure('height');
    const t = v.figure('t');
    const before = densityAt(0);
    const now = height === null && t === null ? before : densityAt(height ?? 0, t ?? undefined);
    const steps: string[] = [];
    const air: string[] = [];
    const lines = parts.flatMap((p) => {
      const [found, book, chosen] = ['found', 'book', 'chosen'].map((id) => v.figure(at(id, p.id)));
      const here = chosen ?? found;
      if (here === null) return [];
      const change = book === null ? null : areaChange(holeMm2(mm(book)), holeMm2(mm(here)));
      const leaner = p.id === 'air' ? -1 : 1;
      if (change !== null && Math.abs(change) > sameHole)
        steps.push(
          `${p.label}: ${Math.abs(change * 100).toFixed(0)} % ${change > 0 ? 'more' : 'less'} than the manual, so ${change * leaner > 0 ? 'richer' : 'leaner'}${p.id === 'main' ? ' at full throttle' : p.id === 'pilot' ? ' at idle' : ''}.`,
        );
      if (book !== null && p.id === 'main' && Math.abs(now / before - 1) > 0.01) {
        const wanted = jetForDensity(mm(book), before, now);
        air.push(
          `For this air the manual’s ${mm(book).toFixed(3)} mm becomes ${wanted.toFixed(3)} mm: the nearest made is ${nearestJet(wanted, 0.025).toFixed(3)} mm. The air is ${Math.round((now / before) * 100)} % as dense as at the sea on a mild day.`,
        );
      }
      return [jetLine(p.label, here, book)];
    });
    const same = (book: number, found: number) => Math.abs(areaChange(holeMm2(mm(book)), holeMm2(mm(found)))) <= sameHole;
    const numbers = parts.flatMap((p) => {
      const [found, book] = [v.figure(at('found', p.id)), v.figure(at('book', p.id))];
      return found === null || book === null ? [] : [same(book, found)];
    });
    for (const c of s.cylinders.slice(1))
      for (const p of each) {
        const [found, book] = [v.figure(at(eachId(p.id), c)), v.figure(at('book', p.id))];
        if (found === null) continue;
        lines.push(jetLine(`${p.label}, carburettor ${c}`, found, book));
        if (book === null) continue;
        numbers.push(same(book, found));
        if (!same(book, found)) steps.push(`${p.label} of carburettor ${c} differs from the manual: look for its own value there.`);
      }
    const levels = s.cylinders.filter((c) => v.figure(at('level', c)) !== null);
    const plug = v.choice('plug');
    const settings = needleAndSlide.map((p) => {
      const [was, says, now] = ['was', 'says', 'now'].map((id) => v.text(at(id, p.id)).trim());
      return { ...p, says, here: now || was };
    });
    for (const { id, label, here, says } of settings)
      if (here && says && here.toLowerCase() !== says.toLowerCase())
        steps.push(`${label}: ${here}, where the manual says ${says}.${mixtureWords(id, here, says)}`);
    const [float, floatBook] = [
      v.figure('chosen#float') ?? v.figure('found#float'),
      v.figure('book#float') ?? s.limit('float-height')?.high ?? null,
    ];
    if (float !== null && floatBook !== null && Math.abs(float - floatBook) > 0.0005)
      steps.push(
        `Float ${mm(Math.abs(float - floatBook)).toFixed(1)} mm ${float > floatBook ? 'high: the fuel stands lower, leaner' : 'low: the fuel stands higher, richer'} (measured from the joint with the carburettor upside down). The level in a clear tube decides.`,
      );
    const [screw, screwBook] = [
      v.figure('chosen#screw') ?? v.figure('found#screw'),
      v.figure('book#screw') ?? s.limit('mixture-screw')?.high ?? null,
    ];
    if (screw !== null && screwBook !== null && Math.abs(screw - screwBook) > 1)
      steps.push(
        'The mixture screw stands more than a turn from the manual: a pilot jet, an air leak or the float is what it makes up for.',
      );
    if (
      lines.length + steps.length + air.length === 0 &&
      !plug &&
      levels.length === 0 &&
      [float, screw].every((x) => x === null) &&
      !settings.some((p) => p.here)
    )
      return nothing;
    const compared =
      levels.length > 0 ||
      lines.some((l) => l.limit) ||
      (float !== null && floatBook !== null) ||
      (screw !== null && screwBook !== null) ||
      settings.some((p) => p.here && p.says);
    return result({
      tone:
        plug === 'bubbled' || plug === 'white'
          ? 'bad'
          : steps.length + air.length || plug === 'sooty' || plug === 'oily'
            ? 'watch'
            : compared || plug
              ? 'good'
              : 'open',
      words: [
        steps.length ? 'Not as the manual has it: see what each does.' : compared ? 'As the manual has it.' : '',
        air.length ? 'This air asks for another main jet.' : '',
        plug ? reads[plug] : '',
        steps.length + air.length || compared || plug ? '' : 'Enter what the manual has, to be told what differs.',
      ]
        .filter(Boolean)
        .join(' '),
      steps: [...steps, ...air],
      lines,
      notes: jetNotes(v, s),
      handed: [
        ...levels.map((c) => ({ testId: 'fuel-level', position: c, outcome: '', fieldId: at('level', c) })),
        // What was found is the evidence, whatever was chosen since.
        ...(numbers.length ? [{ testId: 'jet-numbers', position: null, outcome: numbers.includes(false) ? 'bad' : 'good' }] : []),
      ],
    });
  },
};

const vacuumLimit = 2700;

export const balance: Panel = {
  id: 'balance',
  group: 'fuel',
  name: 'Balance',
  about: 'Two to four carburettors by their vacuum: which screw next, and when it is good enough.',
  hazards: ['moving-parts', 'exhaust-gas', 'hot-parts', 'fuel-vapour'],
  suits: (s) => s.cylinders.length > 1,
  blocks: (s) => [
    {
      title: 'Warm engine, at idle',
      cylinders: true,
      places: s.cylinders.slice(0, 4).map((c) => ({ id: c, label: `Carburettor ${c}` })),
      columns: [figure('vacuum', 'Draws', 'cmHg', { quantity: 'intake-vacuum', plausible: plausible(0, 76, 'cmHg') })],
    },
    {
      title: 'Within',
      fields: [
        engineField,
        figure('limit', 'The manual allows apart', 'cmHg', { plausible: plausible(0.2, 20, 'cmHg'), hint: '2 cmHg is usual' }),
      ],
    },
  ],
  work: (v, s) => {
    const places = s.cylinders.slice(0, 4);
    const all = places.map((c) => v.figure(at('vacuum', c)));
    if (places.length < 2) return result({ words: 'One carburettor: nothing to balance.' });
    if (all.some((x) => x === null)) return nothing;
    const vacuum = all as number[];
    const limit = v.figure('limit') ?? vacuumLimit;
    const advice = balanceAdvice(vacuum, limit);
    return result({
      tone: advice.good ? 'good' : 'watch',
      words: advice.words,
      lines: [
        {
          label: 'Apart',
          value: exact(advice.spread),
          unit: 'cmHg',
          limit: {
            low: null,
            high: limit,
            source: v.figure('limit') === null ? 'general value' : 'as entered here',
            general: v.figure('limit') === null,
          },
          error: { relative: 0, absolute: 150 },
        },
      ],
      steps: advice.good ? [] : screwsFor(vacuum.length).map((x) => `${x.id === advice.screw?.id ? 'Now' : 'Other'}: the screw ${x.name}.`),
      drawing: { kind: 'columns', columns: vacuum.map((value, i) => ({ label: places[i], value })), unit: 'cmHg', limit },
      handed: [{ testId: 'gauges', position: null, outcome: advice.good ? 'good' : 'bad' }],
    });
  },
};

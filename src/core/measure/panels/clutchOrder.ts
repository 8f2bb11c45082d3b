import { orderVerdict, plateNames, stackDiffers, stackFrom, stackWords, type Laid, type Plate } from '../clutch';
import { at, choice, nothing, noteOf, result, rowsUpTo, shownRows, type Panel, type Result, type Values } from '../panel';

const places = rowsUpTo(20);
const turns = { in: 'in line', slot: 'one slot round' };
const note = noteOf('clutch-order')!;

interface Row extends Laid {
  /** Its number in the list. */
  place: string;
}

const rowsOf = (v: Values): Row[] =>
  places.flatMap((place) => {
    const plate = v.choice(at('plate', place)) as Plate | null;
    return plate ? [{ place, plate, turned: v.choice(at('turn', place)) === 'slot', note: v.text(at('note', place)).trim() }] : [];
  });

const gapIn = (rows: readonly Row[]) =>
  rows.some((r, i) => Number(r.place) !== i + 1) ? ['A place in the list is empty: is a plate missing there?'] : [];

/** The stack as it goes back, held against the one that came off. */
function goesBack(rows: readonly Row[], noted: string | null | undefined): Result {
  const stack = rows.map((r) => r.plate);
  const verdict = orderVerdict(stack);
  if (!verdict) return { ...nothing, words: rows.length ? 'On with the next one.' : nothing.words };
  const off = noted ? stackFrom(noted) : null;
  const differs = off
    ? stackDiffers(
        off.map((l) => l.plate),
        stack,
      )
    : [];
  const wrong = [...differs, ...verdict.odd, ...gapIn(rows)];
  const counted = `${verdict.linings} friction, ${verdict.plains} steel`;
  return result({
    tone: wrong.length ? 'bad' : 'good',
    words: wrong.length
      ? 'Do not close it: the stack is not right.'
      : `${counted}, ${off ? 'as they came off' : 'and each lies where it may'}.`,
    warnings: off ? wrong : [...wrong, 'How it came off is not noted, so that only the order is known to be right.'],
    checks: [{ about: note.check!, says: wrong.length ? null : counted }],
    handed: wrong.length ? [] : [{ testId: 'clutch-order-look', position: null, outcome: 'good' }],
  });
}

export const clutchOrder: Panel = {
  id: 'clutch-order',
  group: 'drive',
  name: 'Clutch plates, their order',
  about: 'As they come off, outermost first: what lay where, whether that can be right, and how they go back.',
  hazards: ['springs', 'asbestos'],
  blocks: (_s, v) => {
    return [
      {
        title: 'The stack',
        fields: [choice('when', 'It is', { off: 'as it came off', in: 'as it goes back' })],
      },
      {
        title: v.choice('when') === 'in' ? 'As they go back, outermost first' : 'As they come off, outermost first',
        places: shownRows(v, places, ['plate'], 4).map((id) => ({ id, label: id })),
        columns: [
          choice('plate', 'What', plateNames),
          choice('turn', 'Its tabs', turns),
          { kind: 'text', id: 'note', label: 'Mark, edge, remark' },
        ],
        note: 'Which way a pressed edge faces, paint or punch marks, oil holes. Take a photo of the stack as well.',
      },
    ];
  },
  recall: (s) => {
    const stack = stackFrom(s.noted?.(note.about) ?? '') ?? [];
    return Object.fromEntries(
      stack.flatMap((l, i) => [
        [at('plate', String(i + 1)), l.plate],
        ...(l.turned ? [[at('turn', String(i + 1)), 'slot']] : []),
        ...(l.note ? [[at('note', String(i + 1)), l.note]] : []),
      ]),
    );
  },
  work: (v, s) => {
    const rows = rowsOf(v);
    if (v.choice('when') === 'in') return goesBack(rows, s.noted?.(note.about));
    const verdict = orderVerdict(rows.map((r) => r.plate));
    if (!verdict) return { ...nothing, words: rows.length ? 'On with the next one.' : nothing.words };
    const gap = gapIn(rows);
    return result({
      tone: verdict.odd.length + gap.length ? 'watch' : 'good',
      words: `${verdict.words} Back in, innermost first:`,
      warnings: [...verdict.odd, ...gap],
      // How they came off says what was wrong before; nothing odd is only then good when the list has no hole.
      handed: verdict.odd.length
        ? [{ testId: 'clutch-order-look', position: null, outcome: 'bad' }]
        : gap.length
          ? []
          : [{ testId: 'clutch-order-look', position: null, outcome: 'good' }],
      notes: [{ about: note.about, says: stackWords(rows) }],
      checks: [{ about: note.check! }],
      // Back in they go the other way round.
      steps: rows.toReversed().map((r) => {
        const said = [r.turned ? 'tabs one slot round' : '', r.note].filter(Boolean).join('; ');
        return `${plateNames[r.plate]}${said ? `: ${said}` : ''} (came off as number ${r.place})`;
      }),
    });
  },
};

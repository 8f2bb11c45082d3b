import { orderVerdict, plateNames, type Plate } from '../clutch';
import { at, choice, nothing, result, rowsUpTo, shownRows, type Panel } from '../panel';

const places = rowsUpTo(20);
const turns = { in: 'in line', slot: 'one slot round' };

export const clutchOrder: Panel = {
  id: 'clutch-order',
  group: 'drive',
  name: 'Clutch plates, their order',
  about: 'As they come off, outermost first: what lay where, whether that can be right, and how they go back.',
  hazards: ['springs', 'asbestos'],
  blocks: (_s, v) => {
    return [
      {
        title: 'As they come off, outermost first',
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
  work: (v) => {
    const rows = places.flatMap((p) => {
      const plate = v.choice(at('plate', p)) as Plate | null;
      return plate ? [{ place: p, plate, turned: v.choice(at('turn', p)) === 'slot', note: v.text(at('note', p)).trim() }] : [];
    });
    const verdict = orderVerdict(rows.map((r) => r.plate));
    if (!verdict) return { ...nothing, words: rows.length ? 'On with the next one.' : nothing.words };
    const gap = rows.some((r, i) => Number(r.place) !== i + 1) ? ['A place in the list is empty: is a plate missing there?'] : [];
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
      // Back in they go the other way round.
      steps: rows.toReversed().map((r) => {
        const said = [r.turned ? 'tabs one slot round' : '', r.note].filter(Boolean).join('; ');
        return `${plateNames[r.plate]}${said ? `: ${said}` : ''} (came off as number ${r.place})`;
      }),
    });
  },
};

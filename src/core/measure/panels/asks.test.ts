import { describe, expect, it } from 'vitest';
import { stringify } from 'yaml';
import { subject } from '../../../../test/fixtures/panel';
import { emptyDraft, isGrid, valuesOf, type Block, type Field, type Panel, type PanelSubject } from '../panel';
import { fromSi } from '../../quantity';
import { panelGroups, panels } from '.';

// What every panel asks for, bounds and cautions included, stands in asks/*.yaml and was read through line by line. A panel that asks
// otherwise is wrong, or `npx vitest run -u` writes it down anew and the difference is read through again.

const range = (b: { low: number; high: number } | undefined, unit: string) =>
  b ? ` ${[b.low, b.high].map((x) => Number(fromSi(x, unit).toPrecision(6))).join(' to ')}` : '';

const ask = (f: Field): string => {
  const hint = f.hint ? ` (${f.hint})` : '';
  const asked = `${f.id}: ${f.label}${hint}`;
  if (f.kind === 'choice') return `${asked}, one of ${f.options.map((o) => `${o.value} "${o.label}"`).join(', ')}`;
  if (f.kind === 'text') return `${asked}, in words`;
  if (f.kind === 'list') return `${asked}, several in ${f.unit}${range(f.plausible, f.unit)}`;
  return `${asked}, ${f.unit || 'a number'}${range(f.plausible, f.unit)}${f.quantity ? `, kept as ${f.quantity}` : ''}${f.at ? ` at ${f.at}` : ''}${f.bracket ? ', or goes and does not' : ''}`;
};

const block = (b: Block) => ({
  [b.title]: isGrid(b)
    ? {
        ...(b.note ? { note: b.note } : {}),
        at: b.places.map((p) => (p.id === p.label ? p.id : `${p.id} "${p.label}"`)).join(', '),
        ...(b.cylinders ? { cylinders: true } : {}),
        ...(b.cylinder !== undefined ? { cylinder: b.cylinder } : {}),
        asks: b.columns.map(ask),
      }
    : { ...(b.note ? { note: b.note } : {}), asks: b.fields.map(ask) },
});

const subjects: Record<string, PanelSubject> = {
  'four-stroke, air': subject(),
  'four-stroke, liquid': subject({ cooling: 'liquid', decompressor: true }),
  'two-stroke': subject({ strokes: 'two', cylinders: ['1'] }),
  'not known': subject({ strokes: null, cooling: null }),
};

const described = (p: Panel) => ({
  [p.id]: {
    name: p.name,
    about: p.about,
    ...(p.hazards.length ? { cautions: p.hazards.join(', ') } : {}),
    suits: Object.keys(subjects)
      .filter((name) => p.suits?.(subjects[name]) ?? true)
      .join('; '),
    ...(p.limits ? { limits: p.limits.join(', ') } : {}),
    ...(p.book
      ? {
          manual: p.book.map(
            (b) =>
              `${b.quantity}: ${b.low ?? '-'} to ${b.high ?? '-'}${b.owner ? ` (the owner's own where ${b.owner.field} is ${b.owner.is})` : ''}`,
          ),
        }
      : {}),
    asks: valuesOf(p, subject(), emptyDraft).blocks.map(block),
  },
});

describe('what the panels ask', () => {
  it.each(Object.keys(panelGroups))('%s', async (group) => {
    const all = panels.filter((p) => p.group === group).map(described);
    await expect(stringify(Object.assign({}, ...all), { lineWidth: 0 })).toMatchFileSnapshot(`asks/${group}.yaml`);
  });
});

import type { PanelDraft } from './read';

/** A panel as a file: what was typed, field by field, so that it can be read anywhere and read back. */
export interface PanelFile {
  format: 'ivrek-panel';
  version: 1;
  panel: string;
  bike: string;
  writtenAt: string;
  fields: { id: string; text: string; unit: string | null }[];
  verdict: string;
}

/** The head of a panel as a table; every other line is a field that holds something. */
const head = ['panel', 'field', 'text', 'unit'];

export const panelRows = ({ panel, fields }: PanelFile): string[][] => [head, ...fields.map((f) => [panel, f.id, f.text, f.unit ?? ''])];

export type PanelRead = { ok: true; draft: PanelDraft; count: number } | { ok: false; message: string };

type FileField = PanelFile['fields'][number];

function draftOf(fields: readonly FileField[]): PanelRead {
  if (fields.some((f) => typeof f?.id !== 'string' || typeof f.text !== 'string'))
    return { ok: false, message: 'A field in it has no id or no text.' };
  return {
    ok: true,
    count: fields.length,
    draft: {
      text: Object.fromEntries(fields.map((f) => [f.id, f.text.slice(0, 200)])),
      unit: Object.fromEntries(fields.flatMap((f) => (f.unit ? [[f.id, f.unit]] : []))),
    },
  };
}

/** Reads a panel's JSON back; takes nothing of one that is wrong, and says what is. */
export function readPanelJson(text: string, panel: string): PanelRead {
  let file: Partial<PanelFile>;
  try {
    file = JSON.parse(text) as Partial<PanelFile>;
  } catch {
    return { ok: false, message: 'This is not whole: it ends or breaks off where it should not.' };
  }
  if (file?.format !== 'ivrek-panel' || !Array.isArray(file.fields))
    return { ok: false, message: 'This is not a panel that was written here.' };
  if (file.version !== 1) return { ok: false, message: 'This was written by a newer release: update first.' };
  if (file.panel !== panel) return { ok: false, message: `This holds another panel: ${String(file.panel)}.` };
  return draftOf(file.fields);
}

/** The same from a table, line by line. */
export function readPanelRows([first, ...rows]: readonly (readonly string[])[], panel: string): PanelRead {
  if (first?.join() !== head.join()) return { ok: false, message: `Its first line has to be: ${head.join()}` };
  const other = rows.find((r) => r[0] !== panel);
  if (other) return { ok: false, message: `A line belongs to another panel: ${other[0]}.` };
  return draftOf(rows.map(([, id, t, unit]) => ({ id, text: t ?? '', unit: unit || null })));
}

/** What stands in a panel as a file. */
export function panelFile(panel: string, draft: PanelDraft, verdict: string, at: { bike: string; writtenAt: string }): PanelFile {
  const fields = Object.keys(draft.text)
    .filter((id) => draft.text[id] !== '')
    .sort()
    .map((id) => ({ id, text: draft.text[id], unit: draft.unit[id] ?? null }));
  return { format: 'ivrek-panel', version: 1, panel, ...at, fields, verdict };
}

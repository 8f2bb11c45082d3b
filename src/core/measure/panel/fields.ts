import type { ChoiceField, FigureField, Grid, ListField, PanelSubject, Values } from './types';

export const figure = (id: string, label: string, unit: string, more: Partial<FigureField> = {}): FigureField => ({
  kind: 'figure',
  id,
  label,
  unit,
  ...more,
});

export const figureList = (id: string, label: string, unit: string, plausible: ListField['plausible'], hint: string): ListField => ({
  kind: 'list',
  id,
  label,
  unit,
  plausible,
  hint,
});

export const choice = (id: string, label: string, options: Readonly<Record<string, string>>, hint?: string): ChoiceField => ({
  kind: 'choice',
  id,
  label,
  options: Object.entries(options).map(([value, text]) => ({ value, label: text })),
  ...(hint && { hint }),
});

export const yesNo = (id: string, label: string, hint?: string): ChoiceField => choice(id, label, { yes: 'yes', no: 'no' }, hint);

/** How warm the engine was; it goes along with every reading of the panel. */
export const engineField: ChoiceField = choice('engine', 'Engine', { cold: 'cold', warm: 'warm', hot: 'hot' });

/** A place's own field in a table. */
export const at = (id: string, place: string): string => `${id}#${place}`;

export const perCylinder = (s: PanelSubject, title: string, columns: Grid['columns'], note?: string): Grid => ({
  title,
  places: s.cylinders.map((c) => ({ id: c, label: s.cylinders.length > 1 ? `Cylinder ${c}` : 'Cylinder' })),
  columns,
  cylinders: true,
  ...(note && { note }),
});

/** The rows of a table in which every one of these figures stands, in SI, with their places. */
export const filledRows = <K extends string>(
  v: Values,
  places: readonly string[],
  ids: readonly K[],
): (Record<K, number> & { place: string })[] =>
  places.flatMap((place) => {
    const figures = ids.map((id) => v.figure(at(id, place)));
    if (figures.some((x) => x === null)) return [];
    return [{ place, ...(Object.fromEntries(ids.map((id, i) => [id, figures[i]])) as Record<K, number>) }];
  });

/** Lengths in mm from SI, and back. */
export const mm = (si: number): number => si * 1000;
export const metres = (millimetres: number): number => millimetres / 1000;
export const cm3 = (si: number): number => si * 1e6;
export const celsius = (kelvin: number): number => kelvin - 273.15;
export const rpm = (perSecond: number): number => perSecond * 60;
export const degrees = (radians: number): number => (radians * 180) / Math.PI;

export { can } from '../plausible';

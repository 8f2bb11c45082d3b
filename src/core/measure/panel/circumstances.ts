import type { Conditions } from '../../state';
import { engineField, figure } from './fields';
import { fieldsOf, plausible } from './read';
import type { Block, Field, Panel, PanelGroup, Values } from './types';

/** Where it matters how warm the engine was. */
const byWarmth: readonly PanelGroup[] = ['engine', 'valves', 'ignition', 'electrics', 'fuel', 'noise'];

const airField = figure('air', 'Air', '°C', { plausible: plausible(-40, 60, '°C') });
const noteField: Field = { kind: 'text', id: 'circumstance', label: 'What else may have mattered' };

/** Fields that hold the circumstances: none of them is a figure of its own. */
export const circumstanceFields: readonly string[] = [engineField.id, airField.id, noteField.id];

/** The circumstances that stand typed on a panel. */
export function circumstances(v: Values): Conditions {
  const temperature = v.choice(engineField.id) as Conditions['temperature'] | null;
  const air = v.figure(airField.id);
  const note = v.text(noteField.id).trim().slice(0, 200);
  return { ...(temperature && { temperature }), ...(air !== null && { air }), ...(note && { note }) };
}

/**
 * The panel with the circumstances that it does not ask for by itself. They go along with every figure that is kept from it: a
 * figure without them says less three months later.
 */
export function withCircumstances(panel: Panel): Panel {
  return {
    ...panel,
    blocks: (s, v) => {
      const blocks = panel.blocks(s, v);
      const there = new Set(fieldsOf(blocks).map((f) => f.id));
      const asked = [...(byWarmth.includes(panel.group) ? [engineField] : []), airField, noteField];
      const block: Block = { title: 'Circumstances', fields: asked.filter((f) => !there.has(f.id)) };
      return [...blocks, block];
    },
    work: (v, s) => {
      const r = panel.work(v, s);
      return { ...r, conditions: { ...circumstances(v), ...r.conditions } };
    },
  };
}

import { accessOf, systems, type Knowledge } from '../../../core/knowledge';
import { units } from '../../../core/quantity';
import type { SearchSelectOption } from '../../controls/SearchSelect';

/** What the forms of a shop's own knowledge let one choose from, by the names people know. */

export const systemOptions = systems.map((s) => ({ id: s, label: s }));

export const findingOptions = (k: Knowledge): SearchSelectOption[] => {
  const family = new Map(k.families.map((f) => [f.id, f.name]));
  return k.findings
    .map((f) => ({ id: f.id, label: f.name, group: f.symptom ? `Noticed: ${family.get(f.symptom.family) ?? ''}` : 'Shown by a test' }))
    .sort((a, b) => a.group.localeCompare(b.group) || a.label.localeCompare(b.label));
};

export const accessOptions = (k: Knowledge): SearchSelectOption[] => accessOf(k, null).map((a) => ({ id: a.id, label: a.name }));
export const hazardOptions = (k: Knowledge): SearchSelectOption[] => k.hazards.map((h) => ({ id: h.id, label: h.text }));
export const stateOptions = (k: Knowledge): SearchSelectOption[] => k.states.map((s) => ({ id: s.id, label: s.name }));
export const areaOptions = (k: Knowledge): SearchSelectOption[] => k.areas.map((a) => ({ id: a.id, label: a.name }));
export const familyOptions = (k: Knowledge): SearchSelectOption[] => k.families.map((f) => ({ id: f.id, label: f.name }));
export const unitOptions: SearchSelectOption[] = units.filter((u) => u.id).map((u) => ({ id: u.id, label: u.id, group: u.kind }));

export const subjectOptions = (k: Knowledge): SearchSelectOption[] => [
  ...k.faults.filter((f) => !f.retired).map((f) => ({ id: `fault:${f.id}`, label: f.name, group: 'Faults' })),
  ...k.tests.filter((t) => !t.retired && t.kind !== 'ask').map((t) => ({ id: `test:${t.id}`, label: t.name, group: 'Tests' })),
];

export const kindLabels = {
  look: 'look',
  feel: 'feel',
  sound: 'listen',
  smell: 'smell',
  measure: 'measure',
  swap: 'swap',
  substitute: 'put a good one in',
  remove: 'take out of the system',
  isolate: 'cut one off',
} as const;

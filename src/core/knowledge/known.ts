import { unitOf } from '../quantity';
import { faultById, findingById, testById } from './lookup';
import { comesAndGoes, couldNot, type Knowledge } from './types';

/** What of a command nobody here knows: the field of its payload, and what to do. */
export interface Unknown {
  path: string;
  message: string;
}

/** Parts of payloads that name something of the knowledge; a command has some of them. */
interface Naming {
  testId?: string;
  outcome?: string;
  expected?: string | null;
  position?: string | null;
  faultId?: string | null;
  symptoms?: Record<string, unknown>;
  changed?: { symptoms: Record<string, unknown> } | null;
  quantity?: string | null;
  unit?: string;
  reading?: { quantity: string; unit: string } | null;
  access?: string | null;
  set?: Naming & { archetype?: string | null; lastTouched?: string[] | null; traits?: Record<string, string> | null };
}

/** Outcomes that every test has besides its own. */
const always = [comesAndGoes, 'skipped', `${couldNot}:no-tool`];
const mostCylinders = 8;

/** The unit that a quantity is kept in; undefined for a quantity that is not measured here. */
function unitOfQuantity(k: Knowledge, id: string): string | undefined {
  return k.tests.find((t) => t.measure?.quantity === id)?.measure?.unit ?? k.quantities.find((q) => q.id === id)?.unit;
}

function quantityIn(k: Knowledge, path: string, quantity: string, unit: string | undefined): Unknown | null {
  const own = unitOfQuantity(k, quantity);
  if (own === undefined) return { path: `${path}quantity`, message: 'Nothing of this name is measured here.' };
  if (unit !== undefined && unitOf(unit)?.kind !== unitOf(own)?.kind)
    return { path: `${path}unit`, message: `This is read in ${own || 'a plain number'} or a unit of the same kind.` };
  return null;
}

/**
 * The first thing that a command names and the knowledge does not have: a test, an outcome, a place, a fault, a symptom, a
 * quantity or its unit, an area, a kind of bike. Null if all is known. What was retired is known still.
 * @param k what ships and the workshop's own knowledge
 * @param type the name of a command
 * @param payload what it says
 * @returns the field, its value and what it should have been, or null
 */
export function unknownIn(k: Knowledge, type: string, payload: object): Unknown | null {
  const p = payload as Naming;
  const symptoms = { ...p.symptoms, ...p.changed?.symptoms, ...p.set?.symptoms };
  const strange = Object.keys(symptoms).find((id) => !findingById(k, id));
  if (strange) return { path: 'symptoms', message: `There is no symptom '${strange}' here.` };
  if (p.testId !== undefined) {
    const test = testById(k, p.testId);
    if (!test) return { path: 'testId', message: 'There is no such test here.' };
    const outcomes = [...test.outcomes.map((o) => o.id), ...(test.couldNot ?? []).map((o) => `${couldNot}:${o.id}`), ...always];
    if (p.outcome !== undefined && !outcomes.includes(p.outcome)) return { path: 'outcome', message: 'This test has no such result.' };
    if (p.expected && !outcomes.includes(p.expected)) return { path: 'expected', message: 'This test has no such result.' };
    if (test.per === 'cylinder' && p.position != null && !(Number(p.position) >= 1 && Number(p.position) <= mostCylinders))
      return { path: 'position', message: `Say which cylinder: 1 to ${mostCylinders}.` };
  }
  if (p.faultId && p.faultId !== 'not-in-list' && !faultById(k, p.faultId))
    return { path: 'faultId', message: 'There is no such fault here.' };
  if (p.reading) {
    const wrong = quantityIn(k, 'reading.', p.reading.quantity, p.reading.unit);
    if (wrong) return wrong;
  }
  if ((type === 'spec.add' || type === 'erratum.add') && p.quantity) {
    const wrong = quantityIn(k, '', p.quantity, p.unit);
    if (wrong) return wrong;
  }
  if (p.set?.archetype && !k.archetypes.some((a) => a.id === p.set?.archetype))
    return { path: 'set.archetype', message: 'There is no such kind of bike here.' };
  for (const [id, value] of Object.entries(p.set?.traits ?? {})) {
    const attribute = k.attributes.find((a) => a.id === id);
    if (!attribute) return { path: 'set.traits', message: `There is no attribute '${id}' here.` };
    if (!(value in attribute.share))
      return { path: 'set.traits', message: `'${id}' is one of ${Object.keys(attribute.share).join(', ')}.` };
  }
  const area = p.set?.lastTouched?.find((id) => !k.areas.some((a) => a.id === id));
  if (area) return { path: 'set.lastTouched', message: `There is no area '${area}' here.` };
  return null;
}

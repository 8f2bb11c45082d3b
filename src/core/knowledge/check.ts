import { actOf, doneWith } from './doings';
import { idle } from './idle';
import { unlikely } from './likely';
import { unsettledIn } from './coverage';
import type { Knowledge } from './types';
import { unsound } from './unsound';

/**
 * What a schema cannot see: everything that is unsound or of no use. What ships has none of either.
 * @param k what ships and the workshop's own knowledge
 * @param ofShop ids that are the workshop's own, for which less is asked
 * @returns sentences, each naming its place; empty where all is sound
 */
export const checkKnowledge = (k: Knowledge, ofShop: ReadonlySet<string> = new Set()): string[] => [
  ...unsound(k),
  ...idle(k),
  ...incautious(k, ofShop),
  ...headless(k, ofShop),
  ...unsettledIn({ ...k, faults: k.faults.filter((f) => !ofShop.has(f.id)) }),
  ...unlikely({ ...k, faults: k.faults.filter((f) => !ofShop.has(f.id)), tests: k.tests.filter((t) => !ofShop.has(t.id)) }),
];

/**
 * What is done and not declared, and what has no caution: every test and remedy whose words tell of a doing must declare or deny
 * it; one that does something with the engine, or any remedy, has at least one caution. What a shop wrote for itself is its own.
 */
export function incautious(k: Knowledge, ofShop: ReadonlySet<string> = new Set()): string[] {
  const problems: string[] = [];
  const told = k.doings.flatMap((d) => (d.told ? [{ id: d.id, words: new RegExp(d.told, 'i') }] : []));
  const look = (where: string, words: string, own: { does?: string[]; doesNot?: string[]; hazards?: string[] }, access: string[] = []) => {
    const opened = k.access.filter((a) => access.includes(a.id)).flatMap((a) => a.does ?? []);
    const done = new Set([...doneWith([...(own.does ?? []), ...opened], k.doings).map((d) => d.id), ...(own.doesNot ?? [])]);
    for (const d of told) {
      // A mistake of whoever wrote the entry, told to them: nothing else comes of it.
      // eslint-disable-next-line no-restricted-syntax
      const hit = d.words.exec(words);
      if (hit && !done.has(d.id)) problems.push(`${where}: '${hit[0]}' tells of '${d.id}', which it neither does nor denies`);
    }
    if (done.has('harmless') && [...done].some((id) => id !== 'harmless' && !own.doesNot?.includes(id) && !opened.includes(id)))
      problems.push(`${where}: it is not harmless, going by the rest of what it does`);
  };
  for (const t of k.tests) {
    if (t.retired || ofShop.has(t.id)) continue;
    look(`test ${t.id}`, `${t.name}. ${t.how}`, t, t.access);
    if (actOf(t.does, k.doings) && !t.hazards?.length) problems.push(`test ${t.id}: it does something with the engine and has no caution`);
  }
  for (const f of k.faults) {
    if (f.retired || ofShop.has(f.id)) continue;
    const { remedy } = f;
    look(`fault ${f.id}`, `${remedy.do} ${(remedy.others ?? []).map((o) => o.do).join(' ')}`, remedy, remedy.access);
    if (!remedy.hazards?.length && !remedy.does?.includes('harmless'))
      problems.push(`fault ${f.id}: its remedy has no caution, and does not declare itself harmless`);
  }
  return problems;
}

/** Tests that are named by what to do or by a question and have no heading for what comes of them. A shop's own may do without. */
function headless(k: Knowledge, ofShop: ReadonlySet<string>): string[] {
  const orders = new Set(k.vocabulary.orders);
  return k.tests
    .filter((t) => !t.retired && !ofShop.has(t.id) && !t.heading)
    .filter((t) => t.name.endsWith('?') || orders.has(t.name.split(/[ ,]/)[0].toLowerCase()))
    .map((t) => `test ${t.id}: '${t.name}' says what to do, and there is no heading for its results`);
}

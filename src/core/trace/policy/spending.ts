import { type Test, foundBy } from '../../knowledge';

interface At {
  key: string;
  test: Test;
  position: string | null;
}

/** Which tests have nothing new to tell once one is done. */
export class Spending {
  private readonly found: readonly (readonly string[])[];
  /** Those that look for a finding, at one place under the same circumstances. */
  private readonly looking = new Map<string, number[]>();

  constructor(private readonly tests: readonly At[]) {
    this.found = tests.map((t) => foundBy(t.test));
    this.found.forEach((ids, i) => {
      for (const id of ids) {
        const name = this.name(tests[i], id);
        const those = this.looking.get(name);
        if (those) those.push(i);
        else this.looking.set(name, [i]);
      }
    });
  }

  /** The tests that look at the same place for nothing but what this one finds: they will say the same again. */
  by(t: At): number[] {
    const found = new Set(foundBy(t.test));
    const near = new Set([...found].flatMap((id) => this.looking.get(this.name(t, id)) ?? []));
    return [...near].filter((i) => this.tests[i].key !== t.key && this.found[i].every((id) => found.has(id))).sort((a, b) => a - b);
  }

  private name({ position, test }: At, finding: string): string {
    return `${position ?? ''}#${(test.bypasses ?? []).join()}#${finding}`;
  }
}

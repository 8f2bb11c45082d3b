import { madeByRepair, residual } from '../model/groups';
import { gradesOf, levelsOf, linkLevels, showing } from '../model/strength';
import { buildModel, findingKind, type Model } from '../model/build';
import type { Case } from '../model/case';
import { type FindingKind, type Knowledge, type Test, fitting, foundBy } from '../../knowledge';
import type { SeededRandom } from './seededRandom';

type Flavour = 'steady' | 'intermittent';

/** A kind of bike with its history, as the truth has it; bikes are drawn from it. */
export class BikeKind {
  readonly model: Model;

  constructor(
    readonly truth: Knowledge,
    traced: Case,
  ) {
    this.model = buildModel(truth, { ...traced, complaints: [] });
  }

  /** A bike with what is wrong with it, each group drawn from its own modes. */
  draw(random: SeededRandom): SimulatedBike {
    const present = new Map<string, Flavour>();
    for (const g of this.model.groups) {
      let u = random(`group ${g.id}`);
      let s = 0;
      while (s + 1 < g.states.length && u >= g.states[s].prior) u -= g.states[s++].prior;
      for (const key of g.states[s].members) present.set(key, g.paths[s][0].flavour);
    }
    return new SimulatedBike(this.model, present, random);
  }
}

/** A bike with hidden faults that answers tests and lets itself be repaired. It never shows what is wrong. */
export class SimulatedBike {
  private epoch = 0;
  /** Faults that were repaired, in their order: a finding is drawn anew after a repair that bears on it. */
  private readonly repaired: string[] = [];

  constructor(
    private readonly model: Model,
    private readonly present: Map<string, Flavour>,
    private readonly random: SeededRandom,
  ) {}

  has(key: string): boolean {
    return this.present.has(key);
  }

  /** Whether it has this fault anywhere. */
  hasFault(id: string): boolean {
    for (const key of this.present.keys()) if (key === id || key.startsWith(`${id}#`)) return true;
    return false;
  }

  /** The faults that bring one of these symptoms on this bike, now. */
  bringing(symptoms: readonly string[]): string[] {
    return [...this.present.keys()].filter((key) => symptoms.some((id) => this.brings(key, id)));
  }

  /** Whether it complains of this now. What a fault brings on one bike it goes on bringing. */
  shows(symptom: string): boolean {
    if (this.bringing([symptom]).length > 0) return true;
    const { leak } = this.kind(symptom);
    return this.epoch === 0 && this.random(`leak ${symptom}`) < (typeof leak === 'number' ? leak : 0);
  }

  /** The outcome of a test at a place; where several say what is there, any of them. */
  answer(test: Test, position: string | null): string {
    const levels = new Map(foundBy(test).map((id) => [id, this.level(id, position, test.bypasses ?? [])]));
    const fits = fitting(test, (id) => gradesOf(this.kind(id))[levels.get(id)!]);
    const u = fits.length > 1 ? this.random(`${test.id}#${position ?? ''} says ${this.epoch}`) : 0;
    return test.outcomes[fits[Math.floor(u * fits.length)]].id;
  }

  /** Mends one suspect as well as a repair does; says whether it was there. */
  repair(key: string): boolean {
    const there = this.present.has(key);
    const u = this.random(`repair ${key} ${this.epoch}`);
    this.epoch++;
    this.repaired.push(key.split('#')[0]);
    if (there && u >= (this.model.byKey.get(key)?.fault.remedy.residual ?? residual)) this.present.delete(key);
    if (!there && u < madeByRepair) this.present.set(key, 'steady');
    return there;
  }

  private bears(faultId: string, finding: string): boolean {
    const { knowledge: k } = this.model;
    if (faultId === 'not-in-list') return true;
    const together = k.groups.find((g) => g.modes.some((m) => m.faults.includes(faultId)))?.modes.flatMap((m) => m.faults) ?? [faultId];
    return k.faults.some((f) => together.includes(f.id) && finding in f.causes);
  }

  private kind(id: string): FindingKind {
    return findingKind(this.model.knowledge, id);
  }

  private brings(key: string, symptom: string): boolean {
    const { fault, position } = this.model.byKey.get(key)!;
    const levels = linkLevels(fault, position, this.kind(symptom), null, this.model.positions.length, 1);
    return levels !== null && this.random(`${key} brings ${symptom}`) >= levels[0];
  }

  /** The level that a finding has now: the greatest of what its own error and each fault brings. */
  private level(id: string, position: string | null, bypasses: readonly string[]): number {
    const kind = this.kind(id);
    const at = kind.per === 'cylinder' ? position : null;
    const since = this.repaired.filter((f) => this.bears(f, id)).length;
    const name = `${id}#${at ?? ''}@${since}${bypasses.join()}`;
    const draw = (levels: readonly number[], who: string) => {
      let u = this.random(`${name} ${who}`);
      let l = 0;
      while (l + 1 < levels.length && u >= levels[l]) u -= levels[l++];
      return l;
    };
    let level = draw(levelsOf(kind, kind.leak), 'itself');
    for (const [key, flavour] of this.present) {
      const s = this.model.byKey.get(key)!;
      const factor = showing(s.fault, flavour, {}, bypasses);
      const levels = linkLevels(s.fault, s.position, kind, at, this.model.positions.length, factor);
      if (levels) level = Math.max(level, draw(levels, key));
    }
    return level;
  }
}

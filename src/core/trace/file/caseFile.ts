import { type Knowledge, type Test, applicability, comesAndGoes, couldNot, factsOf, faultById, testById } from '../../knowledge';
import { corrected, forBike } from '../../measure';
import { limitOfRatio } from '../../measure/compression';
import { parseQuantity, show } from '../../quantity';
import { firstOf, tellsSomething } from '../../state';
import {
  retestResults,
  verdicts,
  type Bike,
  type Complaint,
  type Conditions,
  type Evidence,
  type Finding,
  type Job,
  type Reading,
  type Repair,
  type Retest,
  type RetestResult,
  type Step,
  type SymptomAnswer,
  type StoredVerdict,
} from '../../state';
import type { Case } from '../model/case';
import { repairsInOrder } from '../../repairs';
import { meantFrom, outcomeMeant, resolveName, symptomsMeant, testsMeant } from '../../meaning';
import { likeliestOutcome, outcomeWeights } from '../model/outcome';
import { misshapen } from './shape';

/** A case as it stands in a file that a person writes; see docs/formats.md. */
export interface CaseFile {
  format: 'ivrek-case';
  version: 1;
  bike?: Record<string, string | number>;
  history?: Record<string, string | number | string[]>;
  rate?: number;
  complaint?: string;
  symptoms?: SymptomsSaid;
  /** Several complaints at once, in place of `complaint` and `symptoms`. */
  complaints?: { words?: string; symptoms?: SymptomsSaid }[];
  /** What is off or drained already. */
  off?: string[];
  evidence?: CaseLine[];
}

/** Symptoms with yes or no, or a list of those that are there. */
export type SymptomsSaid = Record<string, 'yes' | 'no' | boolean> | string[];

export type CaseLine =
  | { test: string; at?: string | number; result?: string; reading?: string; conditions?: Conditions }
  /** `of` is the number of the complaint that was retested, from 1. */
  | { repair: string; at?: string | number; then?: RetestResult; of?: number; now?: { words?: string; symptoms?: SymptomsSaid } }
  /** A part that was looked at, with its verdict. */
  | { finding: string; verdict: string; fault?: string; at?: string | number }
  | { off: string }
  | { on: string }
  /** History that came to light at this point. */
  | { learned: Record<string, string | number | string[]> };

/** What the file says, in the application's own rows, with how each of its words was understood. */
export interface ReadCase {
  traced: Case;
  /** How many lines of evidence; `upTo(n)` is the case as it stood after the first n. */
  lines: number;
  upTo(n: number): Case;
  took: string[];
  problems: string[];
}

const bikeFields = [
  'strokes',
  'cylinders',
  'cooling',
  'ignition',
  'fuelling',
  'decompressor',
  'voltage',
  'starting',
  'clutch',
  'archetype',
  'boreMm',
  'strokeMm',
  'compressionRatio',
] as const;
const historyFields = ['standingMonths', 'storage', 'fuelLeft', 'crash', 'ranWhenParked', 'lastTouched'] as const;

const row = { jobId: 'job', versions: {} };
const at = (n: number) => new Date(Date.UTC(2000, 0, 1) + n * 60000).toISOString();

class Reader {
  readonly took: string[] = [];
  readonly problems: string[] = [];

  constructor(
    private readonly k: Knowledge,
    private readonly file: CaseFile,
  ) {}

  read(): ReadCase {
    const { file } = this;
    if (file.format !== 'ivrek-case' || file.version !== 1) this.problems.push("format: write 'format: ivrek-case' and 'version: 1'");
    const bike = {
      id: 'bike',
      name: String(file.bike?.name ?? 'bike'),
      ...firstOf('bike'),
      versions: {},
      ...this.bike(),
    } as Bike;
    if (bike.archetype !== null && !this.k.archetypes.some((a) => a.id === bike.archetype)) {
      const meant = resolveName(this.k, this.k.archetypes, bike.archetype);
      if (meant) this.said('bike.archetype', bike.archetype, meant.name);
      else this.problems.push(`bike.archetype: '${bike.archetype}' is none of ${this.k.archetypes.map((a) => a.id).join(', ')}`);
      bike.archetype = meant?.id ?? null;
    }
    const job = {
      id: 'job',
      bikeId: 'bike',
      openedAt: at(0),
      ...firstOf('job'),
      rate: String(file.rate ?? 35),
      versions: {},
      ...this.known(file.history, historyFields, 'history'),
    } as Job;
    const said = file.complaints ?? [{ words: file.complaint, symptoms: file.symptoms }];
    const complaints = said.map((p, n) => this.complaint(`c${n}`, p.words ?? '', p.symptoms));
    const steps = (file.off ?? []).flatMap((id, n) => this.off(id, `s${n}`, `off ${n + 1}`, 0));
    const empty: Case = {
      bike,
      job,
      complaints,
      evidence: [],
      readings: [],
      repairs: [],
      retests: [],
      findings: [],
      causes: [],
      specs: [limitOfRatio(bike, [])].filter((s) => s !== null),
      steps,
    };
    const cases = [empty];
    (file.evidence ?? []).forEach((line, n) => cases.push(this.add(cases[n], line, n)));
    return { traced: cases[cases.length - 1], lines: cases.length - 1, upTo: (n) => cases[n], took: this.took, problems: this.problems };
  }

  private said(where: string, said: string, took: string): void {
    this.took.push(`${where}: '${said}' taken for ${took}`);
  }

  private known(given: Record<string, unknown> | undefined, fields: readonly string[], where: string): Record<string, unknown> {
    const out: Record<string, unknown> = {};
    for (const [name, value] of Object.entries(given ?? {})) {
      if (fields.includes(name)) out[name] = value === true ? 'yes' : value === false ? 'no' : value;
      else if (name !== 'name') this.problems.push(`${where}.${name}: is none of ${fields.join(', ')}`);
    }
    return out;
  }

  /** The bike's own fields, and every other attribute as something that is so on it. */
  private bike(): Record<string, unknown> {
    const attributes = this.k.attributes.map((a) => a.id).filter((id) => !(bikeFields as readonly string[]).includes(id));
    const all = this.known(this.file.bike, [...bikeFields, ...attributes], 'bike');
    const traits: Record<string, string> = {};
    for (const [id, value] of Object.entries(all)) {
      const attribute = this.k.attributes.find((a) => a.id === id);
      if (attribute && !(String(value) in attribute.share)) {
        this.problems.push(`bike.${id}: '${String(value)}' is none of ${Object.keys(attribute.share).join(', ')}`);
        delete all[id];
      } else if (attributes.includes(id)) {
        traits[id] = String(value);
        delete all[id];
      }
    }
    return { ...all, traits: Object.keys(traits).length ? traits : null };
  }

  private complaint(id: string, words: string, said: SymptomsSaid | undefined): Complaint {
    return {
      ...row,
      id,
      words,
      symptoms: this.symptoms(words, said),
      state: 'open',
      explained: false,
      linkedTo: null,
      afterRepairId: null,
    };
  }

  private symptoms(words: string, said: SymptomsSaid | undefined): Record<string, SymptomAnswer> {
    const out: Record<string, SymptomAnswer> = {};
    const pairs = Array.isArray(said) ? said.map((s): [string, 'yes'] => [s, 'yes']) : Object.entries(said ?? {});
    for (const [one, answer] of pairs) {
      const exact = this.k.findings.find((f) => f.symptom && f.id === one);
      const kind = exact ?? symptomsMeant(this.k, one, 1)[0]?.kind;
      if (!kind) {
        this.problems.push(`symptoms: nothing is known as '${one}'`);
        continue;
      }
      if (!exact) this.said('symptoms', one, `${kind.id} (${kind.name})`);
      out[kind.id] = answer === 'yes' || answer === true ? 'present' : 'absent';
    }
    if (Object.keys(out).length === 0 && words) {
      const [first] = symptomsMeant(this.k, words, 1);
      if (first) {
        this.said('complaint', words, `${first.kind.id} (${first.kind.name})`);
        out[first.kind.id] = 'present';
      }
    }
    if (Object.keys(out).length === 0) this.problems.push('symptoms: at least one is needed, by id or in words');
    return out;
  }

  /** Something that is off or drained, as a step of the strip log. */
  private off(said: string, id: string, where: string, n: number): Step[] {
    const meant = resolveName(this.k, this.k.access, said);
    if (!meant) {
      this.problems.push(`${where}: nothing that comes off is known as '${said}'`);
      return [];
    }
    if (meant.how === 'words') this.said(where, said, meant.name);
    return [
      {
        ...row,
        id,
        title: meant.name,
        access: meant.id,
        bag: null,
        note: null,
        usual: null,
        before: null,
        madeAt: at(n),
        refittedAt: null,
      },
    ];
  }

  private finding(c: Case, line: Extract<CaseLine, { finding: string }>, n: number, where: string, last: string | null): Case {
    const verdict = verdicts.find((v) => v === line.verdict);
    if (!verdict) {
      this.problems.push(`${where}: the verdict is one of ${verdicts.join(', ')}`);
      return c;
    }
    const fault = line.fault === undefined ? null : resolveName(this.k, this.k.faults, line.fault);
    if (line.fault !== undefined && !fault) this.problems.push(`${where}: no fault is known as '${line.fault}'`);
    if (fault?.how === 'words') this.said(where, line.fault!, `${fault.id} (${fault.name})`);
    const per = fault && faultById(this.k, fault.id)?.per;
    const finding: Finding = {
      ...row,
      id: `f${n}`,
      stepId: null,
      item: line.finding,
      position: line.at === undefined ? (per ? '1' : null) : String(line.at),
      seen: line.finding,
      readingId: null,
      wear: null,
      past: null,
      verdict: verdict as StoredVerdict,
      faultId: fault?.id ?? null,
      afterRepairId: last,
      takenAt: at(n),
    };
    return { ...c, findings: [...c.findings, finding] };
  }

  private add(c: Case, line: CaseLine, n: number): Case {
    const where = `evidence ${n + 1}`;
    const last = repairsInOrder(c.repairs).at(-1)?.id ?? null;
    if ('learned' in line) return { ...c, job: { ...c.job, ...this.known(line.learned, historyFields, where) } };
    if ('off' in line) return { ...c, steps: [...c.steps, ...this.off(line.off, `s${n}x`, where, n)] };
    if ('on' in line) {
      const meant = resolveName(this.k, this.k.access, line.on);
      if (!meant) this.problems.push(`${where}: nothing that comes off is known as '${line.on}'`);
      return { ...c, steps: c.steps.map((s) => (s.access === meant?.id ? { ...s, refittedAt: at(n) } : s)) };
    }
    if ('finding' in line) return this.finding(c, line, n, where, last);
    const position = line.at === undefined ? null : String(line.at);
    if ('repair' in line) {
      const meant = resolveName(this.k, this.k.faults, String(line.repair));
      if (!meant) {
        this.problems.push(`${where}: no fault is known as '${line.repair}'`);
        return c;
      }
      if (meant.how === 'words') this.said(where, line.repair, `the repair of ${meant.id} (${meant.name})`);
      const per = faultById(this.k, meant.id)!.per;
      const id = `r${n}`;
      const repair: Repair = {
        ...row,
        id,
        causeId: null,
        faultId: meant.id,
        position: per ? (position ?? '1') : null,
        words: meant.name,
        minutes: 0,
        cost: '0',
        afterRepairId: last,
        madeAt: at(n),
      };
      const result = line.then ?? 'same';
      if (!retestResults.includes(result)) this.problems.push(`${where}: then is one of ${retestResults.join(', ')}`);
      const of = c.complaints[(line.of ?? 1) - 1];
      if (!of) {
        this.problems.push(`${where}: there is no complaint ${line.of}`);
        return { ...c, repairs: [...c.repairs, repair] };
      }
      const changed =
        result === 'changed'
          ? { ...this.complaint(`n${n}`, line.now?.words ?? '', line.now?.symptoms), linkedTo: of.id, afterRepairId: id }
          : null;
      const retest: Retest = {
        ...row,
        id: `t${n}`,
        complaintId: of.id,
        repairId: id,
        result,
        conditions: {},
        note: null,
        newComplaintId: changed?.id ?? null,
        takenAt: at(n),
      };
      const state = result === 'gone' || result === 'changed' ? result : 'open';
      return {
        ...c,
        repairs: [...c.repairs, repair],
        retests: [...c.retests, retest],
        complaints: [...c.complaints.map((x) => (x.id === of.id ? { ...x, state } : x)), ...(changed ? [changed] : [])] as Complaint[],
      };
    }
    const test = this.test(c, String(line.test), line.result === undefined ? undefined : String(line.result), where);
    if (!test) return c;
    // A figure in the place of a result is a reading.
    const figure = line.reading ?? (test.measure && /^[-+]?[\d.]/.test(String(line.result ?? '').trim()) ? line.result : undefined);
    const reading =
      figure === undefined ? null : this.reading(c, test, position, String(figure), { n, where, conditions: line.conditions ?? {} });
    if (figure !== undefined && !reading) return c;
    const outcome = reading?.outcome ?? this.outcome(test, line.result, where);
    if (!outcome) return c;
    const evidence: Evidence = {
      ...row,
      id: `e${String(n).padStart(3, '0')}`,
      testId: test.id,
      position: test.per ? (position ?? '1') : null,
      outcome,
      readingId: reading?.row.id ?? null,
      predictionId: null,
      held: null,
      conditions: line.conditions ?? {},
      note: null,
      takenAt: at(n),
      afterRepairId: last,
      knowledgeHash: this.k.hash,
      shown: null,
      withdrawn: null,
    };
    return { ...c, evidence: [...c.evidence, evidence], readings: reading ? [...c.readings, reading.row] : c.readings };
  }

  /** The test that some words mean on this bike; null, and a problem, where none or several do. */
  private test(c: Case, said: string, result: string | undefined, where: string): Test | null {
    const facts = factsOf(c.bike, c.job, this.k);
    const here = (t: Test) => !t.retired && applicability(t.applies, facts, this.k.attributes) > 0;
    const exact = testById(this.k, said.trim());
    const [first, second] = exact
      ? [{ test: exact, score: 1, covers: 1 }]
      : testsMeant(this.k, this.k.tests, said, result).filter((x) => here(x.test));
    if (!first || first.covers < meantFrom || (second && second.score > first.score - 0.02)) {
      const near = first ? `: ${[first, ...(second ? [second] : [])].map((x) => `${x.test.id} (${x.test.name})`).join(' or ')}` : '';
      this.problems.push(`${where}: no test is known as '${said}', or several are${near}`);
      return null;
    }
    if (first.test.id !== said.trim()) this.said(where, said, `${first.test.id} (${first.test.name})`);
    return first.test;
  }

  private outcome(test: Test, said: string | undefined, where: string): string | null {
    const meant = said === undefined ? null : outcomeMeant(this.k, test, String(said));
    if (!meant) {
      const all = [
        ...test.outcomes.map((o) => `${o.id} (${o.says})`),
        ...(test.couldNot ?? []).map((o) => `${couldNot}:${o.id} (${o.says})`),
        `${comesAndGoes} (intermittent)`,
      ];
      this.problems.push(`${where}: the result of ${test.id} is one of ${all.join(', ')}`);
      return null;
    }
    if (meant !== said) this.said(where, String(said), meant);
    return meant;
  }

  private reading(
    c: Case,
    test: Test,
    position: string | null,
    said: string,
    { n, where, conditions }: { n: number; where: string; conditions: Conditions },
  ): { row: Reading; outcome: string } | null {
    const measure = test.measure && forBike(test.measure, factsOf(c.bike, c.job, this.k));
    if (!measure) {
      this.problems.push(`${where}: ${test.id} takes a result, not a reading`);
      return null;
    }
    const parsed = parseQuantity(said, measure.unit);
    if (!parsed.ok) {
      this.problems.push(`${where}: ${parsed.message}`);
      return null;
    }
    const value = { kind: 'exact' as const, value: parsed.si };
    const row_: Reading = {
      ...row,
      id: `m${n}`,
      bikeId: 'bike',
      quantity: measure.quantity,
      position: test.per ? (position ?? '1') : null,
      value,
      unit: parsed.unit,
      entered: said,
      instrument: null,
      conditions,
      takenAt: at(n),
    };
    return {
      row: row_,
      outcome: likeliestOutcome(outcomeWeights(measure, corrected(measure.quantity, value, conditions), null)) ?? test.outcomes[0].id,
    };
  }
}

/**
 * Reads a case file. Words that are not ids are resolved by what they mean; what could not be understood is in `problems`.
 * @param k what ships and the workshop's own knowledge
 * @param file as it was read from YAML or JSON
 * @returns the case, and the problems with their places
 */
export function readCase(k: Knowledge, file: CaseFile): ReadCase {
  const problems = misshapen(file);
  return problems.length ? { ...new Reader(k, { format: 'ivrek-case', version: 1 }).read(), problems } : new Reader(k, file).read();
}

/** The same case as a file, in the order in which things were done; personal data and photos are not in it. */
export function caseFileOf(c: Case): CaseFile {
  const picked = (of: object, fields: readonly string[]) =>
    Object.fromEntries(Object.entries(of).filter(([f, v]) => fields.includes(f) && v !== null && (!Array.isArray(v) || v.length > 0)));
  const lines: { when: string; line: CaseLine }[] = [];
  const place = (position: string | null) => (position === null ? {} : { at: position });
  const roots = c.complaints.filter((p) => !p.linkedTo);
  for (const e of c.evidence) {
    if (e.withdrawn || !tellsSomething(e)) continue;
    const reading = c.readings.find((r) => r.id === e.readingId);
    const conditions = Object.keys(e.conditions).length ? { conditions: e.conditions } : {};
    const said = reading?.value.kind === 'exact' ? { reading: show(reading.value.value, reading.unit) } : { result: e.outcome };
    lines.push({ when: e.takenAt, line: { test: e.testId, ...place(e.position), ...said, ...conditions } });
  }
  for (const r of c.repairs) {
    const retest = c.retests.find((t) => t.repairId === r.id);
    const of = roots.findIndex((p) => p.id === retest?.complaintId) + 1;
    const now = c.complaints.find((p) => p.id === retest?.newComplaintId);
    lines.push({
      when: r.madeAt,
      line: {
        repair: r.faultId ?? 'not-in-list',
        ...place(r.position),
        then: retest?.result ?? 'same',
        ...(of > 1 && { of }),
        ...(now && { now: { words: now.words, symptoms: symptomsSaid(now) } }),
      },
    });
  }
  for (const f of c.findings)
    lines.push({
      when: f.takenAt,
      line: { finding: f.item, verdict: f.verdict, ...(f.faultId && { fault: f.faultId }), ...place(f.position) },
    });
  for (const s of c.steps) {
    if (!s.access) continue;
    lines.push({ when: s.madeAt, line: { off: s.access } });
    if (s.refittedAt) lines.push({ when: s.refittedAt, line: { on: s.access } });
  }
  const [first] = roots;
  return {
    format: 'ivrek-case',
    version: 1,
    bike: { ...picked(c.bike, bikeFields), ...c.bike.traits } as Record<string, string | number>,
    history: picked(c.job, historyFields) as Record<string, string | number | string[]>,
    rate: Number(c.job.rate),
    ...(roots.length > 1
      ? { complaints: roots.map((p) => ({ words: p.words, symptoms: symptomsSaid(p) })) }
      : { complaint: first?.words ?? '', symptoms: first ? symptomsSaid(first) : {} }),
    evidence: lines.sort((a, b) => (a.when < b.when ? -1 : a.when > b.when ? 1 : 0)).map((l) => l.line),
  };
}

const symptomsSaid = (p: Complaint): Record<string, 'yes' | 'no'> =>
  Object.fromEntries(Object.entries(p.symptoms).map(([id, a]): [string, 'yes' | 'no'] => [id, a === 'present' ? 'yes' : 'no']));

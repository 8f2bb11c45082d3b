import { type Knowledge, type Test, faultById, testById } from '../../knowledge';
import { factsOf } from '../../knowledge';
import { forBike } from '../../measure';
import { parseQuantity, show } from '../../quantity';
import { freshBike, freshJob } from '../../record';
import type { Bike, Complaint, Conditions, Evidence, Job, Reading, Repair, Retest, SymptomAnswer } from '../../record';
import type { Case } from '../model/case';
import { repairsInOrder } from '../model/case';
import { likeliestOutcome, outcomeWeights } from '../model/outcome';
import { symptomsMeant } from '../symptoms';
import { meantBy } from './meant';

/** A case as it stands in a file that a person writes; see docs/formats.md. */
export interface CaseFile {
  format: 'ivrek-case';
  version: 1;
  bike?: Record<string, string | number>;
  history?: Record<string, string | number | string[]>;
  rate?: number;
  complaint?: string;
  symptoms?: Record<string, 'yes' | 'no' | boolean>;
  evidence?: CaseLine[];
}

export type CaseLine =
  | { test: string; at?: string | number; result?: string; reading?: string; conditions?: Conditions }
  | { repair: string; at?: string | number; then?: 'gone' | 'same' };

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
      ...freshBike,
      versions: {},
      ...this.known(file.bike, bikeFields, 'bike'),
    } as Bike;
    if (bike.archetype !== null && !this.k.archetypes.some((a) => a.id === bike.archetype)) {
      const meant = meantBy(this.k.archetypes, bike.archetype);
      if (meant) this.said('bike.archetype', bike.archetype, meant.name);
      else this.problems.push(`bike.archetype: '${bike.archetype}' is none of ${this.k.archetypes.map((a) => a.id).join(', ')}`);
      bike.archetype = meant?.id ?? null;
    }
    const job = {
      id: 'job',
      bikeId: 'bike',
      openedAt: at(0),
      ...freshJob,
      rate: String(file.rate ?? 35),
      versions: {},
      ...this.known(file.history, historyFields, 'history'),
    } as Job;
    const complaint: Complaint = {
      ...row,
      id: 'c0',
      words: file.complaint ?? '',
      symptoms: this.symptoms(),
      state: 'open',
      explained: false,
      linkedTo: null,
      afterRepairId: null,
    };
    const empty: Case = {
      bike,
      job,
      complaints: [complaint],
      evidence: [],
      readings: [],
      repairs: [],
      retests: [],
      findings: [],
      causes: [],
      specs: [],
      steps: [],
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

  private symptoms(): Record<string, SymptomAnswer> {
    const out: Record<string, SymptomAnswer> = {};
    for (const [said, answer] of Object.entries(this.file.symptoms ?? {})) {
      const exact = this.k.findings.find((f) => f.symptom && f.id === said);
      const kind = exact ?? symptomsMeant(this.k, said, 1)[0]?.kind;
      if (!kind) {
        this.problems.push(`symptoms: nothing is known as '${said}'`);
        continue;
      }
      if (!exact) this.said('symptoms', said, `${kind.id} (${kind.name})`);
      out[kind.id] = answer === 'yes' || answer === true ? 'present' : 'absent';
    }
    if (Object.keys(out).length === 0 && this.file.complaint) {
      const [first] = symptomsMeant(this.k, this.file.complaint, 1);
      if (first) {
        this.said('complaint', this.file.complaint, `${first.kind.id} (${first.kind.name})`);
        out[first.kind.id] = 'present';
      }
    }
    if (Object.keys(out).length === 0) this.problems.push('symptoms: at least one is needed, by id or in words');
    return out;
  }

  private add(c: Case, line: CaseLine, n: number): Case {
    const where = `evidence ${n + 1}`;
    const last = repairsInOrder(c.repairs).at(-1)?.id ?? null;
    const position = line.at === undefined ? null : String(line.at);
    if ('repair' in line) {
      const meant = meantBy(this.k.faults, String(line.repair));
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
      const retest: Retest = {
        ...row,
        id: `t${n}`,
        complaintId: 'c0',
        repairId: id,
        result,
        conditions: {},
        note: null,
        newComplaintId: null,
        takenAt: at(n),
      };
      return {
        ...c,
        repairs: [...c.repairs, repair],
        retests: [...c.retests, retest],
        complaints: c.complaints.map((x) => ({ ...x, state: result === 'gone' ? 'gone' : x.state })),
      };
    }
    const meant = meantBy(this.k.tests, String(line.test));
    if (!meant) {
      this.problems.push(`${where}: no test is known as '${line.test}', or several are`);
      return c;
    }
    if (meant.how === 'words') this.said(where, line.test, `${meant.id} (${meant.name})`);
    const test = testById(this.k, meant.id)!;
    const reading = line.reading === undefined ? null : this.reading(c, test, position, String(line.reading), n, where);
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

  private outcome(test: Test, said: string | undefined, where: string): string | null {
    const all = [
      ...test.outcomes.map((o) => ({ id: o.id, name: o.says })),
      ...(test.couldNot ?? []).map((o) => ({ id: `could-not:${o.id}`, name: o.says })),
      { id: 'comes-and-goes', name: 'comes and goes' },
    ];
    const meant = said === undefined ? null : meantBy(all, String(said));
    if (!meant) {
      this.problems.push(`${where}: the result of ${test.id} is one of ${all.map((o) => `${o.id} (${o.name})`).join(', ')}`);
      return null;
    }
    if (meant.how === 'words') this.said(where, said!, meant.id);
    return meant.id;
  }

  private reading(
    c: Case,
    test: Test,
    position: string | null,
    said: string,
    n: number,
    where: string,
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
      conditions: {},
      takenAt: at(n),
    };
    return { row: row_, outcome: likeliestOutcome(outcomeWeights(measure, value, null)) ?? test.outcomes[0].id };
  }
}

/** Reads a case file. Words that are not ids are resolved by what they mean; what could not be understood is in `problems`. */
export const readCase = (k: Knowledge, file: CaseFile): ReadCase => new Reader(k, file).read();

/** The same case as a file, in the order in which things were done; personal data and photos are not in it. */
export function caseFileOf(c: Case): CaseFile {
  const picked = (of: object, fields: readonly string[]) =>
    Object.fromEntries(Object.entries(of).filter(([f, v]) => fields.includes(f) && v !== null && (!Array.isArray(v) || v.length > 0)));
  const lines: { when: string; line: CaseLine }[] = [];
  for (const e of c.evidence) {
    if (e.withdrawn || e.outcome === 'skipped' || e.outcome === 'could-not:no-tool') continue;
    const reading = c.readings.find((r) => r.id === e.readingId);
    const at_ = e.position === null ? {} : { at: e.position };
    const conditions = Object.keys(e.conditions).length ? { conditions: e.conditions } : {};
    const said = reading?.value.kind === 'exact' ? { reading: show(reading.value.value, reading.unit) } : { result: e.outcome };
    lines.push({ when: e.takenAt, line: { test: e.testId, ...at_, ...said, ...conditions } });
  }
  for (const r of c.repairs) {
    const result = c.retests.find((t) => t.repairId === r.id)?.result;
    const at_ = r.position === null ? {} : { at: r.position };
    lines.push({ when: r.madeAt, line: { repair: r.faultId ?? 'not-in-list', ...at_, then: result === 'gone' ? 'gone' : 'same' } });
  }
  const symptoms = Object.fromEntries(
    c.complaints
      .filter((p) => !p.linkedTo)
      .flatMap((p) => Object.entries(p.symptoms).map(([id, a]): [string, 'yes' | 'no'] => [id, a === 'present' ? 'yes' : 'no'])),
  );
  return {
    format: 'ivrek-case',
    version: 1,
    bike: picked(c.bike, bikeFields) as Record<string, string | number>,
    history: picked(c.job, historyFields) as Record<string, string | number | string[]>,
    rate: Number(c.job.rate),
    complaint: c.complaints[0]?.words ?? '',
    symptoms,
    evidence: lines.sort((a, b) => (a.when < b.when ? -1 : 1)).map((l) => l.line),
  };
}

import { createHash } from 'node:crypto';
import type pg from 'pg';
import type { PersonalPart } from '../../contract';
import { command, type CommandName, type Payloads } from '../../core/command';
import {
  partStatuses,
  type PartStatus,
  type FactKind,
  type FluidAct,
  type OutlineShape,
  type PieceOutcome,
  type PieceWay,
  type TorqueUnit,
  type StoredVerdict,
  type WaitKind,
} from '../../core/state';
import { toSi } from '../../core/quantity';
import { handleCommand } from '../commands/handle';
import { storePhoto } from '../files/photos';

/** A UUID that is always the same for the same words, so that the demo loaded twice is loaded once. */
export function idFor(words: string): string {
  const h = createHash('sha256').update(`lantern yard ${words}`).digest('hex');
  return `${h.slice(0, 8)}-${h.slice(8, 12)}-5${h.slice(13, 16)}-a${h.slice(17, 20)}-${h.slice(20, 32)}`;
}

/** Sends the demo's commands the way every command goes, at times of its own. */
export class DemoWriter {
  private n = 0;

  constructor(
    private readonly pool: pg.Pool,
    private readonly shopId: string,
    private readonly today: Date,
    public actorId: string | null = null,
  ) {}

  /** ISO time so many days before (or, negative, after) the day of loading, at a clock time. */
  day(before: number, hour = 10, minute = 0): string {
    const d = new Date(this.today);
    d.setUTCDate(d.getUTCDate() - before);
    d.setUTCHours(hour, minute, 0, 0);
    return d.toISOString();
  }

  /** Bytes of a picture, as a tablet would bring them before the entry. */
  async bytes(sha256: string, bytes: Buffer): Promise<void> {
    const kept = await storePhoto(this.pool, this.shopId, sha256, bytes);
    if (!kept.ok) throw new Error(`the demo's picture was not taken: ${kept.message}`);
  }

  async send<N extends CommandName>(
    madeAt: string,
    type: N,
    id: string,
    payload: Payloads[N],
    extra: { base?: Record<string, number>; personal?: PersonalPart[] } = {},
  ): Promise<void> {
    const made = command(type, id, payload, { id: idFor(`command ${this.n++} ${type} ${id}`), madeAt, base: extra.base });
    const answer = await handleCommand(
      this.pool,
      { shopId: this.shopId, actorId: this.actorId, deviceId: null },
      { ...made, ...(extra.personal && { personal: extra.personal }) },
    );
    if (answer.kind !== 'applied') throw new Error(`the demo's ${type} was not taken: ${JSON.stringify(answer)}`);
  }
}

/** The acts of one demo job, in few words each. */
export class DemoJob {
  readonly bikeId: string;
  readonly jobId: string;
  readonly complaintId: string;
  lastRepair: string | null = null;

  constructor(
    readonly w: DemoWriter,
    readonly name: string,
    readonly knowledgeHash: string,
  ) {
    this.bikeId = idFor(`bike ${name}`);
    this.jobId = idFor(`job ${name}`);
    this.complaintId = idFor(`complaint ${name}`);
  }

  id = (what: string) => idFor(`${what} ${this.name}`);

  async bookIn(
    at: string,
    owner: { name: string; phone: string },
    words: string,
    symptoms: Record<string, 'present' | 'absent'>,
    bike: object,
    job: object,
  ): Promise<void> {
    const personalId = this.id('personal');
    await this.w.send(
      at,
      'bike.bookIn',
      this.bikeId,
      {
        bikeId: this.bikeId,
        newJobId: this.jobId,
        ownerId: this.id('owner'),
        personalId,
        complaintId: this.complaintId,
        name: this.name,
        words,
        symptoms,
        rate: '35.00',
      },
      { personal: [{ id: personalId, ...owner, email: null }] },
    );
    await this.w.send(at, 'bike.set', this.bikeId, { set: bike }, { base: zeros(bike) });
    await this.w.send(at, 'job.set', this.jobId, { set: job }, { base: zeros(job) });
  }

  consent = (at: string, words: string, upTo: string | null) =>
    this.w.send(at, 'consent.give', this.id(`consent ${at}`), { jobId: this.jobId, words, upTo, supersedes: null });

  async test(
    at: string,
    testId: string,
    outcome: string,
    more: {
      position?: string;
      reading?: [quantity: string, value: number, unit: string];
      note?: string;
      conditions?: object;
      predicted?: [words: string, held: 'yes' | 'no'];
    } = {},
  ): Promise<void> {
    const position = more.position ?? null;
    const tag = `${testId} ${position} ${at}`;
    let predictionId: string | null = null;
    if (more.predicted) {
      predictionId = this.id(`prediction ${tag}`);
      await this.w.send(at, 'prediction.write', predictionId, {
        jobId: this.jobId,
        testId,
        position,
        words: more.predicted[0],
        expected: null,
      });
    }
    const reading = more.reading && this.reading(`reading ${tag}`, ...more.reading);
    await this.w.send(at, 'evidence.add', this.id(`evidence ${tag}`), {
      jobId: this.jobId,
      testId,
      position,
      outcome,
      reading: reading ?? null,
      predictionId,
      held: more.predicted?.[1] ?? null,
      conditions: more.conditions ?? { temperature: 'cold', battery: 'own' },
      note: more.note ?? null,
      afterRepairId: this.lastRepair,
      knowledgeHash: this.knowledgeHash,
      shown: null,
    });
  }

  reading(tag: string, quantity: string, value: number, unit: string) {
    return {
      id: this.id(tag),
      bikeId: this.bikeId,
      quantity,
      value: { kind: 'exact' as const, value: toSi(value, unit) },
      unit,
      entered: `${value} ${unit}`,
      instrument: null,
    };
  }

  async repair(at: string, faultId: string, words: string, minutes: number, cost: string, causeWords: string): Promise<void> {
    const causeId = this.id(`cause ${faultId}`);
    await this.w.send(at, 'cause.name', causeId, {
      jobId: this.jobId,
      complaintId: this.complaintId,
      faultId,
      position: null,
      words: causeWords,
    });
    const id = this.id(`repair ${faultId}`);
    await this.w.send(at, 'repair.log', id, {
      jobId: this.jobId,
      causeId,
      faultId,
      position: null,
      words,
      minutes,
      cost,
      afterRepairId: this.lastRepair,
    });
    this.lastRepair = id;
  }

  retest = (at: string, result: 'gone' | 'same', conditions: object, note: string | null = null) =>
    this.w.send(at, 'retest.log', this.id(`retest ${at}`), {
      jobId: this.jobId,
      complaintId: this.complaintId,
      repairId: this.lastRepair!,
      result,
      conditions,
      note,
      changed: null,
    });

  step = (
    at: string,
    title: string,
    bag: string | null,
    fasteners: [count: number, size: string, place: string | null][],
    access: string | null = null,
    note: string | null = null,
  ) =>
    this.w.send(at, 'step.add', this.id(`step ${title}`), {
      jobId: this.jobId,
      title,
      access,
      bag,
      note,
      fasteners: fasteners.map(([count, size, place], i) => ({ id: this.id(`fastener ${title} ${i}`), size, count, place })),
    });

  /** A photo of a step, with numbered pins. */
  async photo(
    at: string,
    title: string,
    picture: { sha256: string; bytes: Buffer; width: number; height: number },
    pins: readonly (readonly [x: number, y: number, note: string])[],
  ): Promise<void> {
    const { sha256, bytes, width, height } = picture;
    await this.w.bytes(sha256, bytes);
    const photoId = this.id(`photo ${title}`);
    await this.w.send(at, 'photo.add', photoId, {
      jobId: this.jobId,
      subject: 'step',
      subjectId: this.id(`step ${title}`),
      bag: null,
      sha256,
      width,
      height,
      bytes: bytes.length,
      caption: null,
    });
    for (const [x, y, note] of pins) await this.w.send(at, 'pin.add', this.id(`pin ${note}`), { jobId: this.jobId, photoId, x, y, note });
  }

  /** A step that followed a usual job: how things stood, and what is checked before it is closed in. */
  async followed(at: string, step: string, usual: string, ways: [about: string, says: string][], checks: string[]): Promise<void> {
    const stepId = this.id(`step ${step}`);
    await this.w.send(at, 'step.set', stepId, { set: { usual } }, { base: { usual: 0 } });
    const fact = (kind: FactKind, about: string, says: string | null) =>
      this.w.send(at, 'fact.add', this.id(`fact ${step} ${about}`), { jobId: this.jobId, stepId, kind, about, says });
    for (const [about, says] of ways) await fact('way', about, says);
    for (const about of checks) await fact('check', about, null);
  }

  /** A piece that went, and how it was accounted for. */
  async piece(
    at: string,
    step: string,
    name: string,
    went: PieceWay,
    note: string,
    then: { at: string; outcome: PieceOutcome; proof: string; settledBy: string },
  ): Promise<void> {
    const id = this.id(`piece ${name}`);
    await this.w.send(at, 'piece.add', id, { jobId: this.jobId, stepId: this.id(`step ${step}`), name, went, note });
    const { outcome, proof, settledBy } = then;
    await this.w.send(then.at, 'piece.settle', id, { jobId: this.jobId, outcome, proof, settledBy });
  }

  refit = (at: string, title: string, counts: number[]) =>
    this.w.send(at, 'step.refit', this.id(`step ${title}`), {
      jobId: this.jobId,
      counts: Object.fromEntries(counts.map((n, i) => [this.id(`fastener ${title} ${i}`), n])),
    });

  finding = (
    at: string,
    step: string | null,
    item: string,
    seen: string,
    verdict: StoredVerdict,
    more: { reading?: [string, number, string]; faultId?: string; wear?: string } = {},
  ) =>
    this.w.send(at, 'finding.add', this.id(`finding ${item}`), {
      jobId: this.jobId,
      stepId: step && this.id(`step ${step}`),
      item,
      position: null,
      seen,
      verdict,
      conditions: {},
      wear: more.wear ?? null,
      faultId: more.faultId ?? null,
      afterRepairId: this.lastRepair,
      reading: more.reading ? this.reading(`reading ${item}`, ...more.reading) : null,
    });

  /** A wire that was parted. */
  wire = (at: string, step: string, fromEnd: string, toEnd: string, colour: string, mark: string) =>
    this.w.send(at, 'connection.add', this.id(`wire ${fromEnd}`), {
      jobId: this.jobId,
      stepId: this.id(`step ${step}`),
      kind: 'wire',
      fromEnd,
      toEnd,
      colour,
      mark,
      route: null,
    });

  joined = (at: string, fromEnd: string, joinedTo: string) =>
    this.w.send(at, 'connection.join', this.id(`wire ${fromEnd}`), { jobId: this.jobId, joinedTo });

  fluid = (at: string, step: string, fluid: string, act: FluidAct, ml: number, grade: string | null = null) =>
    this.w.send(at, 'fluid.log', this.id(`${act} ${fluid}`), {
      jobId: this.jobId,
      stepId: this.id(`step ${step}`),
      fluid,
      act,
      ml,
      grade,
      note: null,
    });

  /** A part that was cleaned and is ready to go back. */
  async cleaned(
    at: string,
    step: string,
    item: string,
    materials: string[],
    cleaner: string,
    litres: number,
    rounds: number,
    readyAt: string,
  ) {
    const id = this.id(`treated ${item}`);
    await this.w.send(at, 'treated.add', id, { jobId: this.jobId, stepId: this.id(`step ${step}`), item, materials });
    await this.w.send(readyAt, 'cleaning.log', this.id(`cleaning ${item}`), {
      jobId: this.jobId,
      partId: id,
      cleaner,
      litres,
      rounds,
      note: null,
    });
    await this.w.send(readyAt, 'treated.move', id, { jobId: this.jobId, state: 'ready', at: null });
  }

  /** The outline of a cover, with the holes of each kind of its screws. */
  async outline(
    at: string,
    step: string,
    shape: OutlineShape,
    holes: [fastener: number, places: [x: number, y: number][]][],
  ): Promise<void> {
    const id = this.id(`outline ${step}`);
    await this.w.send(at, 'outline.draw', id, { jobId: this.jobId, stepId: this.id(`step ${step}`), shape, corners: [] });
    for (const [fastener, places] of holes)
      await this.w.send(at, 'holes.add', id, {
        jobId: this.jobId,
        fastenerId: this.id(`fastener ${step} ${fastener}`),
        holes: places.map(([x, y], i) => ({ id: this.id(`hole ${step} ${fastener} ${i}`), x, y })),
      });
  }

  substitute = (at: string, item: string, asFound: string, manual: string, chosen: string, why: string, effects: string[]) =>
    this.w.send(at, 'substitute.add', this.id(`substitute ${item}`), {
      bikeId: this.bikeId,
      item,
      asFound,
      manual,
      chosen,
      why,
      modified: null,
      effects,
    });

  part = async (at: string, name: string, price: string, source: string, status: PartStatus, quantity = 1, dueOn: string | null = null) => {
    const id = this.id(`part ${name}`);
    await this.w.send(at, 'part.add', id, {
      jobId: this.jobId,
      findingId: null,
      name,
      number: null,
      source,
      quantity,
      price,
      dueOn,
    });
    for (let i = 1; i <= partStatuses.indexOf(status); i++)
      await this.w.send(at, 'part.set', id, { set: { status: partStatuses[i] } }, { base: { status: i - 1 } });
  };

  torque = async (
    at: string,
    name: string,
    thread: string,
    count: number,
    figure: number,
    unit: TorqueUnit,
    stages: [kind: 'torque' | 'angle', value: number][],
    done: number,
    signedBy: string | null,
  ) => {
    const id = this.id(`torque ${name}`);
    const nm = (v: number) => toSi(v, unit);
    const list = stages.map(([kind, value], i) => ({
      id: this.id(`stage ${name} ${i}`),
      kind,
      value: kind === 'torque' ? nm(value) : value,
    }));
    await this.w.send(at, 'torque.plan', id, {
      jobId: this.jobId,
      name,
      thread,
      count,
      figureNm: nm(figure),
      unit,
      entered: `${figure} ${unit}`,
      source: 'manual of this bike',
      stages: list,
    });
    for (let i = 0; i < done; i++) await this.w.send(at, 'torque.stage', list[i].id, { jobId: this.jobId, torqueId: id });
    if (signedBy)
      await this.w.send(at, 'signature.sign', this.id(`signature ${name}`), {
        jobId: this.jobId,
        kind: 'torque',
        subjectId: id,
        signedBy,
        supersedes: null,
      });
  };

  check = (at: string, listId: string, item: string, state: 'done' | 'notNeeded' = 'done') =>
    this.w.send(at, 'check.mark', this.id(`check ${listId} ${item}`), {
      jobId: this.jobId,
      list: listId,
      item,
      state,
      note: null,
    });

  wait = (at: string, kind: WaitKind, what: string, until: string | null, lookAgain: string | null) =>
    this.w.send(at, 'wait.start', this.id(`wait ${what}`), { jobId: this.jobId, kind, what, until, lookAgain });
}

const zeros = (o: object) => Object.fromEntries(Object.keys(o).map((k) => [k, 0]));

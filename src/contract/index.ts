import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { upcast, type Command } from '../core/command';
import type { TableName } from '../core/record';
import { Envelope } from './envelope';
import { unstorableIn } from './storable';
import * as fitness from './payloads/fitness';
import * as intake from './payloads/intake';
import * as own from './payloads/own';
import * as picture from './payloads/picture';
import * as tracing from './payloads/tracing';
import * as work from './payloads/work';

export type { PersonalPart } from './payloads/intake';
export { mostPhotoBytes } from './payloads/picture';
export { isInstant } from './fields';
export { isStorable, unstorableIn } from './storable';

interface Shape {
  /** Null where it may be about any kind of entity. */
  kind: TableName | null;
  body: ClassConstructor<object>;
}

const of = (kind: TableName | null, body: ClassConstructor<object>): Shape => ({ kind, body });

/** The payload class and entity kind of every command type. */
export const shapes: Readonly<Record<string, Shape>> = {
  'person.add': of('person', intake.PersonBody),
  'bike.bookIn': of('bike', intake.BookInBody),
  'job.open': of('job', intake.OpenJobBody),
  'bike.set': of('bike', intake.BikeSetBody),
  'job.set': of('job', intake.JobSetBody),
  'owner.set': of('owner', intake.OwnerSetBody),
  'complaint.add': of('complaint', intake.ComplaintAddBody),
  'complaint.set': of('complaint', intake.ComplaintSetBody),
  'consent.give': of('consent', intake.ConsentBody),
  'evidence.add': of('evidence', tracing.EvidenceAddBody),
  'evidence.withdraw': of('evidence', tracing.WithdrawBody),
  'prediction.write': of('prediction', tracing.PredictionBody),
  'reading.add': of('reading', tracing.ReadingAddBody),
  'spec.add': of('spec', tracing.SpecAddBody),
  'spec.set': of('spec', tracing.SpecSetBody),
  'cause.name': of('cause', tracing.CauseBody),
  'repair.log': of('repair', tracing.RepairBody),
  'retest.log': of('retest', tracing.RetestBody),
  'step.add': of('step', work.StepAddBody),
  'step.refit': of('step', work.RefitBody),
  'finding.add': of('finding', work.FindingAddBody),
  'part.add': of('part', work.PartAddBody),
  'part.set': of('part', work.PartSetBody),
  'torque.plan': of('torque', work.TorquePlanBody),
  'torque.stage': of('torqueStage', work.TorqueStageBody),
  'signature.sign': of('signature', work.SignBody),
  'check.mark': of('checkmark', work.CheckMarkBody),
  'wait.start': of('wait', work.WaitStartBody),
  'wait.end': of('wait', work.JobOnlyBody),
  'wait.set': of('wait', work.WaitSetBody),
  'provisional.add': of('provisional', work.ProvisionalBody),
  'provisional.end': of('provisional', work.JobOnlyBody),
  'overrule.say': of('overrule', fitness.OverruleBody),
  'overrule.end': of('overrule', work.JobOnlyBody),
  'attempt.log': of('startAttempt', fitness.AttemptBody),
  'watch.add': of('watch', work.WatchBody),
  'hazard.acknowledge': of('hazardAck', work.HazardBody),
  'job.handOver': of('job', work.HandOverBody),
  'photo.add': of('photo', picture.PhotoAddBody),
  'photo.set': of('photo', picture.PhotoSetBody),
  'photo.remove': of('photo', work.JobOnlyBody),
  'pin.add': of('pin', picture.PinAddBody),
  'pin.set': of('pin', picture.PinSetBody),
  'pin.remove': of('pin', work.JobOnlyBody),
  'erratum.add': of('erratum', picture.ErratumAddBody),
  'erratum.set': of('erratum', picture.ErratumSetBody),
  'own.add': of('own', own.OwnAddBody),
  'own.change': of('own', own.OwnChangeBody),
  'own.retire': of('own', own.OwnRetireBody),
  'tray.decide': of(null, picture.DecisionBody),
  undo: of('job', work.TargetBody),
  redo: of('job', work.TargetBody),
};

/** One complaint about a command: where and what, in words for the person. */
export interface Fault {
  path: string;
  message: string;
}

export type Checked = { ok: true; command: Command; personal: intake.PersonalPart[] } | { ok: false; faults: Fault[] };

const options = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true, stopAtFirstError: true };

function flatten(errors: ValidationError[], prefix = ''): Fault[] {
  return errors.flatMap((e) => {
    const path = prefix ? `${prefix}.${e.property}` : e.property;
    const own = Object.values(e.constraints ?? {}).map((message) => ({ path, message }));
    return [...own, ...flatten(e.children ?? [], path)];
  });
}

function check<T extends object>(cls: ClassConstructor<T>, plain: unknown): { value: T; faults: Fault[] } {
  const value = plainToInstance(cls, plain ?? {}) as T;
  return { value, faults: flatten(validateSync(value, options)) };
}

/** Undecorated instances as plain objects again: what travels and is stored is plain data. */
const plain = <T>(x: T): T => JSON.parse(JSON.stringify(x)) as T;

/** Checks anything that claims to be a command. Never throws; what comes back is plain and holds nothing undeclared. */
export function checkCommand(input: unknown): Checked {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return { ok: false, faults: [{ path: '', message: 'A command is an object.' }] };
  const unfit = unstorableIn(input);
  if (unfit) return { ok: false, faults: [unfit] };
  const envelope = check(Envelope, input);
  if (envelope.faults.length) return { ok: false, faults: envelope.faults };
  const { type, entity, base, personal } = envelope.value;
  const shape = Object.hasOwn(shapes, type) ? shapes[type] : undefined;
  if (!shape) return { ok: false, faults: [{ path: 'type', message: `There is no command '${type}'.` }] };
  if (shape.kind && entity.kind !== shape.kind)
    return { ok: false, faults: [{ path: 'entity.kind', message: `'${type}' is about a ${shape.kind}.` }] };
  for (const [field, version] of Object.entries(base)) {
    if (!Number.isInteger(version) || version < 0)
      return { ok: false, faults: [{ path: `base.${field}`, message: 'A version is a whole number.' }] };
  }
  const { payload: newest, schemaVersion } = upcast({
    type,
    schemaVersion: envelope.value.schemaVersion,
    payload: (input as { payload: unknown }).payload,
  });
  const payload = check(shape.body, newest);
  const faults = payload.faults.length ? payload.faults : type === 'tray.decide' ? decisionFaults(payload.value, entity.kind) : [];
  if (faults.length) return { ok: false, faults: faults.map((f) => ({ ...f, path: `payload.${f.path}` })) };
  const { id, madeAt, after } = envelope.value;
  const command = plain({ id, schemaVersion, type, entity, madeAt: new Date(madeAt).toISOString(), after, base, payload: payload.value });
  return { ok: true, command, personal: plain(personal ?? []) };
}

/** What a decision sets must be as sound as what the refused command would have set. */
function decisionFaults(payload: object, kind: TableName): Fault[] {
  const { refusedType, set } = payload as picture.DecisionBody;
  if (Object.keys(set).length === 0) return [];
  const refused = Object.hasOwn(shapes, refusedType) ? shapes[refusedType] : undefined;
  if (!refused || !refusedType.endsWith('.set') || refused.kind !== kind)
    return [{ path: 'refusedType', message: 'Only a command that sets fields of this row can be set again.' }];
  return check(refused.body, { set }).faults;
}

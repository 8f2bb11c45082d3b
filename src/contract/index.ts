import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { commandType, commandTypes, upcast, type Command, type Decision } from '../core/command';
import type { TableName } from '../core/state';
import { bodyOf } from './bodies';
import { Envelope, type PersonalPart } from './envelope';
import { unstorableIn } from './storable';

export type { PersonalPart } from './envelope';
export { isInstant } from './fields';
export { isStorable, unstorableIn } from './storable';

/** The class that checks the payload of each command type. */
const bodies = new Map(commandTypes.map((t) => [t.type, bodyOf(t.payload)]));

/** One complaint about a command: where and what, in words for the person. */
export interface ValueFault {
  path: string;
  message: string;
}

export type Checked = { ok: true; command: Command; personal: PersonalPart[] } | { ok: false; faults: ValueFault[] };

const options = { whitelist: true, forbidNonWhitelisted: true, forbidUnknownValues: true, stopAtFirstError: true };

function flatten(errors: ValidationError[], prefix = ''): ValueFault[] {
  return errors.flatMap((e) => {
    const path = prefix ? `${prefix}.${e.property}` : e.property;
    const own = Object.values(e.constraints ?? {}).map((message) => ({ path, message }));
    return [...own, ...flatten(e.children ?? [], path)];
  });
}

function check<T extends object>(cls: ClassConstructor<T>, plain: unknown): { value: T; faults: ValueFault[] } {
  const value = plainToInstance(cls, plain ?? {}) as T;
  return { value, faults: flatten(validateSync(value, options)) };
}

/** Undecorated instances as plain objects again: what travels and is stored is plain data. */
const plain = <T>(x: T): T => JSON.parse(JSON.stringify(x)) as T;

/**
 * Checks anything that claims to be a command. Never throws; what comes back is plain and holds nothing undeclared.
 * @param input anything that came over the wire or out of a file
 * @returns the command, or what is wrong with it and where
 */
export function checkCommand(input: unknown): Checked {
  if (typeof input !== 'object' || input === null || Array.isArray(input))
    return { ok: false, faults: [{ path: '', message: 'A command is an object.' }] };
  const unfit = unstorableIn(input);
  if (unfit) return { ok: false, faults: [unfit] };
  const envelope = check(Envelope, input);
  if (envelope.faults.length) return { ok: false, faults: envelope.faults };
  const { type, entity, base, personal } = envelope.value;
  const known = commandType(type);
  if (!known) return { ok: false, faults: [{ path: 'type', message: `There is no command '${type}'.` }] };
  if (known.on && entity.kind !== known.on)
    return { ok: false, faults: [{ path: 'entity.kind', message: `'${type}' is about a ${known.on}.` }] };
  for (const [field, version] of Object.entries(base)) {
    if (!Number.isInteger(version) || version < 0)
      return { ok: false, faults: [{ path: `base.${field}`, message: 'A version is a whole number.' }] };
  }
  const { payload: newest, schemaVersion } = upcast({
    type,
    schemaVersion: envelope.value.schemaVersion,
    payload: (input as { payload: unknown }).payload,
  });
  const payload = check(bodies.get(type)!, newest);
  const faults = payload.faults.length ? payload.faults : type === 'tray.decide' ? decisionFaults(payload.value, entity.kind) : [];
  if (faults.length) return { ok: false, faults: faults.map((f) => ({ ...f, path: `payload.${f.path}` })) };
  const { id, madeAt, after, group } = envelope.value;
  const command = plain({
    id,
    schemaVersion,
    type,
    entity,
    madeAt: new Date(madeAt).toISOString(),
    after,
    base,
    payload: payload.value,
    ...(group && { group }),
  });
  return { ok: true, command, personal: plain(personal ?? []) };
}

/** What a decision sets must be as sound as what the refused command would have set. */
function decisionFaults(payload: object, kind: TableName): ValueFault[] {
  const { refusedType, set } = payload as Decision;
  if (Object.keys(set).length === 0) return [];
  const refused = commandType(refusedType);
  if (!refused || !('set' in refused.payload) || refused.on !== kind)
    return [{ path: 'refusedType', message: 'Only a command that sets fields of this row can be set again.' }];
  return check(bodies.get(refusedType)!, { set }).faults;
}

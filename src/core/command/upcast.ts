import type { Command } from './types';
import { schemaVersion } from './make';

type Payload = Record<string, unknown>;

/** For each version but the last: how payloads of that version are written in the next. Types not named stay as they are. */
const steps: Record<number, Record<string, (payload: Payload) => Payload>> = {
  1: { 'provisional.add': (p) => ({ ...p, untilOn: null }) },
  2: { 'spec.add': (p) => ({ ...p, serviceLow: null, serviceHigh: null, origin: 'book' }) },
};

/**
 * A command of any earlier version as this program would have written it. Never changes what the command does.
 * @param command a command as any release wrote it; left as it is
 * @returns the command in today's version
 */
export function upcast<C extends Pick<Command, 'type' | 'schemaVersion' | 'payload'>>(command: C): C {
  let { payload } = command;
  for (let v = command.schemaVersion; v < schemaVersion; v++) {
    const step = steps[v]?.[command.type];
    if (step && typeof payload === 'object' && payload !== null) payload = step(payload as Payload);
  }
  return { ...command, payload, schemaVersion: Math.max(command.schemaVersion, schemaVersion) };
}

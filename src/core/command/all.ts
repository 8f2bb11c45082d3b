import { care } from './care';
import { cleaning } from './cleaning';
import { deciding } from './decide';
import { fitness } from './fitness';
import { intake } from './intake';
import { outlines } from './outlines';
import { own } from './own';
import { picture } from './picture';
import { facts } from './facts';
import { pieces } from './pieces';
import { steps } from './steps';
import { strip } from './strip';
import { torque } from './torque';
import { substitutes } from './substitute';
import { tracing } from './tracing';
import { undoTypes } from './undo';
import type { CommandType } from './types';
import { wires } from './wires';

const plain = [
  ...intake,
  ...tracing,
  ...strip,
  ...steps,
  ...facts,
  ...outlines,
  ...wires,
  ...cleaning,
  ...pieces,
  ...torque,
  ...care,
  ...picture,
  ...substitutes,
  ...own,
  ...fitness,
  ...deciding,
];
const byType = new Map<string, CommandType>((plain as CommandType[]).map((t) => [t.type, t]));

/**
 * True if an entry of that type may be taken back.
 * @param type the name of a command
 * @returns false also for a name that is not known
 */
export const isUndoable = (type: string): boolean => byType.get(type)?.undoable ?? false;

const takingBack = undoTypes(isUndoable);
for (const t of takingBack as CommandType[]) byType.set(t.type, t);

export type AnyType = (typeof plain)[number] | (typeof takingBack)[number];

export const commandTypes: readonly CommandType[] = [...byType.values()];

/**
 * The declaration of a command.
 * @param type the name of a command
 * @returns what is declared of it, or undefined for a name that is not known
 */
export function commandType(type: string): CommandType | undefined {
  return byType.get(type);
}

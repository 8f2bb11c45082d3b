export { advance, advanceInPlace, effectOf } from './effect';
export { type Command, type Need, type Refusal } from './types';
export { commandType, commandTypes, isUndoable } from './all';
export { type Decision } from './decide';
export { makeCommand, schemaVersion } from './make';
export { command, tableOf, type CommandName, type Payloads, type SetName, type SetOf } from './names';
export { type OwnAdd, type OwnChange } from './own';
export { actOf, actsOf, buildsOn, undoneIn, undoTargets } from './undo';
export { upcast } from './upcast';

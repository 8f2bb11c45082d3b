export { readLine, readRecording, writeLine } from './line';
export { figureOf, heard, silent, type Live, type LiveChannel } from './live';
export { instrumentKinds, type Control, type Hello, type InstrumentKind, type Message, type Turned } from './types';

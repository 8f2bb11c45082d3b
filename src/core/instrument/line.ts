import { unitOf } from '../quantity';
import { instrumentKinds, type Channel, type Control, type Hello, type Message, type Sample } from './types';

/** Longest line that is read: an instrument has no more to say at once. */
const longest = 4096;

export type ReadLine = { ok: true; message: Message } | { ok: false; problem: string };

const wrong = (problem: string): ReadLine => ({ ok: false, problem });
const object = (x: unknown): x is Record<string, unknown> => typeof x === 'object' && x !== null && !Array.isArray(x);
const text = (x: unknown, most = 80): x is string => typeof x === 'string' && x.length > 0 && x.length <= most;

/**
 * Reads one line of the instruments' format. What is not known in it is passed over; what is wrong is said.
 * @param line one line without its end
 * @returns a message, or what is wrong with the line
 */
export function readLine(line: string): ReadLine {
  if (line.length > longest) return wrong(`A line is longer than ${longest} characters.`);
  let x: unknown;
  try {
    x = JSON.parse(line);
  } catch {
    return wrong('A line is not whole JSON.');
  }
  if (!object(x)) return wrong('A line has to be one object.');
  if (x.bye === true) return { ok: true, message: { kind: 'bye' } };
  if (object(x.hello)) return readHello(x.hello);
  if ('control' in x) {
    if (!text(x.control)) return wrong('"control" names what is turned.');
    const option = text(x.option) ? x.option : null;
    const turns = typeof x.turns === 'number' && Number.isFinite(x.turns) ? x.turns : null;
    return { ok: true, message: { kind: 'turned', turned: { control: x.control, option, turns } } };
  }
  return readSample(x);
}

function readSample(x: Record<string, unknown>): ReadLine {
  const { t, c, v, over, settled } = x;
  if (typeof t !== 'number' || !Number.isFinite(t) || t < 0) return wrong('"t" has to be seconds since the start.');
  if (!text(c)) return wrong('"c" has to name the channel.');
  if (over !== undefined && over !== 'high' && over !== 'low') return wrong('"over" is "high" or "low".');
  const known = typeof v === 'number' && Number.isFinite(v);
  if (!known && v !== null && over === undefined) return wrong('"v" has to be a number, or null where none is shown.');
  const sample: Sample = { t, channel: c, value: known ? v : null, over: over ?? null, settled: settled === true };
  return { ok: true, message: { kind: 'sample', sample } };
}

function readHello(x: Record<string, unknown>): ReadLine {
  if (x.format !== 1) return wrong('"format" has to be 1: this release knows no other.');
  if (!text(x.id) || !text(x.name)) return wrong('An instrument has an "id" and a "name".');
  const kind = instrumentKinds.find((k) => k === x.kind);
  if (!kind) return wrong(`"kind" is one of ${instrumentKinds.join(', ')}.`);
  if (!Array.isArray(x.channels) || x.channels.length === 0 || x.channels.length > 16)
    return wrong('An instrument has 1 to 16 "channels".');
  const channels: Channel[] = [];
  for (const c of x.channels as unknown[]) {
    if (!object(c) || !text(c.id) || !text(c.unit, 16) || !unitOf(c.unit))
      return wrong('A channel has an "id" and a "unit" that is known.');
    channels.push({
      id: c.id,
      name: text(c.name) ? c.name : c.id,
      quantity: text(c.quantity) ? c.quantity : null,
      unit: unitOf(c.unit)!.id,
      resolution: typeof c.resolution === 'number' && c.resolution > 0 ? c.resolution : 0,
    });
  }
  if (new Set(channels.map((c) => c.id)).size < channels.length) return wrong('Two channels have the same "id".');
  const hello: Hello = { id: x.id, name: x.name, kind, channels, controls: controlsOf(x.controls), simulated: x.simulated === true };
  return { ok: true, message: { kind: 'hello', hello } };
}

function controlsOf(x: unknown): Control[] {
  if (!Array.isArray(x)) return [];
  return (x as unknown[]).flatMap((c): Control[] => {
    if (!object(c) || !text(c.id)) return [];
    const name = text(c.name) ? c.name : c.id;
    if (c.kind === 'turn' || c.kind === 'press') return [{ id: c.id, name, kind: c.kind }];
    const options = Array.isArray(c.options) ? (c.options as unknown[]).filter((o): o is string => text(o)) : [];
    return options.length ? [{ id: c.id, name, kind: 'choice', options }] : [];
  });
}

/**
 * A message as its line, without the end of line.
 * @param m a message that `readLine` could give
 * @returns the line
 */
export function writeLine(m: Message): string {
  switch (m.kind) {
    case 'hello':
      return JSON.stringify({ hello: { format: 1, ...m.hello } });
    case 'bye':
      return JSON.stringify({ bye: true });
    case 'turned':
      return JSON.stringify({
        control: m.turned.control,
        ...(m.turned.option !== null && { option: m.turned.option }),
        ...(m.turned.turns !== null && { turns: m.turned.turns }),
      });
    case 'sample': {
      const { t, channel, value, over, settled } = m.sample;
      return JSON.stringify({ t: Math.round(t * 1000) / 1000, c: channel, v: value, ...(over && { over }), ...(settled && { settled }) });
    }
  }
}

/**
 * A recorded stream: its messages in order, or the first line that is wrong and why.
 * @param text lines, one message each
 * @returns all messages or none
 */
export function readRecording(text: string): { ok: true; messages: Message[] } | { ok: false; line: number; problem: string } {
  const messages: Message[] = [];
  const lines = text.split(/\r?\n/);
  for (let i = 0; i < lines.length; i++) {
    if (lines[i].trim() === '') continue;
    const r = readLine(lines[i]);
    if (!r.ok) return { ok: false, line: i + 1, problem: r.problem };
    messages.push(r.message);
  }
  if (messages[0]?.kind !== 'hello') return { ok: false, line: 1, problem: 'A recording begins with the instrument’s hello.' };
  return { ok: true, messages };
}

/** A simulated instrument: it speaks the open line format from a thread of its own, so that the screen never waits for it. */
import { readLine, writeLine, type InstrumentKind } from '../core/instrument';
import { chances, hiddenBike, rate, simulators, type Simulator } from '../core/instrument/simulate';

export interface StartSimulated {
  start: InstrumentKind;
  seed: number;
  cylinders: number;
  strokes: 'two' | 'four';
  voltage: number;
}

let simulator: Simulator | null = null;
let began = 0;
const say = (line: string) => postMessage(line);
const now = () => (performance.now() - began) / 1000;

onmessage = ({ data }: MessageEvent<StartSimulated | string>) => {
  if (typeof data === 'string') {
    const r = readLine(data);
    if (r.ok && r.message.kind === 'turned') simulator?.turn(r.message.turned, now());
    return;
  }
  const bike = hiddenBike(chances(data.seed), data);
  simulator = simulators[data.start](bike, chances(data.seed + 1));
  began = performance.now();
  say(writeLine({ kind: 'hello', hello: simulator.hello }));
  setInterval(() => {
    for (const sample of simulator!.read(now())) say(writeLine({ kind: 'sample', sample }));
  }, 1000 / rate);
};

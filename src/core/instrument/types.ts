/** What an instrument says of itself, and what it sends: docs/formats.md. */

export const instrumentKinds = [
  'compression',
  'leak-down',
  'multimeter',
  'timing',
  'vacuum',
  'bore',
  'dial',
  'torque',
  'thermometer',
] as const;
export type InstrumentKind = (typeof instrumentKinds)[number];

/** One thing that it measures. */
export interface Channel {
  id: string;
  name: string;
  /** Quantity that its figure is a reading of, where there is one. */
  quantity: string | null;
  unit: string;
  /** Smallest step that it shows, in its unit. */
  resolution: number;
}

/** Something that can be done at it or at the bike: a choice, or a screw that is turned. */
export type Control =
  | { id: string; name: string; kind: 'choice'; options: readonly string[] }
  | { id: string; name: string; kind: 'press' }
  | { id: string; name: string; kind: 'turn' };

export interface Hello {
  id: string;
  name: string;
  kind: InstrumentKind;
  channels: readonly Channel[];
  controls: readonly Control[];
  simulated: boolean;
}

export interface Sample {
  /** Seconds since it said hello. */
  t: number;
  channel: string;
  /** In the channel's unit; null where it shows none. */
  value: number | null;
  /** Beyond the end of its scale. */
  over: 'high' | 'low' | null;
  /** It says itself that this is the figure: the needle has stopped, the wrench has clicked. */
  settled: boolean;
}

/** What is done at a control: the option chosen, or turns of a screw (in is positive). */
export interface Turned {
  control: string;
  option: string | null;
  turns: number | null;
}

export type Message =
  { kind: 'hello'; hello: Hello } | { kind: 'sample'; sample: Sample } | { kind: 'turned'; turned: Turned } | { kind: 'bye' };

import type { InstrumentKind } from './types';
import { at } from '../measure/panel';

/** Which instruments a panel takes figures from, and into which field a channel's figure goes as its controls stand. */
export interface Takes {
  kind: InstrumentKind;
  field(channel: string, controls: Readonly<Record<string, string>>): string | null;
}

const cylinder = (c: Readonly<Record<string, string>>) => c.cylinder ?? '1';

const takes: Readonly<Record<string, readonly Takes[]>> = {
  compression: [{ kind: 'compression', field: (_ch, c) => at(c.oil ? 'wet' : 'dry', cylinder(c)) }],
  'leak-down': [{ kind: 'leak-down', field: (ch, c) => (ch === 'supply' ? 'supply' : at('held', cylinder(c))) }],
  bore: [{ kind: 'bore', field: (_ch, c) => at(c.direction === 'along' ? 'along' : 'across', c.depth ?? 'top') }],
  crank: [{ kind: 'dial', field: (ch) => (ch === 'total' ? 'run-out' : null) }],
  balance: [{ kind: 'vacuum', field: (ch) => at('vacuum', ch) }],
  points: [{ kind: 'timing', field: (ch) => (ch === 'dwell' ? 'dwell' : null) }],
  advance: [
    {
      kind: 'timing',
      field: (ch, c) => {
        const i = String(Math.max(0, ['idle', '2000', '3000', '4000'].indexOf(c.throttle ?? 'idle')) + 1);
        return ch === 'rpm' ? at('rpm', i) : ch === 'advance' ? at('read', i) : null;
      },
    },
  ],
  pipes: [{ kind: 'thermometer', field: (ch) => at('pipe', ch) }],
  'first-movement': [{ kind: 'torque', field: (_ch, c) => at('moves', c.bolt ?? '1') }],
  battery: [{ kind: 'multimeter', field: () => 'rest' }],
  'voltage-drop': [
    {
      kind: 'multimeter',
      field: (_ch, c) => {
        const i = ['battery', 'fuse', 'switch', 'kill switch', 'coil'].indexOf(c.probe ?? 'battery');
        return i < 0 ? null : at('volts', String(i + 1));
      },
    },
  ],
};

/** The instruments of a panel; none for most. */
export const takesOf = (panel: string): readonly Takes[] => takes[panel] ?? [];

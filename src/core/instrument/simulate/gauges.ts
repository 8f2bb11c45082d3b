import type { Channel, Control } from '../types';
import type { HiddenBike } from './bike';
import { noise, shown, type Simulator } from './simulator';

const psi = 6894.757;
const channel = (id: string, name: string, quantity: string | null, unit: string, resolution: number): Channel => ({
  id,
  name,
  quantity,
  unit,
  resolution,
});
const cylinderControl = (n: number): Control => ({
  id: 'cylinder',
  name: 'Screwed into cylinder',
  kind: 'choice',
  options: Array.from({ length: n }, (_x, i) => String(i + 1)),
});
const numberOf = (option: string | null) => Math.max(0, Number(option ?? '1') - 1);

/** Climbs stroke by stroke, holds by its valve, and lets go of a little while one looks. */
export function compressionGauge(bike: HiddenBike, random: () => number): Simulator {
  let cylinder = 0;
  let oil = false;
  let began: number | null = null;
  const stroke = bike.strokes === 'four' ? 0.4 : 0.2;
  return {
    hello: {
      id: 'sim-compression',
      name: 'Compression gauge',
      kind: 'compression',
      simulated: true,
      channels: [channel('gauge', 'Gauge', 'compression', 'psi', 1)],
      controls: [
        cylinderControl(bike.cylinders),
        { id: 'crank', name: 'Crank', kind: 'press' },
        { id: 'oil', name: 'A spoonful of oil', kind: 'press' },
        { id: 'release', name: 'Let the gauge go', kind: 'press' },
      ],
    },
    turn({ control, option }, t) {
      if (control === 'cylinder') {
        cylinder = Math.min(bike.cylinders - 1, numberOf(option));
        oil = false;
        began = null;
      }
      if (control === 'oil') oil = true;
      if (control === 'release') began = null;
      if (control === 'crank') began = t;
    },
    read(t) {
      if (began === null) return [shown(t, 'gauge', 0, 1, [0, 300])];
      const c = bike.compression[cylinder];
      const strokes = Math.min(10, Math.floor((t - began) / stroke));
      const peak = (c.peakPa * (oil ? 1 + c.wetGain : 1)) / psi;
      const share = strokes === 0 ? 0 : 1 - (1 - c.firstShare) * 0.55 ** (strokes - 1);
      const held = Math.max(0, t - began - 10 * stroke);
      return [shown(t, 'gauge', peak * share * (1 - 0.002 * held) + noise(random, 0.3), 1, [0, 300], strokes >= 8)];
    },
  };
}

/** Two needles, the second one never quite still. */
export function leakDownTester(bike: HiddenBike, random: () => number): Simulator {
  let cylinder = 0;
  return {
    hello: {
      id: 'sim-leak-down',
      name: 'Leak-down tester',
      kind: 'leak-down',
      simulated: true,
      channels: [channel('supply', 'Supply', null, 'psi', 1), channel('cylinder', 'Cylinder', null, 'psi', 1)],
      controls: [cylinderControl(bike.cylinders)],
    },
    turn({ control, option }) {
      if (control === 'cylinder') cylinder = Math.min(bike.cylinders - 1, numberOf(option));
    },
    read(t) {
      const supply = 100 + noise(random, 0.4);
      return [
        shown(t, 'supply', supply, 1, [0, 160]),
        shown(t, 'cylinder', supply * (1 - bike.compression[cylinder].leak) + noise(random, 0.8), 1, [0, 160]),
      ];
    },
  };
}

/** Takes a moment to find its range, and its last digit never rests. */
export function multimeter(bike: HiddenBike, random: () => number): Simulator {
  let point = 0;
  let moved = 0;
  const names = bike.circuit.map((p) => p.name);
  return {
    hello: {
      id: 'sim-multimeter',
      name: 'Multimeter',
      kind: 'multimeter',
      simulated: true,
      channels: [channel('volts', 'Volts', null, 'V', 0.01)],
      controls: [{ id: 'probe', name: 'Red probe on', kind: 'choice', options: names }],
    },
    turn({ control, option }, t) {
      if (control !== 'probe') return;
      point = Math.max(0, names.indexOf(option ?? ''));
      moved = t;
    },
    read(t) {
      if (t - moved < 0.4) return [{ t, channel: 'volts', value: null, over: null, settled: false }];
      return [shown(t, 'volts', bike.circuit[point].volts + noise(random, 0.006), 0.01, [-60, 60], t - moved > 1)];
    },
  };
}

/** Revs wander, and the mark dances. */
export function timingMeter(bike: HiddenBike, random: () => number): Simulator {
  let target = bike.timing.idleRpm;
  let revs = target;
  let last = 0;
  return {
    hello: {
      id: 'sim-timing',
      name: 'Dwell and timing meter',
      kind: 'timing',
      simulated: true,
      channels: [
        channel('rpm', 'Revs', null, 'rpm', 10),
        channel('advance', 'Before the top', null, '°', 0.5),
        channel('dwell', 'Dwell', null, '°', 1),
      ],
      controls: [{ id: 'throttle', name: 'Throttle', kind: 'choice', options: ['idle', '2000', '3000', '4000'] }],
    },
    turn({ control, option }) {
      if (control === 'throttle') target = Number(option) || bike.timing.idleRpm;
    },
    read(t) {
      revs += (target - revs) * Math.min(1, Math.max(0, t - last) / 0.6);
      last = t;
      const { idleDegrees, fullDegrees, idleRpm, dwellDegrees } = bike.timing;
      const share = Math.min(1, Math.max(0, (revs - idleRpm) / (3500 - idleRpm)));
      return [
        shown(t, 'rpm', revs + noise(random, 15), 10, [0, 12000]),
        shown(t, 'advance', idleDegrees + (fullDegrees - idleDegrees) * share + noise(random, 0.6), 0.5, [-20, 60]),
        shown(t, 'dwell', dwellDegrees + noise(random, 0.7), 1, [0, 180]),
      ];
    },
  };
}

/** Its needle is read where it turns round: the gauge is rocked all the while. */
export function boreGauge(bike: HiddenBike, random: () => number): Simulator {
  let cylinder = 0;
  let depth = 0;
  let across = 0;
  return {
    hello: {
      id: 'sim-bore',
      name: 'Bore gauge',
      kind: 'bore',
      simulated: true,
      channels: [channel('diameter', 'Diameter', 'bore-diameter', 'mm', 0.001)],
      controls: [
        cylinderControl(bike.cylinders),
        { id: 'depth', name: 'Depth', kind: 'choice', options: ['top', 'middle', 'bottom'] },
        { id: 'direction', name: 'Direction', kind: 'choice', options: ['across', 'along'] },
      ],
    },
    turn({ control, option }) {
      if (control === 'cylinder') cylinder = Math.min(bike.cylinders - 1, numberOf(option));
      if (control === 'depth') depth = ['top', 'middle', 'bottom'].indexOf(option ?? 'top') / 2;
      if (control === 'direction') across = option === 'along' ? 1 : 0;
    },
    read(t) {
      const b = bike.boreMm[cylinder];
      const wear = b.top[across] + (b.bottom[across] - b.top[across]) * Math.max(0, depth);
      const rocked = 0.03 * Math.sin(t * 2.2) ** 2;
      // Square in the bore it shows the least: that is the figure.
      return [shown(t, 'diameter', b.standard + wear + rocked + noise(random, 0.0008), 0.001, [20, 150], rocked < 0.0004)];
    },
  };
}

/** Swings once a turn of the shaft. */
export function dialIndicator(bike: HiddenBike, random: () => number): Simulator {
  let least = Infinity;
  let most = -Infinity;
  return {
    hello: {
      id: 'sim-dial',
      name: 'Dial indicator',
      kind: 'dial',
      simulated: true,
      channels: [channel('dial', 'Needle', null, 'mm', 0.01), channel('total', 'Most less least', 'crank-run-out', 'mm', 0.01)],
      controls: [{ id: 'zero', name: 'Set to zero', kind: 'press' }],
    },
    turn({ control }) {
      if (control === 'zero') [least, most] = [Infinity, -Infinity];
    },
    read(t) {
      const x = (bike.runOutMm / 2) * Math.sin(t * 1.3) + noise(random, 0.001);
      least = Math.min(least, x);
      most = Math.max(most, x);
      return [shown(t, 'dial', x, 0.01, [-5, 5]), shown(t, 'total', most - least, 0.01, [0, 10], t > 6)];
    },
  };
}

/** Rises as it is pulled: where the bolt gives way it shows at what, else it clicks at its setting and the bolt has held. */
export function torqueWrench(bike: HiddenBike, random: () => number): Simulator {
  let began: number | null = null;
  let setting = 20;
  let bolt = 0;
  const rising = 8;
  return {
    hello: {
      id: 'sim-torque',
      name: 'Torque wrench',
      kind: 'torque',
      simulated: true,
      channels: [channel('torque', 'Torque', 'first-movement', 'N·m', 0.5)],
      controls: [
        { id: 'bolt', name: 'On bolt', kind: 'choice', options: bike.movesAtNm.map((_x, i) => String(i + 1)) },
        { id: 'setting', name: 'Set to', kind: 'choice', options: ['5', '10', '15', '20', '25'] },
        { id: 'pull', name: 'Pull', kind: 'press' },
      ],
    },
    turn({ control, option }, t) {
      if (control === 'bolt') bolt = Math.min(bike.movesAtNm.length - 1, numberOf(option));
      if (control === 'setting') setting = Number(option) || setting;
      began = control === 'pull' ? t : null;
    },
    read(t) {
      if (began === null) return [{ t, channel: 'torque', value: null, over: null, settled: false }];
      const pulled = (t - began) * rising;
      const moves = bike.movesAtNm[bolt];
      // It has held at the setting: at what it moves is further up.
      if (pulled >= setting && moves > setting) return [{ t, channel: 'torque', value: null, over: 'high', settled: false }];
      return [shown(t, 'torque', Math.min(moves, pulled) * (1 + noise(random, 0.004)), 0.5, [0, 60], pulled >= moves)];
    },
  };
}

/** Warms with the pipe, and reads low on bright metal. */
export function exhaustThermometer(bike: HiddenBike, random: () => number): Simulator {
  const bright = 0.93;
  return {
    hello: {
      id: 'sim-thermometer',
      name: 'Exhaust thermometer',
      kind: 'thermometer',
      simulated: true,
      channels: bike.exhaustC.map((_x, i) => channel(String(i + 1), `Pipe ${i + 1}`, null, '°C', 1)),
      controls: [],
    },
    turn: () => undefined,
    read: (t) =>
      bike.exhaustC.map((hot, i) =>
        shown(t, String(i + 1), 18 + (hot * bright - 18) * (1 - Math.exp(-t / 25)) + noise(random, 1.2), 1, [-20, 400]),
      ),
  };
}

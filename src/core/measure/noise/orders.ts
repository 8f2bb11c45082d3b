import { propagate, type Uncertain } from '../uncertain';

/** Something in an engine that turns, or happens, so many times for each turn of the crank. */
export interface Turning {
  what: string;
  /** Times for each turn of the crank. */
  order: number;
}

export interface Train {
  strokes: 'two' | 'four';
  cylinders: number;
  /** Teeth: primary drive, crank to clutch. */
  primary: { driving: number; driven: number } | null;
  /** Gear that is engaged: teeth on the input and the output shaft. */
  gear: { driving: number; driven: number } | null;
  final: { driving: number; driven: number } | null;
  camChain: { crankTeeth: number; links: number } | null;
  /** Oil pump or balancer, times for each turn of the crank. */
  others: readonly Turning[];
}

/** Everything that turns at a rate of its own in an engine, by gear teeth. Geometry. */
export function turningIn({ strokes, cylinders, primary, gear, final, camChain, others }: Train): Turning[] {
  const all: Turning[] = [{ what: 'crank, piston, big and small end, flywheel', order: 1 }];
  if (strokes === 'four') {
    all.push({ what: 'cam, rockers, valves; anything that knocks only on firing', order: 0.5 });
    if (cylinders > 1) all.push({ what: 'every firing of all cylinders', order: cylinders / 2 });
  } else if (cylinders > 1) all.push({ what: 'every firing of all cylinders', order: cylinders });
  if (camChain && strokes === 'four') all.push({ what: 'cam chain, one turn of all of it', order: camChain.crankTeeth / camChain.links });
  if (primary) {
    const clutch = primary.driving / primary.driven;
    all.push({ what: 'clutch and gearbox input shaft', order: clutch });
    all.push({ what: 'primary gear teeth meeting', order: primary.driving });
    if (gear) {
      const output = (clutch * gear.driving) / gear.driven;
      all.push({ what: 'gearbox output shaft and front sprocket', order: output });
      all.push({ what: 'gear teeth meeting in this gear', order: clutch * gear.driving });
      if (final) {
        all.push({ what: 'rear wheel', order: (output * final.driving) / final.driven });
        all.push({ what: 'chain links meeting the front sprocket', order: output * final.driving });
      }
    }
  }
  return [...all, ...others];
}

export interface OrderMatch extends Turning {
  /** How many standard deviations of what was heard lie between. */
  apart: number;
}

/**
 * What turns at the rate that was heard: its order is rate × 60 / revs, with the uncertainty of both carried through. All that
 * lies within two standard deviations comes into question, nearest first. Rate in 1/s.
 */
export function matchOrders(ratePerS: Uncertain, rpm: Uncertain, turning: readonly Turning[]): { order: Uncertain; matches: OrderMatch[] } {
  if (!(rpm.value > 0)) throw new RangeError('an engine that stands turns nothing');
  const order = propagate((f, n) => (f * 60) / n, ratePerS, rpm);
  const sigma = Math.max(order.error, 1e-9);
  const matches = turning
    .map((t) => ({ ...t, apart: Math.abs(t.order - order.value) / sigma }))
    .filter((m) => m.apart <= 2)
    .sort((a, b) => a.apart - b.apart);
  return { order, matches };
}

import { screwsFor } from '../../measure/carburettor';
import type { HiddenBike } from './bike';
import { noise, shown, type Simulator } from './simulator';

const cmHg = 1333.224;
/** What a full turn of a balance screw moves, in cmHg: the one side gains what the other loses. Invented, of the usual size. */
const perTurn = 9;

/**
 * Vacuum columns for up to four carburettors. They pulse with the engine, jump when it is blipped, and answer to the screws of
 * the linkage.
 */
export function vacuumColumns(bike: HiddenBike, random: () => number): Simulator {
  const n = Math.min(4, bike.vacuumPa.length);
  const vacuum = bike.vacuumPa.slice(0, n).map((x) => x / cmHg);
  const screws = screwsFor(n);
  let blipped = -10;
  return {
    hello: {
      id: 'sim-vacuum',
      name: 'Vacuum columns',
      kind: 'vacuum',
      simulated: true,
      channels: vacuum.map((_x, i) => ({
        id: String(i + 1),
        name: `Column ${i + 1}`,
        quantity: 'intake-vacuum',
        unit: 'cmHg',
        resolution: 0.1,
      })),
      controls: [
        ...screws.map((s) => ({
          id: s.id,
          name: s.before.length > 1 ? 'Screw in the middle' : `Screw ${s.id.replace('-', '–')}`,
          kind: 'turn' as const,
        })),
        { id: 'blip', name: 'Blip the throttle', kind: 'press' as const },
      ],
    },
    turn({ control, turns }, t) {
      if (control === 'blip') blipped = t;
      const screw = screws.find((s) => s.id === control);
      if (!screw || turns === null) return;
      // In shuts what comes after it a little and opens what stands before.
      for (const i of screw.after) vacuum[i] += (turns * perTurn) / 2;
      for (const i of screw.before) vacuum[i] -= (turns * perTurn) / 2;
    },
    read(t) {
      const since = t - blipped;
      // An open throttle draws little; shut again it draws more than before for a moment.
      const blip = since < 0.4 ? -0.8 : since < 2 ? 0.25 * Math.exp(-(since - 0.4) / 0.5) : 0;
      return vacuum.map((x, i) => {
        const pulse = 0.5 * Math.sin(2 * Math.PI * (1.7 * t + i / n));
        return shown(t, String(i + 1), x * (1 + blip) + pulse + noise(random, 0.15), 0.1, [0, 60]);
      });
    },
  };
}

import type { OwnAdd } from '../../core/command';
import { idFor, type DemoWriter } from './writer';

/** What the invented workshop has learned at the waterside, on top of what ships. */
export async function ownKnowledge(w: DemoWriter): Promise<void> {
  const entry = <T>(name: string, body: T) => ({ id: idFor(`own ${name}`), body });
  const payload: OwnAdd = {
    faults: [
      entry('fault', {
        id: 'own-salt-under-the-lead-caps',
        name: 'Salt under the plug caps',
        system: 'spark',
        prior: 0.002,
        raised: [{ when: { storage: ['flooded', 'outside'] }, times: 4, because: 'salt water dries to a crust that conducts' }],
        area: ['ignition'],
        causes: { misfires: 0.6, 'no-start': 0.3, spark: { weak: 0.5, none: 0.2 }, 'own-salt-under-the-lead-caps-seen': 0.95 },
        remedy: { do: 'Caps off, cut the lead back to clean wire, wash and dry the caps, grease the joint', minutes: 15, parts: 3 },
        origin: 'Spray on the ferry, and no cover',
      }),
    ],
    findings: [entry('sign', { id: 'own-salt-under-the-lead-caps-seen', name: 'White crust inside a plug cap', leak: 0.01 })],
    tests: [
      entry('look', {
        id: 'own-look-for-salt-under-the-lead-caps',
        name: 'Look for: salt under the plug caps',
        system: 'spark',
        kind: 'look',
        how: 'Ignition off. Pull the caps off the plugs, then off the leads, and look into both ends.',
        minutes: 3,
        hazards: ['ignition-hv'],
        outcomes: [
          { id: 'seen', says: 'White crust inside a plug cap', find: { 'own-salt-under-the-lead-caps-seen': 'yes' } },
          { id: 'clean', says: 'Clean and dry', find: { 'own-salt-under-the-lead-caps-seen': 'no' }, normal: true },
        ],
      }),
    ],
    figures: [entry('figure', { fault: 'points-dirty', prior: 1 / 60, minutes: 25 })],
  };
  await w.send(w.day(40, 18, 10), 'own.add', payload.faults[0].id, payload);
}

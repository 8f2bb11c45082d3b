import { applicability, type Attribute, type Facts, type Joint } from '../knowledge';
import { judge, type Judgement, type Limit } from '../measure';
import type { Connection } from '../state';
import { isJoint } from './wires';

/** Meters of a workshop read to a hundredth of a volt; 1 % beside it. */
const meter = { relative: 0.01, absolute: 0.005 };

/** One joint of the campaign: what it lost before and loses now. */
export interface JointLine {
  joint: Connection;
  before: Judgement | null;
  now: Judgement | null;
  /** Cleaned and measured again, or good as it was found. */
  done: boolean;
}

/**
 * The joints of a bike that are not listed yet.
 * @param k joints and attributes of the knowledge
 * @param listed connections of the job
 * @param facts what is known of the bike
 * @returns joints that the bike has, in the order of the knowledge
 */
export function jointsToList(
  k: { joints: readonly Joint[]; attributes: readonly Attribute[] },
  listed: readonly Pick<Connection, 'fromEnd'>[],
  facts: Facts,
): Joint[] {
  const have = new Set(listed.map((c) => c.fromEnd));
  return k.joints.filter((j) => applicability(j.when, facts, k.attributes) > 0 && !have.has(j.name));
}

/**
 * The campaign of earths and connectors: every joint that is listed, judged before and after, those that are left first.
 * @param connections those of one job
 * @param limit what may be lost at one joint, V
 * @returns one line a joint
 */
export function campaignOf(connections: readonly Connection[], limit: Limit | null): JointLine[] {
  const judged = (volts: number | null) => (volts === null ? null : judge({ kind: 'exact', value: volts }, limit, meter));
  const lines = connections.filter(isJoint).map((joint): JointLine => {
    const [before, after] = [judged(joint.dropBefore), judged(joint.dropAfter)];
    const now = after ?? before;
    return { joint, before, now, done: now?.verdict === 'in' };
  });
  return [...lines.filter((l) => !l.done), ...lines.filter((l) => l.done)];
}

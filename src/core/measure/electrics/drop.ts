/** Voltage drop along a circuit, joint by joint, with the load switched on. */
export interface Segment {
  /** From here to the next. */
  name: string;
  dropV: number;
  /** A switch or relay contact may lose more than a joint, a long cable more than either. */
  kind: 'joint' | 'cable' | 'switch';
}

/** Common practice: volts that a healthy part of a 12 V circuit may lose under its load. */
export const dropMostV: Readonly<Record<Segment['kind'], number>> = { joint: 0.1, cable: 0.2, switch: 0.3 };

export interface DropVerdict {
  totalV: number;
  /** Worst first: what each loses over what it may. */
  bad: { name: string; dropV: number; mostV: number; share: number; ohm: number | null; watt: number | null }[];
  words: string;
}

/**
 * Which part of a circuit loses the voltage. Points are measured against one post of the battery, so that what lies between
 * two of them is their difference. With the current known each bad part has a resistance and a heat (Ohm's law).
 */
export function dropVerdict(segments: readonly Segment[], currentA: number | null, systemV = 12): DropVerdict {
  const scale = systemV / 12;
  const totalV = segments.reduce((s, x) => s + x.dropV, 0);
  const bad = segments
    .map(({ name, dropV, kind }) => ({
      name,
      dropV,
      mostV: dropMostV[kind] * scale,
      share: totalV > 0 ? dropV / totalV : 0,
      ohm: currentA ? dropV / currentA : null,
      watt: currentA ? dropV * currentA : null,
    }))
    .filter((x) => x.dropV > x.mostV + 1e-9)
    .sort((a, b) => b.dropV - b.mostV - (a.dropV - a.mostV));
  const words = bad.length
    ? `${bad[0].name} loses ${bad[0].dropV.toFixed(2)} V, ${Math.round(bad[0].share * 100)} % of all that is lost: bright metal there first${
        bad.length > 1
          ? `, then ${bad
              .slice(1)
              .map((b) => b.name)
              .join(', ')}`
          : ''
      }.`
    : segments.length
      ? 'No part loses more than it may.'
      : 'Nothing measured yet.';
  return { totalV, bad, words };
}

/** Drops between neighbouring points, from volts measured at each against the battery's negative post. */
export function segmentsBetween(points: readonly { name: string; volts: number; kind: Segment['kind'] }[]): Segment[] {
  return points.slice(1).map((p, i) => ({ name: `${points[i].name} to ${p.name}`, dropV: points[i].volts - p.volts, kind: p.kind }));
}

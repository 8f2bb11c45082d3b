import fc from 'fast-check';
import type { NetworkFinding, Group, Network, Observation } from '../../src/core/trace/network';

/** A distribution over n levels out of n positive weights. */
const spread = (weights: number[]) => {
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / sum);
};
const weight = fc.double({ min: 0.02, max: 1, noNaN: true });
const distribution = (n: number) => fc.array(weight, { minLength: n, maxLength: n }).map(spread);

export interface Limits {
  groups: number;
  findings: number;
  /** Only hard evidence, absent or present. */
  hard?: boolean;
}

/** Random networks with evidence: groups of several modes, graded findings, hard and soft evidence. */
export function networks({ groups, findings, hard }: Limits): fc.Arbitrary<{ network: Network; observations: Observation[] }> {
  const group = (i: number): fc.Arbitrary<Group> =>
    fc.integer({ min: 2, max: hard ? 2 : 4 }).chain((n) =>
      distribution(n).map((p) => ({
        id: `g${String(i).padStart(2, '0')}`,
        states: p.map((prior, s) => ({ prior, members: s ? [`f${i}.${s}`] : [] })),
      })),
    );
  return fc
    .integer({ min: 1, max: groups })
    .chain((n) => fc.tuple(...Array.from({ length: n }, (_x, i) => group(i))))
    .chain((gs) => {
      const finding = (i: number) =>
        fc.integer({ min: 2, max: hard ? 2 : 3 }).chain((levels) =>
          fc
            .record({
              leak: distribution(levels),
              links: fc.array(
                fc.integer({ min: 0, max: gs.length - 1 }).chain((g) =>
                  fc.record({
                    group: fc.constant(g),
                    state: fc.integer({ min: 1, max: gs[g].states.length - 1 }),
                    levels: distribution(levels),
                  }),
                ),
                { maxLength: 6 },
              ),
              weights: hard
                ? fc.constantFrom([1, 0], [0, 1])
                : fc.oneof(
                    fc.integer({ min: 0, max: levels - 1 }).map((k) => Array.from({ length: levels }, (_x, l) => (l === k ? 1 : 0))),
                    fc.array(weight, { minLength: levels, maxLength: levels }),
                  ),
            })
            .map(({ leak, links, weights }) => {
              const once = new Map(links.map((l) => [`${l.group}.${l.state}`, l]));
              return { finding: { id: `x${String(i).padStart(2, '0')}`, leak, links: [...once.values()] } as NetworkFinding, weights };
            }),
        );
      return fc
        .integer({ min: 0, max: findings })
        .chain((m) => fc.tuple(...Array.from({ length: m }, (_x, i) => finding(i))))
        .map((fs) => ({
          network: { groups: gs, findings: fs.map((f) => f.finding) },
          observations: fs.map((f, i) => ({ finding: i, weights: f.weights })),
        }));
    });
}

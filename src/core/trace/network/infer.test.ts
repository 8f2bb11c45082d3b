import fc from 'fast-check';
import { infer as bayes } from 'bayesjs';
import { describe, expect, it } from 'vitest';
import { enumerate } from '../../../../test/oracle/enumerate';
import { networks } from '../../../../test/oracle/networks';
import { prepare } from './prepare';
import { credibleExplanations, infer, usualBudget, type Budget, type Group, type Network, type Observation } from '.';

const close = (a: number, b: number) => expect(Math.abs(a - b)).toBeLessThan(1e-9);

describe('textbook networks, written as groups', () => {
  // Figures quoted from memory; both follow from the tables below by hand.
  it('burglary and alarm: P(burglary given both calls) = 0.284 (Russell and Norvig, Bayesian networks)', () => {
    const pB = 0.001;
    const pE = 0.002;
    const pA = { '11': 0.95, '10': 0.94, '01': 0.29, '00': 0.001 };
    const states = [0, 1].flatMap((b) =>
      [0, 1].flatMap((e) =>
        [0, 1].map((a) => {
          const alarm = pA[`${b}${e}` as keyof typeof pA];
          return { key: { b, e, a }, prior: (b ? pB : 1 - pB) * (e ? pE : 1 - pE) * (a ? alarm : 1 - alarm) };
        }),
      ),
    );
    const group: Group = { id: 'house', states: states.map((s) => ({ prior: s.prior, members: s.key.b ? ['burglary'] : [] })) };
    const call = (id: string, given: number, not: number) => ({
      id,
      leak: [1, 0],
      links: states.map((s, i) => ({ group: 0, state: i, levels: s.key.a ? [1 - given, given] : [1 - not, not] })),
    });
    const network: Network = { groups: [group], findings: [call('john', 0.9, 0.05), call('mary', 0.7, 0.01)] };
    const { probability } = infer(network, [
      { finding: 0, weights: [0, 1] },
      { finding: 1, weights: [0, 1] },
    ]);
    const burglary = states.reduce((sum, s, i) => sum + (s.key.b ? probability[0][i] : 0), 0);
    expect(burglary).toBeCloseTo(0.284, 3);
  });

  it('cloudy, sprinkler, rain: P(sprinkler given wet) = 0.4298, P(rain given wet) = 0.7079 (Murphy, introduction to graphical models)', () => {
    const states = [0, 1].flatMap((c) =>
      [0, 1].flatMap((s) =>
        [0, 1].map((r) => ({ s, r, prior: 0.5 * (s ? (c ? 0.1 : 0.5) : c ? 0.9 : 0.5) * (r ? (c ? 0.8 : 0.2) : c ? 0.2 : 0.8) })),
      ),
    );
    const wet = (s: number, r: number) => (s && r ? 0.99 : s || r ? 0.9 : 0);
    const network: Network = {
      groups: [{ id: 'garden', states: states.map((x) => ({ prior: x.prior, members: [] })) }],
      findings: [
        { id: 'wet', leak: [1, 0], links: states.map((x, i) => ({ group: 0, state: i, levels: [1 - wet(x.s, x.r), wet(x.s, x.r)] })) },
      ],
    };
    const { probability } = infer(network, [{ finding: 0, weights: [0, 1] }]);
    const sum = (pick: (x: { s: number; r: number }) => boolean) => states.reduce((t, x, i) => t + (pick(x) ? probability[0][i] : 0), 0);
    expect(sum((x) => x.s === 1)).toBeCloseTo(0.4298, 4);
    expect(sum((x) => x.r === 1)).toBeCloseTo(0.7079, 4);
  });
});

describe('against brute force', () => {
  it('agrees to 1e-9 on graded models with soft evidence', () => {
    fc.assert(
      fc.property(networks({ groups: 6, findings: 7 }), ({ network, observations }) => {
        const brute = enumerate(network, observations);
        const swept = infer(network, observations);
        close(Math.exp(swept.logEvidence) / brute.evidence, 1);
        brute.probability.forEach((row, g) => row.forEach((p, s) => close(p, swept.probability[g][s])));
      }),
      { numRuns: 150 },
    );
  });

  it('agrees to 1e-9 with up to 12 faults and up to 10 present findings', () => {
    fc.assert(
      fc.property(networks({ groups: 12, findings: 10, hard: true }), ({ network, observations }) => {
        const present = observations.map((o) => ({ ...o, weights: [0, 1] }));
        const brute = enumerate(network, present);
        const swept = infer(network, present);
        brute.probability.forEach((row, g) => row.forEach((p, s) => close(p, swept.probability[g][s])));
      }),
      { numRuns: 40 },
    );
  });

  it('agrees with a general-purpose Bayesian-network package', () => {
    fc.assert(
      fc.property(networks({ groups: 4, findings: 4, hard: true }), ({ network, observations }) => {
        const nodes: Record<string, { id: string; states: string[]; parents: string[]; cpt: unknown }> = {};
        for (const g of network.groups)
          nodes[g.id] = { id: g.id, states: ['no', 'yes'], parents: [], cpt: { no: g.states[0].prior, yes: g.states[1].prior } };
        for (const f of network.findings) {
          const parents = [...new Set(f.links.map((l) => network.groups[l.group].id))];
          const absent = (there: Set<string>) =>
            f.links.reduce((q, l) => q * (there.has(network.groups[l.group].id) ? l.levels[0] : 1), f.leak[0]);
          const rows = Array.from({ length: 2 ** parents.length }, (_x, code) => {
            const there = new Set(parents.filter((_p, i) => (code >> i) & 1));
            const q = absent(there);
            return { when: Object.fromEntries(parents.map((p) => [p, there.has(p) ? 'yes' : 'no'])), then: { no: q, yes: 1 - q } };
          });
          nodes[f.id] = { id: f.id, states: ['no', 'yes'], parents, cpt: parents.length ? rows : rows[0].then };
        }
        const evidence = Object.fromEntries(observations.map((o) => [network.findings[o.finding].id, o.weights[1] ? 'yes' : 'no']));
        const swept = infer(network, observations);
        network.groups.forEach((g, i) => {
          const p = bayes(nodes as never, { [g.id]: 'yes' }, evidence);
          close(p, swept.probability[i][1]);
        });
      }),
      { numRuns: 40 },
    );
  });
});

describe('order and withdrawal', () => {
  it('gives bit-equal results in whatever order the evidence came', () => {
    fc.assert(
      fc.property(networks({ groups: 6, findings: 6 }), fc.integer(), ({ network, observations }, seed) => {
        const shuffled = [...observations].sort((a, b) => ((a.finding * 7919 + seed) % 13) - ((b.finding * 7919 + seed) % 13));
        const one = infer(network, observations);
        const two = infer(network, shuffled);
        expect(two.logEvidence).toBe(one.logEvidence);
        one.probability.forEach((row, g) => row.forEach((p, s) => expect(two.probability[g][s]).toBe(p)));
      }),
    );
  });

  it('with no other present finding, a present one never lowers its parents and an absent one never raises them', () => {
    fc.assert(
      fc.property(networks({ groups: 5, findings: 1, hard: true }), ({ network }) => {
        if (network.findings.length === 0) return;
        const prior = network.groups.map((g) => g.states[1].prior);
        const there = infer(network, [{ finding: 0, weights: [0, 1] }]);
        const gone = infer(network, [{ finding: 0, weights: [1, 0] }]);
        for (const l of network.findings[0].links) {
          expect(there.probability[l.group][1]).toBeGreaterThanOrEqual(prior[l.group] - 1e-12);
          expect(gone.probability[l.group][1]).toBeLessThanOrEqual(prior[l.group] + 1e-12);
        }
      }),
    );
  });
});

describe('explanations', () => {
  const all = { limit: 100_000, massLeft: 0 };

  it('together give each mode exactly its posterior, and nothing is left out', () => {
    fc.assert(
      fc.property(networks({ groups: 4, findings: 4 }), ({ network, observations }) => {
        const { sets, leftOut, lumped, quiet, posterior } = credibleExplanations(network, observations, all);
        close(
          sets.reduce((s, x) => s + x.probability + x.more, 0),
          1,
        );
        if (leftOut + lumped > 1e-9) return;
        const brute = enumerate(network, observations);
        network.groups.forEach((g, i) => {
          const sum = g.states.map(() => 0);
          for (const { states, probability } of sets) {
            const own = states.find(([x]) => x === i);
            if (own) sum[own[1]] += probability;
            else sum.forEach((_x, s) => (sum[s] += probability * quiet[i][s]));
          }
          sum.forEach((x, s) => {
            close(x, brute.probability[i][s]);
            close(x, posterior.probability[i][s]);
          });
        });
      }),
      { numRuns: 120 },
    );
  });

  it('come the likeliest first', () => {
    fc.assert(
      fc.property(networks({ groups: 5, findings: 4 }), ({ network, observations }) => {
        const { sets } = credibleExplanations(network, observations);
        const mass = sets.map((s) => s.probability + s.more);
        mass.slice(1).forEach((m, i) => expect(m).toBeLessThanOrEqual(mass[i]));
      }),
    );
  });

  it('keep their whole weight when few are looked into', () => {
    fc.assert(
      fc.property(networks({ groups: 6, findings: 5 }), fc.integer({ min: 1, max: 20 }), ({ network, observations }, limit) => {
        const { sets, leftOut, lumped } = credibleExplanations(network, observations, { limit, massLeft: 1e-3 });
        const exact = sets.reduce((s, x) => s + x.probability, 0);
        close(exact + leftOut + lumped, 1);
        close(
          sets.reduce((s, x) => s + x.probability + x.more, 0),
          1,
        );
      }),
    );
  });

  it('are about the wanted findings only: an independent part is left alone', () => {
    const group = (id: string, p: number): Group => ({
      id,
      states: [
        { prior: 1 - p, members: [] },
        { prior: p, members: [id] },
      ],
    });
    const finding = (id: string, g: number) => ({ id, leak: [0.99, 0.01], links: [{ group: g, state: 1, levels: [0.1, 0.9] }] });
    const network: Network = { groups: [group('a', 0.1), group('b', 0.2)], findings: [finding('x', 0), finding('y', 1)] };
    const seen = [0, 1].map((f) => ({ finding: f, weights: [0, 1] }));
    const { sets, quiet } = credibleExplanations(network, seen, { about: new Set([0]) });
    // a: 0.1·0.9/(0.1·0.9 + (1 − 0.1·0.9)·0.01) of the chance that something brought x
    const brought = 0.09 / (0.09 + 0.91 * 0.01);
    expect(sets.every((s) => s.states.every(([g]) => g === 0))).toBe(true);
    close(sets.find((s) => s.states.length === 1)!.probability, (0.09 * 1) / (0.09 + 0.01 * 0.91));
    expect(brought).toBeGreaterThan(0.9);
    close(quiet[1][1], (0.2 * (1 - 0.1 * 0.99)) / (0.2 * (1 - 0.1 * 0.99) + 0.8 * 0.01));
  });
});

describe('beyond the budget', () => {
  const tiny: Budget = { table: 1, block: 4, rounds: 12 };
  const roughly = (network: Network, observations: Observation[], budget: Budget) =>
    infer(network, observations, prepare(network, observations), budget);

  it('what fits is exact to the last bit, whatever else does not', () => {
    fc.assert(
      fc.property(networks({ groups: 8, findings: 8 }), ({ network, observations }) => {
        const exact = infer(network, observations);
        const within = roughly(network, observations, { table: exact.tableSize, block: 2, rounds: 1 });
        expect(within.rough).toBe(false);
        expect(within.probability).toEqual(exact.probability);
      }),
      { numRuns: 60 },
    );
  });

  it('is a distribution over every group, says that it is rough, and keeps within its blocks', () => {
    fc.assert(
      fc.property(networks({ groups: 12, findings: 12, hard: true }), ({ network, observations }) => {
        const present = observations.map((o) => ({ ...o, weights: [0, 1] }));
        const exact = infer(network, present);
        const rough = roughly(network, present, tiny);
        expect(rough.rough).toBe(exact.tableSize > 1);
        for (const p of rough.probability) expect(p.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      }),
      { numRuns: 60 },
    );
  });

  it('comes close to what is exact on what both can do, and closer with larger blocks', () => {
    const worst = new Map<number, number[]>([2, 8, 32].map((block) => [block, []]));
    fc.assert(
      fc.property(networks({ groups: 10, findings: 9, hard: true }), ({ network, observations }) => {
        const present = observations.map((o) => ({ ...o, weights: [0, 1] }));
        const exact = infer(network, present);
        for (const [block, all] of worst) {
          const rough = roughly(network, present, { table: 1, block, rounds: 12 });
          let most = 0;
          rough.probability.forEach((p, g) => p.forEach((x, s) => (most = Math.max(most, Math.abs(x - exact.probability[g][s])))));
          all.push(most);
        }
      }),
      { numRuns: 150, seed: 20261 },
    );
    const mean = [...worst.values()].map((all) => all.reduce((a, b) => a + b, 0) / all.length);
    expect(mean[0]).toBeLessThan(0.03);
    expect(mean[1]).toBeLessThanOrEqual(mean[0]);
    expect(mean[2]).toBeLessThanOrEqual(mean[1]);
  });

  it('one more thing that only one fault can bring never lowers that fault', () => {
    fc.assert(
      fc.property(
        networks({ groups: 8, findings: 8, hard: true }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        ({ network, observations }, p) => {
          const present = observations.map((o) => ({ ...o, weights: [0, 1] }));
          const before = roughly(network, present, tiny).probability[0][1];
          const sign = { id: 'zz', leak: [0.98, 0.02], links: [{ group: 0, state: 1, levels: [1 - p, p] }] };
          const more = { groups: network.groups, findings: [...network.findings, sign] };
          const after = roughly(more, [...present, { finding: network.findings.length, weights: [0, 1] }], tiny).probability[0][1];
          expect(after).toBeGreaterThanOrEqual(before - 1e-3);
        },
      ),
      { numRuns: 150 },
    );
  });

  it('does not depend on the order of evidence to the last bit', () => {
    fc.assert(
      fc.property(networks({ groups: 8, findings: 8 }), ({ network, observations }) => {
        const [a, b] = [roughly(network, observations, tiny), roughly(network, [...observations].reverse(), tiny)];
        expect(a.probability).toEqual(b.probability);
        expect(a.logEvidence).toBe(b.logEvidence);
      }),
      { numRuns: 60 },
    );
  });

  it('thirty findings at once take no larger table than a block, and their explanations none larger than the budget', () => {
    const groups: Group[] = Array.from({ length: 60 }, (_x, i) => ({
      id: `g${String(i).padStart(2, '0')}`,
      states: [
        { prior: 0.95, members: [] },
        { prior: 0.05, members: [`f${i}`] },
      ],
    }));
    const findings = Array.from({ length: 30 }, (_x, f) => ({
      id: `x${String(f).padStart(2, '0')}`,
      leak: [0.95, 0.05],
      links: groups.flatMap((_g, g) => ((g * 7 + f * 3) % 5 === 0 ? [{ group: g, state: 1, levels: [0.4, 0.6] }] : [])),
    }));
    const present = findings.map((_f, finding) => ({ finding, weights: [0, 1] }));
    const answer = credibleExplanations({ groups, findings }, present);
    expect(answer.rough).toBe(true);
    expect(answer.posterior.tableSize).toBeLessThanOrEqual(usualBudget.table);
    expect(answer.sets.length).toBeGreaterThan(0);
    expect(answer.sets.every((s) => s.probability >= 0 && s.probability <= 1)).toBe(true);
  });
});

import type { Network, Observation } from '../../src/core/trace/network';
import { logJoint } from '../../src/core/trace/network/odds';

/** Posterior by enumerating every joint mode: slow, obvious, and independent of the sweep. */
export function enumerate(network: Network, observations: readonly Observation[]): { evidence: number; probability: number[][] } {
  const sizes = network.groups.map((g) => g.states.length);
  const probability = sizes.map((n) => new Array<number>(n).fill(0));
  let evidence = 0;
  const total = sizes.reduce((a, b) => a * b, 1);
  for (let code = 0; code < total; code++) {
    const modes: Record<number, number> = {};
    let rest = code;
    sizes.forEach((n, g) => {
      modes[g] = rest % n;
      rest = Math.floor(rest / n);
    });
    const p = Math.exp(logJoint(network, observations, modes));
    evidence += p;
    sizes.forEach((_n, g) => (probability[g][modes[g]] += p));
  }
  return { evidence, probability: probability.map((row) => row.map((x) => (evidence > 0 ? x / evidence : x))) };
}

import type { Network, Observation } from '../../src/core/trace/network';

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

/** Natural logarithm of P(evidence, exactly these modes). */
function logJoint(network: Network, observations: readonly Observation[], modes: Readonly<Record<number, number>>): number {
  const stateOf = (g: number) => modes[g] ?? 0;
  let log = 0;
  network.groups.forEach((group, g) => (log += Math.log(group.states[stateOf(g)].prior)));
  for (const { finding, weights } of observations) {
    const { leak, links } = network.findings[finding];
    let before = 0;
    let cumulative = leak[0];
    let p = 0;
    for (let l = 0; l < weights.length; l++) {
      if (l) cumulative += leak[l];
      let all = cumulative;
      for (const link of links) if (stateOf(link.group) === link.state) all *= link.levels.slice(0, l + 1).reduce((a, b) => a + b, 0);
      p += weights[l] * (all - before);
      before = all;
    }
    log += Math.log(p);
  }
  return log;
}

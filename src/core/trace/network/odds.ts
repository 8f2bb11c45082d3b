import type { Network, Observation } from './types';

/**
 * Natural logarithm of P(evidence, exactly these modes) / P(evidence, nothing wrong anywhere), straight from the
 * definition. `modes[g]` is the state of group g; groups not named are in state 0.
 */
export function setLogOdds(network: Network, observations: readonly Observation[], modes: Readonly<Record<number, number>>): number {
  return logJoint(network, observations, modes) - logJoint(network, observations, {});
}

/** Natural logarithm of P(evidence, exactly these modes). */
export function logJoint(network: Network, observations: readonly Observation[], modes: Readonly<Record<number, number>>): number {
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

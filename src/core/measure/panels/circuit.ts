import { chargingBandV, chargingVerdict, dropVerdict, phasesVerdict, segmentsBetween, type Segment } from '../electrics';
import { at, can, choice, exact, figure, filledRows, nothing, result, rpm, yesNo, type Panel, type PanelSubject } from '../panel';
import { groupedWords } from '../../state';

const amps = { low: 0, high: 500 };

const places = ['1', '2', '3', '4', '5', '6', '7'];

/** The bike's own band of charging voltage, service before standard; null where only the general one is known. */
function ownBand(s: PanelSubject) {
  const limit = s.limit('charging-volts');
  return limit && !limit.general ? { low: limit.serviceLow ?? limit.low, high: limit.serviceHigh ?? limit.high } : null;
}

export const voltageDrop: Panel = {
  id: 'voltage-drop',
  group: 'electrics',
  name: 'Voltage drop',
  about: 'Along a circuit point by point, load switched on: which joint loses it.',
  hazards: ['short-circuit'],
  blocks: () => [
    {
      title: 'From the battery to the load, against one post of the battery',
      places: places.map((id) => ({ id, label: `Point ${id}` })),
      columns: [
        { kind: 'text', id: 'name', label: 'Where' },
        figure('volts', 'Reads', 'V', { plausible: can.volts }),
        choice('kind', 'To it leads', { joint: 'a joint', cable: 'a cable', switch: 'a switch or relay' }),
      ],
      note: 'The load must be on: with no current nothing is lost anywhere.',
    },
    { title: 'Current', fields: [figure('current', 'Through it', 'A', { plausible: amps })] },
  ],
  work: (v, s) => {
    const points = places.flatMap((id) => {
      const volts = v.figure(at('volts', id));
      return volts === null
        ? []
        : [{ name: v.text(at('name', id)).trim() || `point ${id}`, volts, kind: (v.choice(at('kind', id)) ?? 'joint') as Segment['kind'] }];
    });
    if (points.length < 2) return nothing;
    const segments = segmentsBetween(points);
    const verdict = dropVerdict(segments, v.figure('current'), s.voltage);
    const backwards = segments.some((x) => x.dropV < -0.02);
    return result({
      tone: verdict.bad.length ? 'bad' : 'good',
      words: verdict.words,
      warnings: backwards ? ['A point reads more than the one before it: the order is mixed up, or the battery recovered meanwhile.'] : [],
      lines: [
        ...segments.map((x) => {
          const b = verdict.bad.find((y) => y.name === x.name);
          const most = { joint: 0.1, cable: 0.2, switch: 0.3 }[x.kind] * (s.voltage / 12);
          return {
            label: x.name,
            value: exact(x.dropV),
            unit: 'V',
            limit: { low: null, high: most, source: 'general value', general: true },
            error: { relative: 0.005, absolute: 0.005 },
            note: b?.ohm ? `${b.ohm.toFixed(3)} ohm, ${b.watt!.toFixed(1)} W of heat` : undefined,
          };
        }),
        {
          label: 'Along all of it',
          value: exact(points[0].volts - points.at(-1)!.volts),
          unit: 'V',
          error: { relative: 0.005, absolute: 0.005 },
          keep: { quantity: 'circuit-drop', position: points.at(-1)!.name.slice(0, 20) },
        },
      ],
    });
  },
};

export const charging: Panel = {
  id: 'charging',
  group: 'electrics',
  name: 'Charging',
  about: 'Volts at the battery against revs; the phases of the alternator, and whether one leaks.',
  hazards: ['moving-parts', 'exhaust-gas', 'hot-parts'],
  limits: ['charging-volts'],
  blocks: () => [
    { title: 'At the battery', fields: [figure('rest', 'At rest', 'V', { plausible: can.volts })] },
    {
      title: 'Engine running',
      places: ['1', '2', '3', '4'].map((id) => ({ id, label: `Reading ${id}` })),
      columns: [
        figure('rpm', 'At', 'rpm', { plausible: can.revs }),
        figure('volts', 'Reads', 'V', { quantity: 'charging-volts', plausible: can.volts }),
      ],
    },
    {
      title: 'Alternator unplugged',
      fields: [
        figure('ab', 'Phase A to B', 'ohm', { quantity: 'alternator-phase', where: 'a to b', plausible: can.ohm }),
        figure('bc', 'B to C', 'ohm', { quantity: 'alternator-phase', where: 'b to c', plausible: can.ohm }),
        figure('ca', 'C to A', 'ohm', { quantity: 'alternator-phase', where: 'c to a', plausible: can.ohm }),
        yesNo('leak', 'Does any pass to earth?'),
      ],
    },
  ],
  work: (v, s) => {
    const rest = v.figure('rest');
    const points = filledRows(v, ['1', '2', '3', '4'], ['rpm', 'volts']).map((r) => ({
      i: r.place,
      rpm: Math.round(rpm(r.rpm)),
      volts: r.volts,
    }));
    const phases = ['ab', 'bc', 'ca'].flatMap((id) => v.figure(id) ?? []);
    if (points.length === 0 && phases.length < 2) return nothing;
    const c = points.length ? chargingVerdict(rest ?? 12.4 * (s.voltage / 12), points, s.voltage, ownBand(s)) : null;
    const p = phases.length > 1 ? phasesVerdict(phases, v.choice('leak') === 'yes') : null;
    const best = points.length ? points.reduce((a, b) => (b.volts > a.volts ? b : a)) : null;
    const scale = s.voltage / 12;
    const phasesBad = p !== null && (!p.even || v.choice('leak') === 'yes');
    return result({
      tone: c && c.state !== 'charges' && c.state !== 'too few' ? 'bad' : phasesBad ? 'bad' : c?.state === 'too few' ? 'watch' : 'good',
      words: [c?.words, p?.words].filter(Boolean).join(' '),
      lines: [
        ...points.map((x) => ({
          label: `At ${groupedWords(x.rpm)} rpm`,
          value: exact(x.volts),
          unit: 'V',
          // Less is made at idle: the band holds for the most that it reaches.
          limit:
            x !== best
              ? null
              : (s.limit('charging-volts') ?? {
                  low: chargingBandV.low * scale,
                  high: chargingBandV.high * scale,
                  source: 'general value',
                  general: true,
                }),
          error: s.error('charging-volts'),
        })),
        ...['ab', 'bc', 'ca'].flatMap((id) => {
          const x = v.figure(id);
          return x === null ? [] : [{ label: `Phase ${id[0].toUpperCase()} to ${id[1].toUpperCase()}`, value: exact(x), unit: 'ohm' }];
        }),
      ],
      drawing:
        points.length > 1
          ? {
              kind: 'curve',
              x: 'revs',
              y: 'volts',
              points: points.map((x) => ({ x: x.rpm, y: x.volts })).sort((a, b) => a.x - b.x),
              band: [
                { x: Math.min(...points.map((x) => x.rpm)), low: chargingBandV.low * scale, high: chargingBandV.high * scale },
                { x: Math.max(...points.map((x) => x.rpm)), low: chargingBandV.low * scale, high: chargingBandV.high * scale },
              ],
            }
          : undefined,
      handed: [
        ...(best && c && c.state !== 'too few'
          ? [{ testId: 'charge-volts', position: null, outcome: '', fieldId: at('volts', best.i) }]
          : []),
        ...(p ? [{ testId: 'stator-ohms', position: null, outcome: p.even ? 'good' : 'bad' }] : []),
        ...(v.choice('leak') ? [{ testId: 'stator-ground', position: null, outcome: v.choice('leak') === 'yes' ? 'bad' : 'good' }] : []),
      ],
    });
  },
};

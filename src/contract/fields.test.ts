import { describe, expect, it } from 'vitest';
import { script } from '../../test/fixtures/commands';
import { checkCommand } from '.';

/** The first command of a type with one thing in its payload changed. */
function withPayload(type: string, path: string, value: unknown): unknown {
  const c = structuredClone(script().find((x) => x.type === type)!) as unknown as { payload: Record<string, unknown> };
  const keys = path.split('.');
  const holder = keys.slice(0, -1).reduce<Record<string, unknown>>((o, k) => o[k] as Record<string, unknown>, c.payload);
  if (value === undefined) delete holder[keys.at(-1)!];
  else holder[keys.at(-1)!] = value;
  return c;
}

describe('each payload refuses what is wrong, at the field', () => {
  it.each<[type: string, path: string, value: unknown]>([
    ['person.add', 'name', ''],
    ['person.add', 'name', 'x'.repeat(81)],
    ['bike.bookIn', 'name', undefined],
    ['bike.bookIn', 'words', '   '],
    ['bike.bookIn', 'ownerId', 'me'],
    ['bike.bookIn', 'rate', '35,00'],
    ['bike.bookIn', 'symptoms', { 'no-start': 'maybe' }],
    ['bike.bookIn', 'symptoms', ['no-start']],
    ['bike.set', 'set.cylinders', 0],
    ['bike.set', 'set.cylinders', 2.5],
    ['bike.set', 'set.boreMm', 6000],
    ['bike.set', 'set.boreMm', 'wide'],
    ['bike.set', 'set.voltage', 24],
    ['bike.set', 'set.strokes', 'three'],
    ['bike.set', 'set.ownerId', null],
    ['bike.set', 'set', null],
    ['job.set', 'set.standingMonths', -1],
    ['job.set', 'set.storage', 'cellar'],
    ['job.set', 'set.lastTouched', 'ignition'],
    ['job.set', 'set.lastTouched', Array.from({ length: 31 }, () => 'x')],
    ['job.set', 'set.school', 'own'],
    ['job.set', 'set.handedOverAt', '2030-01-01T00:00:00.000Z'],
    ['complaint.set', 'set.state', 'lost'],
    ['complaint.set', 'set.explained', 'yes'],
    ['consent.give', 'upTo', 400],
    ['consent.give', 'words', ''],
    ['spec.add', 'low', Number.MAX_VALUE],
    ['spec.add', 'source', ''],
    ['prediction.write', 'words', ''],
    ['evidence.add', 'testId', null],
    ['evidence.add', 'reading.value', { kind: 'exact' }],
    ['evidence.add', 'reading.value', { kind: 'exact', value: '170' }],
    ['evidence.add', 'reading.value', { kind: 'interval', low: 3, high: 2 }],
    ['evidence.add', 'reading.value', { kind: 'none', reason: ' ' }],
    ['evidence.add', 'reading.value', { kind: 'exact', value: 1, more: 2 }],
    ['evidence.add', 'conditions.temperature', 'tepid'],
    ['evidence.add', 'conditions.tries', 0],
    ['evidence.add', 'conditions.altitude', 40000],
    ['evidence.add', 'conditions', []],
    ['evidence.add', 'held', 'perhaps'],
    ['evidence.add', 'shown', { suspects: [['x', 2]], next: null }],
    ['evidence.add', 'shown', { suspects: 'x', next: null }],
    ['evidence.add', 'afterRepairId', 'last'],
    ['evidence.withdraw', 'reason', ''],
    ['cause.name', 'complaintId', null],
    ['repair.log', 'minutes', -5],
    ['repair.log', 'minutes', 1.5],
    ['repair.log', 'cost', '007'],
    ['repair.log', 'cost', '1.234'],
    ['retest.log', 'result', 'better'],
    ['retest.log', 'changed.words', ''],
    ['step.add', 'fasteners', {}],
    ['step.add', 'fasteners.0.count', 0],
    ['step.add', 'fasteners.0.size', ''],
    ['step.refit', 'counts', { x: 1 }],
    ['finding.add', 'verdict', 'fine'],
    ['finding.add', 'seen', undefined],
    ['part.add', 'quantity', 0],
    ['part.add', 'dueOn', '2030-02-30'],
    ['part.add', 'dueOn', 'soon'],
    ['part.set', 'set.status', 'lost'],
    ['torque.plan', 'figureNm', 0],
    ['torque.plan', 'unit', 'Nm'],
    ['torque.plan', 'stages', []],
    ['torque.plan', 'stages.0.kind', 'feel'],
    ['torque.plan', 'count', 100],
    ['signature.sign', 'kind', 'mood'],
    ['signature.sign', 'signedBy', ''],
    ['check.mark', 'state', 'perhaps'],
    ['wait.start', 'kind', 'weather'],
    ['wait.start', 'until', 'tomorrow'],
    ['wait.start', 'until', '2030-02-30T12:00:00.000Z'],
    ['wait.start', 'until', '2030-02-01T12:00:00Z'],
    ['provisional.add', 'mayRide', 'yes'],
    ['provisional.add', 'why', ''],
    ['watch.add', 'due', ''],
    ['overrule.say', 'act', 'fly'],
    ['overrule.say', 'reason', ''],
    ['overrule.say', 'codes', []],
    ['attempt.log', 'did', 'flew'],
    ['attempt.log', 'kicks', 0],
    ['attempt.log', 'volts', 99],
    ['hazard.acknowledge', 'hazard', ''],
    ['job.handOver', 'extra', 1],
  ])('%s: %s = %j', (type, path, value) => {
    const r = checkCommand(withPayload(type, path, value));
    expect(r.ok).toBe(false);
    if (r.ok) return;
    expect(
      r.faults[0].path.startsWith(
        `payload.${path
          .split('.')
          .slice(0, value === undefined ? -1 : 1)
          .join('.')}`.replace(/\.$/, ''),
      ),
    ).toBe(true);
    expect(r.faults[0].message).toMatch(/\S{2,}/);
  });

  it('takes every circumstance that a panel can note, the height above the sea among them', () => {
    const all = { temperature: 'hot', battery: 'weak', tries: 3, air: 290, altitude: 1400, note: 'windy' };
    expect(checkCommand(withPayload('evidence.add', 'conditions', all))).toMatchObject({
      ok: true,
      command: { payload: { conditions: all } },
    });
  });

  it.each<[field: string, value: unknown]>([
    ['id', 'x'],
    ['schemaVersion', 99],
    ['schemaVersion', 0],
    ['madeAt', 'now'],
    ['after', -1],
    ['after', 1.5],
    ['base', null],
    ['payload', 'text'],
    ['entity', { kind: 'shop', id: 'x' }],
  ])('the envelope: %s = %j', (field, value) => {
    expect(checkCommand({ ...script()[0], [field]: value }).ok).toBe(false);
  });

  it('personal data are checked as well', () => {
    const c = script()[1];
    expect(checkCommand({ ...c, personal: [{ id: 'x', name: 'A' }] }).ok).toBe(false);
    expect(checkCommand({ ...c, personal: [{ id: c.id, name: 'x'.repeat(200) }] }).ok).toBe(false);
    expect(checkCommand({ ...c, personal: [{ id: c.id, name: 'Orla', email: null }] })).toMatchObject({
      ok: true,
      personal: [{ name: 'Orla' }],
    });
  });
});

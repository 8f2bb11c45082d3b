import { describe, expect, it } from 'vitest';
import { script } from '../../../test/fixtures/commands';
import { shipped } from '../../../test/fixtures/knowledge';
import { unknownIn } from '.';

describe('what a command names', () => {
  it('is known in every command of the script', () => {
    for (const c of script()) expect(unknownIn(shipped, c.type, c.payload as object), c.type).toBeNull();
  });

  it.each([
    ['evidence.add', { testId: 'guess', outcome: 'good' }, 'testId'],
    ['evidence.add', { testId: 'compression', outcome: 'blue' }, 'outcome'],
    ['evidence.add', { testId: 'compression', outcome: 'good', position: '0' }, 'position'],
    ['evidence.add', { testId: 'compression', outcome: 'good', position: 'left' }, 'position'],
    ['prediction.write', { testId: 'compression', expected: 'blue' }, 'expected'],
    ['reading.add', { reading: { quantity: 'colour', unit: 'mm' } }, 'reading.quantity'],
    ['reading.add', { reading: { quantity: 'valve-clearance', unit: 'psi' } }, 'reading.unit'],
    ['reading.add', { reading: { quantity: 'valve-clearance', unit: 'furlongs' } }, 'reading.unit'],
    ['spec.add', { quantity: 'colour', unit: 'mm' }, 'quantity'],
    ['spec.add', { quantity: 'chain-slack', unit: 'V' }, 'unit'],
    ['repair.log', { faultId: 'gremlins' }, 'faultId'],
    ['complaint.add', { symptoms: { 'sings-at-night': 'present' } }, 'symptoms'],
    ['retest.log', { changed: { symptoms: { 'sings-at-night': 'present' } } }, 'symptoms'],
    ['bike.set', { set: { archetype: 'hovercraft' } }, 'set.archetype'],
    ['job.set', { set: { lastTouched: ['ignition', 'flux'] } }, 'set.lastTouched'],
  ])('%s %j is not known', (type, payload, path) => {
    const unknown = unknownIn(shipped, type, payload);
    expect(unknown?.path).toBe(path);
    expect(unknown?.message).toMatch(/\S{3,}/);
  });

  it.each([
    ['evidence.add', { testId: 'compression', outcome: 'could-not:no-tool', position: '8' }],
    ['evidence.add', { testId: 'compression', outcome: 'comes-and-goes', position: '1' }],
    ['evidence.add', { testId: 'compression', outcome: 'skipped', position: null }],
    ['repair.log', { faultId: 'not-in-list' }],
    ['reading.add', { reading: { quantity: 'valve-clearance', unit: 'thou' } }],
    ['spec.add', { quantity: 'chain-slack', unit: 'in' }],
    ['bike.set', { set: { archetype: null, lastTouched: null } }],
  ])('%s %j is', (type, payload) => expect(unknownIn(shipped, type, payload)).toBeNull());
});

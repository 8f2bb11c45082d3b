import { describe, expect, it } from 'vitest';
import { shipped } from '../../../test/fixtures/knowledge';
import { faultById } from '../knowledge';
import { placeOf, places } from './place';

describe('the place of a fault on the bike', () => {
  it.each([
    ['plug-fouled', 'plug'],
    ['coil-bad', 'coil'],
    ['points-dirty', 'ignition'],
    ['jets-gummed', 'carburettor'],
    ['tap-blocked', 'tank'],
    ['valve-burnt', 'head'],
    ['valve-spring-broken', 'head'],
    ['piston-seized', 'cylinder'],
    ['big-end-worn', 'crankcase'],
    ['clutch-worn', 'primary'],
    ['battery-flat', 'battery'],
    ['brake-hose', 'fork'],
    ['drive-chain-worn', 'chain'],
    ['thermostat-shut', 'cooling'],
    ['exhaust-blocked', 'exhaust'],
    // Common practice: where the part itself sits, whatever other part its name speaks of.
    ['slide-worn', 'carburettor'],
    ['slide-stuck', 'carburettor'],
    ['slip-ring', 'ignition'],
    ['pickup-bad', 'ignition'],
    ['dynamo-field', 'generator'],
    ['stator-earth', 'generator'],
    ['sprocket-seal', 'chain'],
    ['brake-master-seal', 'bars'],
    ['kill-wire-chafed', 'bars'],
    ['horn-flasher', 'bars'],
    ['wet-sumped', 'sump'],
    ['light-wire-short', 'headlamp'],
    ['fuel-pressure', 'tank'],
  ])('%s: %s', (id, place) => {
    expect(placeOf(faultById(shipped, id)!)).toBe(place);
  });

  it('every fault has one', () => {
    for (const f of shipped.faults) expect(Object.keys(places)).toContain(placeOf(f));
  });
});

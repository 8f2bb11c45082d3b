import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  correctMix,
  debrisVerdict,
  fillPlan,
  fuelChange,
  mixWords,
  oilFor,
  oilLevelAdvice,
  oilUse,
  type EngineParts,
  type OilLevel,
} from '.';

describe('two-stroke mix', () => {
  it('15:1 to 30:1 raises the fuel fraction by 3.2 % (common practice; arithmetic)', () =>
    expect(fuelChange(15, 30)).toBeCloseTo(0.032, 3));
  it('five litres at 20:1 want a quarter of a litre', () => expect(oilFor(5, 20)).toBe(0.25));
  it('a corrected tank has the ratio that was wanted', () => {
    const ratio = fc.double({ min: 10, max: 60, noNaN: true });
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 20, noNaN: true }), ratio, ratio, (mix, is, wanted) => {
        const { addOil, addFuel } = correctMix(mix, is, wanted);
        const fuel = (mix * is) / (is + 1) + addFuel;
        const oil = mix / (is + 1) + addOil;
        expect(fuel / oil).toBeCloseTo(wanted, 6);
        expect(Math.min(addOil, addFuel)).toBeGreaterThan(-1e-9);
      }),
    );
    expect(() => correctMix(1, 0.5, 20)).toThrow(RangeError);
  });
  it('warns where there is less oil than the maker asks (common practice)', () => {
    expect(mixWords(30, 15)).toMatch(/^Less oil.*3\.2 % more fuel/);
    expect(mixWords(20, 20)).toBe('As the maker asks.');
    expect(mixWords(15, 20)).toMatch(/^More oil/);
    expect(mixWords(15, null)).toMatch(/not known/);
  });
});

describe('oil', () => {
  it('use is over all fills but the first', () => {
    expect(
      oilUse([
        { km: 1000, addedMl: 900 },
        { km: 1500, addedMl: 200 },
        { km: 2000, addedMl: 300 },
      ]),
    ).toEqual({ per1000Km: 0.5, overKm: 1000 });
    expect(oilUse([{ km: 1000, addedMl: 900 }])).toBeNull();
    expect(() =>
      oilUse([
        { km: 2, addedMl: 1 },
        { km: 1, addedMl: 1 },
      ]),
    ).toThrow(RangeError);
  });
  it('diluted or milky oil goes whole; a dry sump may only have drained down (common practice)', () => {
    const level: OilLevel = { capacityMl: 2000, overMl: 0, smell: 'none', milky: false, drySump: false, stoodMonths: 0 };
    const say = (x: Partial<OilLevel>) => oilLevelAdvice({ ...level, ...x });
    expect(say({ smell: 'fuel', overMl: 500 })).toMatchObject({ drainMl: null });
    expect(say({ milky: true }).drainMl).toBeNull();
    expect(say({ overMl: 500 }).drainMl).toBe(500);
    expect(say({ overMl: 50 }).drainMl).toBe(50);
    expect(say({ overMl: -800, drySump: true, stoodMonths: 12 }).suggests).toMatch(/drained down/);
    expect(say({ overMl: 900, drySump: true }).suggests).toMatch(/crankcase/);
    expect(say({ overMl: -400 }).suggests).toMatch(/Low/);
    expect(say({}).suggests).toBe('At the mark.');
  });
  it('a can is smaller than the sump', () => {
    const plan = fillPlan({ dryMl: 2400, staysMl: 300, canMl: 1000, firstShare: 0.8 });
    expect(plan).toMatchObject({ neededMl: 2100, cans: 3, leftMl: 900 });
    expect(plan.stagesMl[0]).toBeCloseTo(1680, 9);
    expect(plan.stagesMl[1]).toBeCloseTo(420, 9);
    expect(() => fillPlan({ dryMl: 1, staysMl: 2, canMl: 1, firstShare: 1 })).toThrow(RangeError);
  });
});

describe('what is in the oil (common practice)', () => {
  const four: EngineParts = { strokes: 'four', wetClutch: true, plainBearings: false, camChain: true, gearboxInSameOil: true };
  const parts = (d: Parameters<typeof debrisVerdict>[0], e = four) =>
    debrisVerdict(d, e)
      .sources.map((s) => s.part)
      .join();
  it('magnet, colour and shape lead to what this engine has', () => {
    expect(parts({ magnetic: true, colour: 'bright', shape: 'hairs', sizeMm: 0.3 })).toMatch(/rings.*gear.*cam/);
    expect(parts({ magnetic: true, colour: 'bright', shape: 'hairs', sizeMm: 0.3 }, { ...four, strokes: 'two' })).not.toMatch(/cam/);
    expect(parts({ magnetic: false, colour: 'brass', shape: 'flakes', sizeMm: 1 })).toMatch(/cage/);
    expect(parts({ magnetic: false, colour: 'dull grey', shape: 'flakes', sizeMm: 1 })).toMatch(/piston/);
    expect(parts({ magnetic: false, colour: 'black', shape: 'fibre', sizeMm: 1 })).toMatch(/clutch/);
    expect(parts({ magnetic: false, colour: 'black', shape: 'fibre', sizeMm: 1 }, { ...four, wetClutch: false })).not.toMatch(/clutch/);
    expect(parts({ magnetic: false, colour: 'clear', shape: 'thread', sizeMm: 3 })).toMatch(/sealant/);
  });
  it('a hard loose piece stops everything; paste on the magnet is usual', () => {
    expect(debrisVerdict({ magnetic: true, colour: 'bright', shape: 'lump', sizeMm: 4 }, four)).toMatchObject({ urgency: 'stop' });
    expect(debrisVerdict({ magnetic: true, colour: 'dark', shape: 'paste', sizeMm: 0.05 }, four)).toMatchObject({ urgency: 'usual' });
    expect(debrisVerdict({ magnetic: true, colour: 'bright', shape: 'slivers', sizeMm: 0.4 }, four)).toMatchObject({ urgency: 'watch' });
  });
});

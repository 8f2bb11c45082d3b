import { rmSync } from 'node:fs';
import { expect, it } from 'vitest';
import { attack } from './run';

// The short form of ./ivrek bench attack: every kind of attack, a few of each. Its seed is printed where something breaks.
it('holds against the short attack', { timeout: 900_000 }, async () => {
  const folder = `.data/test/attack-${process.pid}`;
  const seed = Number(process.env.IVREK_SEED ?? 1);
  try {
    const { wrong, counts } = await attack({ quick: true, seed, folder });
    expect(wrong, `seed ${seed}`).toEqual([]);
    expect(Object.values(counts).reduce((a, b) => a + b, 0)).toBeGreaterThan(1000);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
});

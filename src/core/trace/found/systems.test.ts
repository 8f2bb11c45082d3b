import { readdirSync, readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { shipped } from '../../../../test/fixtures/knowledge';

it('no system is left out', () => {
  const text = readdirSync(import.meta.dirname)
    .filter((f) => f.endsWith('.test.ts') && !f.startsWith('systems'))
    .map((f) => readFileSync(`${import.meta.dirname}/${f}`, 'utf8'))
    .join();
  for (const system of new Set(shipped.faults.map((f) => f.system))) expect(text).toContain(`'${system}'`);
});

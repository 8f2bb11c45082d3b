import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { plainPage, troubleWords } from './trouble';

afterEach(() => vi.unstubAllEnvs());

describe('what is told while the database is away', () => {
  it('is the reason that the launcher wrote down, if there is one', () => {
    const folder = mkdtempSync(join(tmpdir(), 'ivrek-trouble-'));
    const file = join(folder, 'database.json');
    expect(troubleWords('It does not answer.')).toBe('It does not answer.');
    vi.stubEnv('IVREK_STATUS', file);
    expect(troubleWords('It does not answer.')).toBe('It does not answer.');
    writeFileSync(file, JSON.stringify({ what: 'The database stopped and is being brought back.' }));
    expect(troubleWords('It does not answer.')).toBe('The database stopped and is being brought back. It does not answer.');
    writeFileSync(file, '{"what": ');
    expect(troubleWords('It does not answer.')).toBe('It does not answer.');
    rmSync(folder, { recursive: true });
  });

  it('stands on a page that needs nothing and shows words as words', () => {
    const page = plainPage('Not just now', '<script>alert(1)</script> & "more"', true);
    expect(page).not.toContain('<script');
    expect(page).toContain('&#60;script&#62;');
    expect(page).toContain('http-equiv="refresh"');
    expect(plainPage('Not found', 'x', false)).not.toContain('http-equiv="refresh"');
  });
});

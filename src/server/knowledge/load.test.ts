import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { readKnowledge } from './load';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'ivrek-knowledge-'));
  cpSync('knowledge', folder, { recursive: true });
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const edit = (file: string, from: string | RegExp, to: string) => writeFileSync(join(folder, file), readFileSync(join(folder, file), 'utf8').replace(from, to));

describe('reading knowledge from files', () => {
  it('reads the shipped folder without a problem', () => {
    const { knowledge, problems } = readKnowledge(folder);
    expect(problems).toEqual([]);
    expect(knowledge.hash).toMatch(/^[\da-f]{16}$/);
  });

  it('has another hash after any change, and the same one otherwise', () => {
    const before = readKnowledge(folder).knowledge.hash;
    expect(readKnowledge(folder).knowledge.hash).toBe(before);
    edit('findings.yaml', 'Will not turn over', 'Does not turn over');
    expect(readKnowledge(folder).knowledge.hash).not.toBe(before);
  });

  it.each([
    ['faults/fuel.yaml', 'system: fuel', 'system: magic', /fuel\.yaml\/faults\/0\/system/],
    ['faults/fuel.yaml', 'prior: ', 'prior: 7', /prior/],
    ['tests/look.yaml', 'minutes: 6', 'minutes: soon', /look\.yaml\/tests\/0\/minutes/],
    ['tests/look.yaml', 'kind: feel', 'kind: guess', /kind/],
    ['groups.yaml', 'groups:', 'grops:', /additional properties \(grops\)/],
    ['bench.yaml', 'id: ignition-hv', 'ident: ignition-hv', /hazards\/0/],
  ])('%s: names the file and the place (%s → %s)', (file, from, to, message) => {
    edit(file, from, to);
    expect(readKnowledge(folder).problems.join('\n')).toMatch(message);
  });

  it('says so where a reference leads nowhere', () => {
    edit('tests/look.yaml', 'access: [plugs]', 'access: [moon]');
    expect(readKnowledge(folder).problems.join('\n')).toMatch(/access 'moon' does not exist/);
  });
});

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

const edit = (file: string, from: string | RegExp, to: string) =>
  writeFileSync(join(folder, file), readFileSync(join(folder, file), 'utf8').replace(from, to));

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

  describe('a shop’s own file on top', () => {
    const own = (text: string) => {
      const path = join(folder, 'shop.yaml.own');
      writeFileSync(path, text);
      return readKnowledge(folder, [path]);
    };

    it('adds faults that refer to what ships, and puts other figures in the place of those there', () => {
      const { knowledge, problems } = own(`
label: the yard's own
faults:
  - {id: yard-clip, name: Fuse clip spread, system: electrics, prior: 0.004, causes: {fuse-holder-hot: 0.9, electrics-odd: 0.7},
     origin: A fat fuse., remedy: {do: Close the clip., minutes: 10, parts: 1, access: [side-cover]}}
figures:
  - {fault: battery-worn, prior: 0.01, parts: 48}
  - {test: compression, minutes: 9}
`);
      expect(problems).toEqual([]);
      const shipped = readKnowledge(folder).knowledge;
      expect(knowledge.faults).toHaveLength(shipped.faults.length + 1);
      expect(knowledge.label).toBe('trade judgement');
      const worn = (k: typeof knowledge) => k.faults.find((f) => f.id === 'battery-worn')!;
      expect(worn(knowledge)).toEqual({ ...worn(shipped), prior: 0.01, remedy: { ...worn(shipped).remedy, parts: 48 } });
      expect(knowledge.tests.find((t) => t.id === 'compression')!.minutes).toBe(9);
      expect(knowledge.hash).not.toBe(shipped.hash);
    });

    it.each([
      ['figures: [{fault: moon, prior: 0.1}]', /there is no fault 'moon'/],
      ['figures: [{test: moon, minutes: 1}]', /there is no test 'moon'/],
      ['figures: [{fault: battery-worn, prior: 7}]', /prior/],
      ['figures: [{test: compression, parts: 7}]', /figures\/0/],
      ['faults: [{id: points-dirty, name: Again}]', /must have required property/],
      [
        'tests: [{id: yard, name: Yard, system: spark, kind: swap, how: So., minutes: 3, outcomes: [{id: a, says: A, find: {spark: none}}, {id: b, says: B, find: {spark: good}, normal: true}]}]',
        /a swap, and only a swap, says what moves/,
      ],
    ])('%s: says what is wrong', (text, message) => {
      expect(own(text).problems.join('\n')).toMatch(message);
    });
  });

  it('says so where a reference leads nowhere', () => {
    edit('tests/look.yaml', 'access: [plugs]', 'access: [moon]');
    expect(readKnowledge(folder).problems.join('\n')).toMatch(/access 'moon' does not exist/);
  });
});

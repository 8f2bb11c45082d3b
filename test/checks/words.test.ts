import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { parse } from 'yaml';

/** Terms that are not shown any more, with what is said in their place. What is typed at the bench line may still be any of them. */
const retired: readonly [RegExp, string][] = [
  [/\breckon(ed|ing|s)?\b/i, 'used, counts'],
  [/\bthe book\b|\bbook of this bike\b|\bits book\b/i, 'manual'],
  [/\bprovisional\b/i, 'temporary repair'],
  [/\berratum|\berrata\b/i, 'manual correction'],
  [/\blets? by\b/i, 'leaks'],
  [/\bpetcock\b/i, 'fuel tap'],
  [/\bidle jet\b/i, 'pilot jet'],
  [/\btake along\b|\bbring (it )?in\b/i, 'export, import'],
  [/\bsend away\b|\blet in\b/i, 'remove, pair'],
  [/\bmade good\b/i, 'fixed properly'],
  [/\bheld against\b/i, 'compared with, limit'],
  [/\btorch\b/i, 'lamp'],
  [/\bhelped battery\b/i, 'jump battery'],
  [/\b(lining|plain) plates?\b/i, 'friction plate, steel plate'],
  [/\bbiscuit\b/i, 'tan'],
  [/\b(open|closed) contacts\b/i, 'points'],
  [/\bneeds you\b/i, 'needs a decision'],
  [/\bpart(s|ed)? the suspects\b/i, 'separates'],
  [/\ball the same\b/i, 'anyway'],
  [/\bput back\b/i, 'refit, restore'],
  [/\bschools?\b/i, 'approach'],
  [/\bon the line\b/i, 'borderline'],
  [/\bdone for\b/i, 'past the service limit'],
  [/\b(comes?|came) and (goes?|went)\b/i, 'intermittent'],
  [/\bgates?\b/i, 'check'],
  [/\bin the shed\b/i, 'offline'],
  [/\bshops?\b(?!’s)/i, 'workshop'],
  [/\bfigures?\b/i, 'value'],
  [/\bopens the way\b|\bto get at\b/i, 'access'],
  [/\btaken back\b|\btake (it|that) back\b/i, 'undo'],
];

const files = (folder: string, ending: RegExp): string[] =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((f) => f.isFile() && ending.test(f.name))
    .map((f) => join(f.parentPath, f.name));

/** Whether a text may be read by a person: a sentence, or something that begins with a capital letter. */
const isShown = (text: string) => /[a-z]{2}/.test(text) && (/\s/.test(text.trim()) || /^[A-Z][a-z]/.test(text));

/** Every text in a source file that may be read by a person, with its line. */
function textsOf(file: string): [string, string][] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: [string, string][] = [];
  const visit = (n: ts.Node): void => {
    if (ts.isImportDeclaration(n) || ts.isTypeNode(n)) return;
    const text =
      ts.isJsxText(n) ||
      ts.isStringLiteral(n) ||
      ts.isNoSubstitutionTemplateLiteral(n) ||
      ts.isTemplateHead(n) ||
      ts.isTemplateMiddleOrTemplateTail(n)
        ? n.text.replace(/\s+/g, ' ')
        : '';
    const attribute = ts.isJsxAttribute(n.parent ?? n) ? (n.parent as ts.JsxAttribute).name.getText(source) : '';
    if (isShown(text) && !/^(data-|class|href|key$|id$)/.test(attribute))
      found.push([`${file}:${source.getLineAndCharacterOfPosition(n.getStart(source)).line + 1}`, text]);
    ts.forEachChild(n, visit);
  };
  visit(source);
  return found;
}

/** Every text of a YAML file that is shown: not ids, not the words that people use, not patterns. */
function shownIn(data: unknown, at: string): [string, string][] {
  if (typeof data === 'string') return isShown(data) ? [[at, data]] : [];
  if (Array.isArray(data)) return data.flatMap((x, i) => shownIn(x, `${at}/${(x as { id?: string } | null)?.id ?? i}`));
  if (typeof data !== 'object' || data === null) return [];
  return Object.entries(data).flatMap(([k, v]) =>
    /^(words|told|work|notWork|origin|vocabulary)$/.test(k) ? [] : shownIn(v, `${at}/${k}`),
  );
}

const wrong = (texts: readonly [string, string][]) =>
  texts.flatMap(([at, text]) =>
    retired.filter(([term]) => term.test(text)).map(([, say]) => `${at}: “${text.trim().slice(0, 90)}” → ${say}`),
  );

describe('words that are not shown any more', () => {
  it('stand on no screen', () => {
    const shown = files('src/ui', /\.tsx?$/).filter((f) => !/\.test\.|gallery/.test(f));
    expect(wrong(shown.flatMap(textsOf))).toEqual([]);
  });
  it('are said by no verdict, refusal or record', () => {
    const core = files('src/core', /\.ts$/).filter(
      (f) => !/\.test\.|core\/line\/|trace\/simulate|knowledge\/(check|unsound|likely)/.test(f),
    );
    expect(wrong(core.flatMap(textsOf))).toEqual([]);
  });
  it('stand in no document, but for names in code', () => {
    const prose = ['README.md', ...files('docs', /\.md$/)].filter((f) => !/performance|security/.test(f));
    const plain = (text: string) => text.replace(/```[\s\S]*?```/g, '').replace(/`[^`]*`/g, '');
    const texts = prose.flatMap((f) =>
      plain(readFileSync(f, 'utf8'))
        .split(/\n\n+/)
        .map((part): [string, string] => [f, part.replace(/\s+/g, ' ')]),
    );
    // A document may say whose word a workshop is to its own people.
    expect(wrong(texts).filter((w) => !w.endsWith('→ workshop'))).toEqual([]);
  });
  it('stand nowhere in the knowledge', () => {
    const yaml = files('knowledge', /\.yaml$/);
    expect(wrong(yaml.flatMap((f) => shownIn(parse(readFileSync(f, 'utf8')), f)))).toEqual([]);
  });
});

import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const parsed = new Map<string, ts.SourceFile>();
const parse = (file: string) => {
  const known = parsed.get(file) ?? ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  parsed.set(file, known);
  return known;
};

const fileOf = (from: string, specifier: string) => {
  const path = join(dirname(from), specifier);
  return [`${path}.ts`, join(path, 'index.ts')].find((f) => existsSync(f));
};

interface Public {
  name: string;
  file: string;
  node: ts.FunctionDeclaration | ts.VariableStatement;
  parameters: readonly ts.ParameterDeclaration[];
}

/** The function of that name, where it is declared; null for what is no function. */
function declared(file: string, name: string): Public | null {
  const source = parse(file);
  for (const s of source.statements) {
    if (ts.isFunctionDeclaration(s) && s.name?.text === name) return { name, file, node: s, parameters: s.parameters };
    if (ts.isVariableStatement(s))
      for (const d of s.declarationList.declarations)
        if (d.name.getText() === name && d.initializer && ts.isArrowFunction(d.initializer))
          return { name, file, node: s, parameters: d.initializer.parameters };
    if (ts.isExportDeclaration(s) && s.moduleSpecifier && s.exportClause && ts.isNamedExports(s.exportClause)) {
      const passed = s.exportClause.elements.find((e) => e.name.text === name);
      const from = passed && fileOf(file, (s.moduleSpecifier as ts.StringLiteral).text);
      if (from) return declared(from, (passed.propertyName ?? passed.name).text);
    }
  }
  return null;
}

/** Everything that the index of a folder offers to others. */
const offered = (index: string): Public[] =>
  parse(index).statements.flatMap((s) => {
    if (ts.isFunctionDeclaration(s) && s.name && s.modifiers?.some((m) => m.kind === ts.SyntaxKind.ExportKeyword))
      return declared(index, s.name.text) ?? [];
    if (!ts.isExportDeclaration(s) || s.isTypeOnly || !s.exportClause || !ts.isNamedExports(s.exportClause)) return [];
    return s.exportClause.elements.filter((e) => !e.isTypeOnly).flatMap((e) => declared(index, e.name.text) ?? []);
  });

const folders = [...readdirSync('src/core').map((d) => `src/core/${d}/index.ts`), 'src/contract/index.ts'].filter((f) => existsSync(f));
const functions = folders.flatMap(offered);

describe('what the core and the contract offer is described', () => {
  it('finds the functions', () => {
    expect(functions.length).toBeGreaterThan(200);
    expect(functions.map((f) => f.name)).toEqual(expect.arrayContaining(['judge', 'rank', 'planOf', 'checkCommand', 'stressAreaMm2']));
  });

  it('with a line of purpose and a line for each parameter', () => {
    const wanting = functions.flatMap(({ name, file, node, parameters }) => {
      const docs = ts.getJSDocCommentsAndTags(node).filter(ts.isJSDoc);
      const said = docs.flatMap((d) => [...(d.tags ?? [])]).filter(ts.isJSDocParameterTag).length;
      const purpose = docs.some((d) => ts.getTextOfJSDocComment(d.comment)?.trim());
      return [
        ...(purpose ? [] : [`${file}: ${name} has no line of purpose`]),
        ...(said >= parameters.length ? [] : [`${file}: ${name} describes ${said} of ${parameters.length} parameters`]),
      ];
    });
    expect(wanting).toEqual([]);
  });
});

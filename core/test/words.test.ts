import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const ROOT = join(import.meta.dirname, '../..');

/** The source files of what is shown or said. */
const sources = ['core', 'web', 'server'].flatMap((room) =>
  readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.ts$|^test\/|\/test\/|^database\//.test(file))
    .map((file) => `${room}/${file}`),
);

/** A name that the build file keeps; what is shown is another. */
const KEPT_IN_FILES = ['Own items', 'catalogue.parts'];

/** What search understands is typed and never shown. */
const TYPED = ['web/palette/matches.ts'];

/** A text that a person may read, rather than an id, a path or a key: it has a space or begins with a capital. */
const isSaid = (text: string): boolean => /\s\S|^[A-Z][a-z]/.test(text.trim());

/** The texts of a source file with the line in which each stands. */
function textsOf(file: string): { at: string; text: string }[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(join(ROOT, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const texts: { at: string; text: string }[] = [];
  const take = (node: ts.Node, text: string) =>
    texts.push({ at: `${file}:${source.getLineAndCharacterOfPosition(node.getStart()).line + 1}`, text });
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isImportTypeNode(node)) return;
    // An error that only a programmer sees.
    if (ts.isThrowStatement(node)) return;
    if (ts.isJsxText(node) && node.text.trim()) take(node, node.text.replace(/\s+/g, ' '));
    else if (
      (ts.isStringLiteralLike(node) ||
        ts.isTemplateHead(node) ||
        ts.isTemplateMiddle(node) ||
        ts.isTemplateTail(node)) &&
      isSaid(node.text)
    )
      take(node, node.text);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return texts;
}

/** The words of the last column of the glossary's tables. */
const never = readFileSync(join(ROOT, 'docs/glossary.md'), 'utf8')
  .split('\n')
  .filter((line) => /^\| /.test(line) && !/^\| (---|we say|we write)/.test(line))
  .flatMap((line) => line.split('|').at(-2)!.split(','))
  .map((word) => word.trim())
  .filter(Boolean);

const all = sources.filter((file) => !TYPED.includes(file)).flatMap(textsOf);

describe('what is shown is said in the words of the glossary', () => {
  it('finds the texts and the words', () => {
    expect(all.length).toBeGreaterThan(2_000);
    expect(never.length).toBeGreaterThan(50);
    expect(all.some(({ text }) => text.includes('Confirm all of'))).toBe(true);
  });

  it.each(never)('never “%s”', (word) => {
    const kept = (text: string) => KEPT_IN_FILES.reduce((rest, name) => rest.replace(name, ''), text);
    const said = new RegExp(`(^|[^a-z-])${word}($|[^a-z-])`, 'i');
    expect(all.filter(({ text }) => said.test(kept(text))).map(({ at, text }) => `${at}: ${text}`)).toEqual(
      [],
    );
  });
});

describe('figures in sentences', () => {
  it('have their unit beside them, or are counted in words', () => {
    // "{12 lb}" says its unit; a bare placeholder such as "{12}" would not.
    expect(all.filter(({ text }) => /\{\d[\d.]*\}/.test(text)).map(({ at }) => at)).toEqual([]);
  });
});

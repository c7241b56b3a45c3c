/** Every word that a player reads, held against the glossary: what it says is not used, is not. */
import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import ts from 'typescript';

const WEB = resolve(__dirname, '..');
const CORE = resolve(__dirname, '../../../../packages/core/src');
const GLOSSARY = resolve(__dirname, '../../../../docs/glossary.md');
const READ = new Set([
  'label',
  'title',
  'aria-label',
  'placeholder',
  'description',
  'about',
  'name',
]);

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return name === 'testing' ? [] : sources(path);
    return /\.tsx?$/.test(name) && !/\.test\.tsx?$/.test(name) ? [path] : [];
  });
}

/** Literal text in an expression, its parts that are worked out left blank. */
function literals(node: ts.Node): string[] {
  if (ts.isStringLiteralLike(node)) return [node.text];
  if (ts.isTemplateExpression(node)) {
    return [
      [node.head, ...node.templateSpans.map(({ literal }) => literal)]
        .map(({ text }) => text)
        .join(' '),
    ];
  }
  const inside: string[] = [];
  ts.forEachChild(node, (child) => {
    inside.push(...literals(child));
  });
  return inside;
}

/** Text between tags, and what labels and titles say, in attributes and in tables. */
function readIn(path: string): string[] {
  const source = ts.createSourceFile(
    path,
    readFileSync(path, 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isJsxText(node)) found.push(node.text);
    const named = ts.isJsxAttribute(node) || ts.isPropertyAssignment(node);
    if (named && node.initializer && READ.has(node.name.getText().replace(/'/g, ''))) {
      found.push(...literals(node.initializer));
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found.map((text) => text.replace(/\s+/g, ' ').trim()).filter(Boolean);
}

/** The list of the glossary: what is not said. */
function notSaid(): string[] {
  const [, list = ''] = readFileSync(GLOSSARY, 'utf8').split('## Words the interface does not use');
  return [...list.matchAll(/^\| (.+?)\s*\|/gm)]
    .map(([, cell = '']) => cell)
    .filter((cell) => cell !== 'not' && !cell.startsWith('-'))
    .flatMap((cell) => cell.split(', '));
}

const texts = [WEB, CORE].flatMap((folder) =>
  sources(folder).flatMap((path) => readIn(path).map((text) => ({ path, text }))),
);

it('the interface says nothing of what the glossary says it does not use', () => {
  const banned = notSaid();
  expect(banned.length).toBeGreaterThan(12);
  expect(texts.length).toBeGreaterThan(900);
  const said = texts.flatMap(({ path, text }) =>
    banned
      .filter((word) => new RegExp(`\\b${word}\\b`, 'i').test(text))
      .map((word) => `${word}: “${text}” in ${path.slice(WEB.length + 1)}`),
  );
  expect(said).toEqual([]);
});

import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { join, resolve } from 'node:path';

/** What the papers say of files and names is so, and every work of others is shipped with its licence. */
const ROOT = resolve(__dirname, '../../../..');
const SOURCES = ['', 'packages/core/src', 'apps/web/src', 'apps/server/src', 'apps/server'];
const PAPERS = ['CONTRIBUTING.md', 'docs/architecture.md', 'docs/checks.md'];

const read = (file: string): string => readFileSync(join(ROOT, file), 'utf8');

/** What a paper names in backquotes, each once. */
const namesIn = (paper: string): string[] => [
  ...new Set([...read(paper).matchAll(/`([^`\n]+)`/g)].map(([, name]) => name!)),
];

const isPath = (name: string): boolean => /^[\w./-]+\.(ts|tsx|mjs|css|json|sh)$/.test(name);
const isName = (name: string): boolean =>
  /^([A-Z][A-Z_]{3,}|[A-Z][a-z]+[A-Z]\w+|[a-z]+[A-Z]\w+)$/.test(name);

const allFiles = SOURCES.slice(1, 4).flatMap((source) =>
  readdirSync(join(ROOT, source), { recursive: true, encoding: 'utf8' }).map((file) =>
    join(source, file),
  ),
);

/** A path from the root, from one of the sources, or the end of one. */
function exists(path: string): boolean {
  const own = path.replace(/^core\//, 'packages/core/src/');
  return (
    SOURCES.some((source) => existsSync(join(ROOT, source, own))) ||
    allFiles.some((file) => file.endsWith(`/${own}`))
  );
}

it.each(PAPERS)('%s names files that are there', (paper) => {
  const paths = namesIn(paper).filter(isPath);
  expect(paths.length).toBeGreaterThan(10);
  // To be written by whoever follows the paper.
  const missing = paths.filter((path) => !path.includes('yours.ts') && !exists(path));
  expect(missing).toEqual([]);
});

it('CONTRIBUTING.md uses names that the sources have', () => {
  const text = allFiles
    .filter((file) => /\.tsx?$/.test(file))
    .map(read)
    .join('\n');
  const names = namesIn('CONTRIBUTING.md').filter(isName);
  expect(names.length).toBeGreaterThan(8);
  expect(names.filter((name) => !new RegExp(`\\b${name}\\b`).test(text))).toEqual([]);
});

it('ships the licence of every package that the application runs on', () => {
  const licences = read('apps/web/dist/licences.txt');
  const dependencies = ['apps/web', 'apps/server'].flatMap((workspace) => {
    const { dependencies: own } = JSON.parse(read(`${workspace}/package.json`)) as {
      readonly dependencies: Readonly<Record<string, string>>;
    };
    return Object.keys(own).filter((name) => !name.startsWith('@drop-close/'));
  });
  expect(dependencies.length).toBeGreaterThan(20);
  const missing = dependencies.filter((name) => !licences.includes(`\n${name} `));
  expect(missing).toEqual([]);
  expect(licences).toContain('The sounds of the band');
});

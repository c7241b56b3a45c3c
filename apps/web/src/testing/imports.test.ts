import { existsSync, readFileSync, readdirSync } from 'node:fs';
import { dirname, join, relative, resolve } from 'node:path';

/** Imports run one way: no file and no folder leads back to itself. The linter holds the floors besides. */
type Graph = ReadonlyMap<string, ReadonlySet<string>>;

const ROOT = resolve(__dirname, '../../../..');
const IMPORT = /(?:import|export)[^'"]*?from\s+'(\.[^']+)'|import\('(\.[^']+)'\)/g;

function importsIn(source: string): Graph {
  const root = join(ROOT, source);
  const files = readdirSync(root, { recursive: true, encoding: 'utf8' }).filter(
    (file) => /\.tsx?$/.test(file) && !/\.test\./.test(file) && !file.startsWith('testing/'),
  );
  return new Map(files.map((file) => [file, new Set(importsOf(root, file))]));
}

function importsOf(root: string, file: string): string[] {
  const text = readFileSync(join(root, file), 'utf8');
  return [...text.matchAll(IMPORT)].flatMap(([, named, loaded]) => {
    const target = resolve(root, dirname(file), (named ?? loaded)!);
    const found = [`${target}.ts`, `${target}.tsx`, join(target, 'index.ts')].find(existsSync);
    return found ? [relative(root, found)] : [];
  });
}

/** Folders and those they import; a folder inside another is one of its own. */
function folders(files: Graph): Graph {
  const found = new Map<string, Set<string>>();
  for (const [file, targets] of files) {
    const from = dirname(file);
    const others = found.get(from) ?? new Set();
    for (const target of targets) {
      const to = dirname(target);
      if (to !== from) others.add(to);
    }
    found.set(from, others);
  }
  return found;
}

/** A way that leads back to where it began; none where there is no circle. */
function circleIn(graph: Graph): readonly string[] | undefined {
  const done = new Set<string>();
  const walk = (from: string, way: readonly string[]): readonly string[] | undefined => {
    if (way.includes(from)) return [...way.slice(way.indexOf(from)), from];
    if (done.has(from)) return undefined;
    for (const to of graph.get(from) ?? []) {
      const circle = walk(to, [...way, from]);
      if (circle) return circle;
    }
    done.add(from);
    return undefined;
  };
  for (const from of graph.keys()) {
    const circle = walk(from, []);
    if (circle) return circle;
  }
  return undefined;
}

it('finds a circle where there is one', () => {
  const graph = new Map([
    ['a', new Set(['b'])],
    ['b', new Set(['c'])],
    ['c', new Set(['b'])],
  ]);
  expect(circleIn(graph)).toEqual(['b', 'c', 'b']);
});

it.each(['packages/core/src', 'apps/web/src'])('%s has no circle of files or folders', (source) => {
  const files = importsIn(source);
  expect(files.size).toBeGreaterThan(150);
  expect(circleIn(files)).toBeUndefined();
  expect(circleIn(folders(files))).toBeUndefined();
});

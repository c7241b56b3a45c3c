import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { FIGURE_TERMS } from '../../voice/figures/figuresOf';
import { readGlossary } from './readGlossary';

const WEB = resolve(__dirname, '../..');
const glossary = readGlossary(
  readFileSync(resolve(__dirname, '../../../../../docs/glossary.md'), 'utf8'),
);

const sources = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return /\.tsx$/.test(name) ? [readFileSync(path, 'utf8')] : [];
  });

it('a row of the glossary is read as its words and what they mean', () => {
  expect(readGlossary('| **bar, beat** | counted _from_ 1 |').get('beat')).toBe('Counted from 1');
  expect(glossary.get('drop 2')).toMatch(/second voice from the top/);
  expect(glossary.size).toBeGreaterThan(150);
});

it('every term that the interface explains is in the glossary', () => {
  const asked = sources(WEB).flatMap((text) =>
    // One word, or one of several by what is played.
    [...text.matchAll(/<Term of=(?:(".+?")|{([^}]+)})/g)].flatMap(([, word = '', chosen = '']) =>
      [...(word + chosen).matchAll(/["'](.+?)["']/g)].map(([, each = '']) => each),
    ),
  );
  expect(asked.length).toBeGreaterThanOrEqual(35);
  expect(asked.filter((word) => !glossary.has(word))).toEqual([]);
});

it('the figures of a chorus and of a comp are explained', () => {
  const words = Object.values(FIGURE_TERMS);
  expect(words.length).toBe(7);
  const comp = readFileSync(join(WEB, 'comp/FiguresLine.tsx'), 'utf8');
  const named = [...comp.matchAll(/', '(\w+)'\]/g)].map(([, word = '']) => word);
  expect(named).toEqual(['gap', 'told', 'hit', 'clash']);
  expect([...words, ...named].filter((word) => !glossary.has(word))).toEqual([]);
});

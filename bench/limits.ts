/**
 * The server as ./start runs it, asked for as much work as one request of a megabyte can ask for: how long
 * each kind holds up everybody else, how long its answer is, and how much memory it takes. Run:
 * scripts/bench limits.
 */
import { defaultArrangement, parseChart, positionsIn, storeArrangement } from '@drop-close/core';
import { House } from '../soak/house';
import { print } from './report';

const house = new House('bench', 4719);

interface Answer {
  readonly status: number;
  readonly text: string;
}

interface Figures {
  readonly longestHold: number;
  readonly memoryMb: number;
}

async function sent(method: 'POST' | 'PUT', path: string, body: string): Promise<Answer> {
  const headers = { 'content-type': 'application/json' };
  const answer = await fetch(`${house.address}/api${path}`, { method, headers, body });
  return { status: answer.status, text: await answer.text() };
}

const figures = async (): Promise<Figures> =>
  (await (await house.get('/figures')).json()) as Figures;

const head = { title: 'Hatch', key: 'C', meter: '4/4', tempo: 120, feel: 'swing' };
const tune = (change: object): string => JSON.stringify({ ...head, text: '| C6 |', ...change });
const chords = ['Dm7', 'G7b9', 'Cmaj7', 'A7alt', 'Fm6', 'Bb7', 'Ebmaj7', 'Am7b5'];
const bars = (count: number, each: number): string => {
  const bar = (at: number) =>
    Array.from({ length: each }, (_, i) => chords[(at * 3 + i * 5) % chords.length]).join(' ');
  return `| ${Array.from({ length: count }, (_, at) => bar(at)).join(' | ')} |`;
};
const setup = storeArrangement(
  defaultArrangement,
  positionsIn(parseChart('').chart, { transposed: 0 }),
);
const hit = { pass: 0, chorus: 0, at: 0, length: 9, hold: 'short', touch: 'plain', accent: true };
const arrangement = (count: number): string => {
  const hits = Array.from({ length: count }, (_, at) => ({ ...hit, bar: `b${at}` }));
  return JSON.stringify({ name: 'Full', setup: { ...setup, comp: { ...setup.comp, hits } } });
};
const line = (count: number): string => {
  const notes = Array.from({ length: count }, (_, at) => {
    return { midi: 60, at: at * 240, length: 240, velocity: 80 };
  });
  return JSON.stringify({ name: 'Chorus', line: { written: true, notes } });
};

async function main(): Promise<void> {
  await house.raze();
  await house.open();
  const made = await sent('POST', '/tunes', tune({ text: bars(250, 8) }));
  const { id } = JSON.parse(made.text) as { id: string };
  const brackets = `${'['.repeat(450_000)}${']'.repeat(450_000)}`;
  const asked: readonly (readonly [string, string, string])[] = [
    ['250 bars of eight chords', '/tunes', tune({ text: bars(250, 8) })],
    [
      '20,000 chords in a bar, repeated 500 times',
      '/tunes',
      tune({ text: `| ${'C '.repeat(20_000)}${'| % '.repeat(499)}|` }),
    ],
    [
      '25,000 brackets in a symbol',
      '/tunes',
      tune({ text: `| C7${'('.repeat(25_000)}${')'.repeat(24_000)} |` }),
    ],
    ['ten thousand sections', '/tunes', tune({ text: '[A]\n'.repeat(10_000) })],
    ['half a million brackets', '/tunes', `{"title":${brackets}}`],
    [
      'a list of 300,000',
      '/tunes',
      tune({ places: { transposed: 0, sections: Array(300_000).fill({}) } }),
    ],
    ['1,500 hits', `/tunes/${id}/arrangements`, arrangement(1500)],
    ['5,700 hits', `/tunes/${id}/arrangements`, arrangement(5700)],
    ['a solo line of 10,000 notes', `/tunes/${id}/solos`, line(10_000)],
    ['a name of 990,000 letters', '/tunes', tune({ title: 'x'.repeat(990_000) })],
  ];
  const before = (await figures()).memoryMb;
  for (const [name, path, body] of asked) {
    await figures();
    const { status, text } = await sent('POST', path, body);
    const { longestHold, memoryMb } = await figures();
    print(
      `${name} (${Math.round(body.length / 1000)} kB, ${status}): others wait`,
      longestHold,
      'ms',
    );
    print(`${name}: its answer`, text.length / 1000, 'kB');
    print(`${name}: memory more than before all`, memoryMb - before, 'MB');
  }
  for (const path of [`/tunes/${id}`, `/tunes/${id}/solos`, '/tunes']) {
    await figures();
    const text = await (await house.get(path)).text();
    print(`GET ${path.replace(id, 'ID')}: others wait`, (await figures()).longestHold, 'ms');
    print(`GET ${path.replace(id, 'ID')}: its answer`, text.length / 1000, 'kB');
  }
  await house.raze();
}

void main();

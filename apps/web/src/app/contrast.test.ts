import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { themeOf, type Light } from './theme';

const css = readFileSync(resolve(__dirname, 'app.css'), 'utf8');

/** The colours of one light, by their names. */
function coloursOf(light: Light): Record<string, string> {
  const head = light === 'house' ? ':root {' : ":root[data-light='stage'] {";
  const block = css.slice(css.indexOf(head)).split('}')[0]!;
  return Object.fromEntries(
    [...block.matchAll(/--([a-z-]+): (#[0-9a-f]{6});/g)].map(([, name = '', value = '']) => [
      name,
      value,
    ]),
  );
}

/** Relative luminance. Source: WCAG 2.2. */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const share = parseInt(colour.slice(at, at + 2), 16) / 255;
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
  }) as [number, number, number];
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
}

function contrast(one: string, other: string): number {
  const [light, dark] = [luminance(one), luminance(other)].sort((a, b) => b - a) as [
    number,
    number,
  ];
  return (light + 0.05) / (dark + 0.05);
}

it('contrast is as the standard says: black on white 21 to 1, its grey of 4.54', () => {
  expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5);
  expect(contrast('#767676', '#ffffff')).toBeCloseTo(4.54, 2);
});

describe.each(['house', 'stage'] as const)('in %s light', (light) => {
  const colours = coloursOf(light);
  const of = (name: string): string => colours[name]!;

  it.each([
    // Words: 4.5 to 1 (1.4.3).
    ...['paper', 'raised', 'zone', 'brass-wash', 'hover'].map((on) => ['ink', on, 4.5] as const),
    ...['paper', 'raised', 'zone', 'hover'].map((on) => ['quiet', on, 4.5] as const),
    ...['paper', 'raised'].map((on) => ['brass', on, 4.5] as const),
    ...['paper', 'raised'].map((on) => ['fault', on, 4.5] as const),
    // What is chosen is written in paper on brass.
    ['paper', 'brass', 4.5] as const,
    // Threads, heads and hits on what lies behind them: 3 to 1 (1.4.11).
    ...['zone', 'brass-wash'].map((on) => ['brass', on, 3] as const),
    ...['paper', 'zone', 'brass-wash'].map((on) => ['quiet', on, 3] as const),
  ])('%s is told from %s: %d to 1', (front, back, least) => {
    expect(contrast(of(front), of(back))).toBeGreaterThanOrEqual(least);
  });

  it('the components of the library have the same colours as the page', () => {
    const { token } = themeOf(light);
    expect(token).toMatchObject({
      ...{ colorBgBase: of('paper'), colorTextBase: of('ink'), colorPrimary: of('brass') },
      ...{ colorBgContainer: of('raised'), colorTextPlaceholder: of('quiet') },
      colorBorder: of('line'),
    });
  });
});

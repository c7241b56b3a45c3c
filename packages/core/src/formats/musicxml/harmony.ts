/**
 * A chord as a `<harmony>` of MusicXML 4.0: a kind, what is added, altered or left out of it, the bass. The symbol as it is
 * written stands in the text of the kind, so that a reader sees what the player typed.
 * Columns: the tones that a kind is, without the root, and its name. Source: MusicXML 4.0, `kind-value`.
 */
import type { Degree } from '../../chord/degrees';
import type { Chord, PitchedChord } from '../../chord/types';
import { noteOf, type NoteName } from '../../pitch/spelling';
import { element, type XmlNode } from './build';

const KINDS: readonly (readonly [tones: string, kind: string])[] = [
  ['3 5', 'major'],
  ['b3 5', 'minor'],
  ['3 #5', 'augmented'],
  ['b3 b5', 'diminished'],
  ['3 5 7', 'major-seventh'],
  ['3 5 b7', 'dominant'],
  ['b3 5 b7', 'minor-seventh'],
  ['b3 b5 b7', 'half-diminished'],
  ['b3 b5 bb7', 'diminished-seventh'],
  ['3 #5 b7', 'augmented-seventh'],
  ['b3 5 7', 'major-minor'],
  ['3 5 6', 'major-sixth'],
  ['b3 5 6', 'minor-sixth'],
  ['2 5', 'suspended-second'],
  ['4 5', 'suspended-fourth'],
  ['5', 'power'],
];

type Colour = Exclude<Degree, 'R'>;
const THIRDS: readonly Colour[] = ['3', 'b3', '4', '2'];
const FIFTHS: readonly Colour[] = ['5', 'b5', '#5'];
const SEVENTHS: readonly Colour[] = ['7', 'b7', 'bb7', '6'];

/** How far each degree lies from the one of its number in a major scale, a seventh from the minor one. */
function degreeOf(degree: Colour): { readonly value: number; readonly alter: number } {
  const value = Number(degree.replace(/^[b#]+/, ''));
  const signs = degree.slice(0, degree.length - String(value).length);
  const alter = signs.startsWith('#') ? signs.length : -signs.length;
  return { value, alter: value === 7 ? alter + 1 : alter };
}

type Change = readonly [type: 'add' | 'alter' | 'subtract', value: number, alter: number];

/** The kind that holds the most of a chord, and what then differs. */
export function kindOf({ tones }: Pick<PitchedChord, 'tones'>): {
  readonly kind: string;
  readonly changes: readonly Change[];
} {
  const own = tones
    .map(({ degree }) => degree)
    .filter((degree): degree is Colour => degree !== 'R');
  const of = (names: readonly Colour[]): Colour | undefined =>
    names.find((degree) => own.includes(degree));
  const [third, fifth, seventh] = [of(THIRDS), of(FIFTHS), of(SEVENTHS)];
  const tries = [
    [third, fifth, seventh],
    [third, '5', seventh],
    [third, fifth ?? '5'],
    [third, '5'],
    [third ?? '3', '5', seventh],
    [third ?? '3', '5'],
  ].map((each) => each.filter((degree) => degree !== undefined).join(' '));
  const [held, kind] = tries.flatMap((each) => KINDS.find(([names]) => names === each) ?? []) as [
    string,
    string,
  ];
  const holds = held.split(' ') as Colour[];
  const changes: Change[] = [];
  for (const degree of holds) {
    if (own.includes(degree)) continue;
    const { value } = degreeOf(degree);
    const instead = FIFTHS.includes(degree) && fifth ? degreeOf(fifth).alter : undefined;
    changes.push(instead === undefined ? ['subtract', value, 0] : ['alter', value, instead]);
  }
  for (const degree of own) {
    if (holds.includes(degree)) continue;
    const { value, alter } = degreeOf(degree);
    // It was told as an altered one.
    if (degree === fifth && FIFTHS.some((other) => holds.includes(other))) continue;
    changes.push(['add', value, alter]);
  }
  return { kind, changes };
}

/** What stands behind the root of a symbol, without its bass. */
const suffixOf = ({ symbol, root, bass }: PitchedChord): string => {
  const plain = symbol.replaceAll('♭', 'b').replaceAll('♯', '#');
  const rest = plain.startsWith(root) ? plain.slice(root.length) : plain.slice(1);
  return bass === undefined ? rest : rest.replace(new RegExp(`/${bass}$`), '');
};

/** @param offset from where the measure is written to, in divisions */
export function harmony(chord: Chord, offset = 0): XmlNode {
  const place = offset ? [element('offset', offset)] : [];
  if (chord.kind !== 'chord') {
    return element('harmony', [
      element('root', [element('root-step', 'C', { text: '' })]),
      element('kind', 'none', { text: 'N.C.' }),
      ...place,
    ]);
  }
  const { kind, changes } = kindOf(chord);
  return element('harmony', [
    element('root', noteIn('root', chord.root)),
    element('kind', kind, { text: suffixOf(chord) }),
    ...(chord.bass === undefined ? [] : [element('bass', noteIn('bass', chord.bass))]),
    ...changes.map(([type, value, alter]) =>
      element(
        'degree',
        [
          element('degree-value', value),
          element('degree-alter', alter),
          element('degree-type', type),
        ],
        { 'print-object': 'no' },
      ),
    ),
    ...place,
  ]);
}

function noteIn(what: 'root' | 'bass', name: NoteName): XmlNode[] {
  const { letter, accidental } = noteOf(name);
  return [
    element(`${what}-step`, letter),
    ...(accidental ? [element(`${what}-alter`, accidental)] : []),
  ];
}

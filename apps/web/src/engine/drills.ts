import {
  drill,
  enumerateVoicings,
  gripOptions,
  type Chorus,
  type ConnectOutcome,
  type ConnectSettings,
  type DrillMaterial,
  type PitchedChord,
  type Question,
  type Voicing,
} from '@drop-close/core';
import type { AskedQuestion, DrillRequest } from './protocol';

/** A chorus as it was voiced. */
interface DrillSource {
  readonly chorus: Chorus;
  readonly settings: ConnectSettings;
  readonly outcome: ConnectOutcome;
}

/** Grips to choose the nearest from. */
const OPTIONS = 6;

interface Asking {
  readonly source: DrillSource;
  readonly name: string;
  readonly material: DrillMaterial;
  readonly next: () => Question | undefined;
  readonly asked: (Question | undefined)[];
}

/** Asks the questions of a drill one by one; of the last drill it remembers how far it came. */
export function createDrills(): (
  source: DrillSource,
  request: DrillRequest,
  count: number,
) => AskedQuestion | undefined {
  let asking: Asking | undefined;
  return (source, request, count) => {
    const name = JSON.stringify(request);
    if (asking?.source !== source || asking.name !== name) {
      const material = materialOf(source, request);
      const next = drill(request.drill, material, request.seed);
      asking = { source, name, material, next, asked: [] };
    }
    const { asked, next, material } = asking;
    while (asked.length <= count) asked.push(next());
    const question = asked[count];
    if (!question) return undefined;
    const options =
      question.drill === 'nearest next grip'
        ? gripOptions(question, material.grips(question.chord), OPTIONS)
        : [];
    return { question, options };
  };
}

/** The chords of a chorus that have notes, as they are voiced. */
function materialOf(
  { chorus, settings, outcome }: DrillSource,
  { numerals, tonic, naming }: DrillRequest,
): DrillMaterial {
  const path = outcome.status === 'found' ? outcome.path : [];
  const sounding = chorus.chords.flatMap((chord, at) =>
    chord.kind === 'chord' && path[at]?.notes.length
      ? [{ chord, voicing: path[at], numeral: numerals[at] ?? '' }]
      : [],
  );
  const known = new Map<PitchedChord, readonly Voicing[]>();
  return {
    chords: sounding.map(({ chord }) => chord),
    path: sounding.map(({ voicing }) => voicing),
    numerals: sounding.map(({ numeral }) => numeral),
    tonic,
    naming,
    grips: (chord) => {
      const grips = known.get(chord) ?? enumerateVoicings(chord, settings);
      known.set(chord, grips);
      return grips;
    },
  };
}

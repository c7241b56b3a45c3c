import { midi, pitchClass } from '../../base/units';
import type { ToneChoice } from '../families/family';
import type { Occasion, Placing, Player } from '../instruments/player';
import type { PlayerSettings } from '../instruments/playing';
import { inversionOf } from '../base/stacks';
import type { DegreeStack, Fretted, VoicedNote, Voicing } from '../base/types';
import { assessor, type Lie } from './assess';
import { fretsLeft, openPitches, type FretPlace } from './geometry';
import { openStackShapes } from './openShapes';
import { openChoiceShapes, choiceShapes } from './choiceShapes';
import { stackShapes, widestSpan, type Shape } from './shapes';
import { insideSets, onAnyStrings, ownSets, type OnStrings } from './stringSets';

/** Voicings as grips: shapes moved along the neck, and grips with open strings where they lie. */
export function stringsPlayer(neck: Fretted, settings: PlayerSettings): Player {
  const { room, includeOutOfReach, openStrings, strings: asked } = settings;
  const limit = includeOutOfReach ? Infinity : neck.hand.limitMm;
  // Free choices beyond the hand would be nearly everything on the neck.
  const choiceLimit = neck.hand.limitMm;
  const frets = fretsLeft(neck);
  const highestBesideOpen = openStrings === 'low' ? HIGHEST_BESIDE_OPEN : frets;
  const assess = assessor(neck);
  const open = openPitches(neck);

  /** The grip of a shape whose lowest fret is `lowest`, when it stays in the window and in the hand. */
  const grip = (
    shape: Shape,
    lowest: number,
    at: Occasion,
    without: DegreeStack['without'],
  ): Voicing | undefined => {
    const { strings, offsets } = shape;
    const places: FretPlace[] = [];
    for (let voice = 0; voice < strings.length; voice += 1) {
      const stringIndex = strings[voice]!;
      const fret = lowest + offsets[voice]!;
      const pitch = open[stringIndex]! + fret;
      if (fret > frets || pitch < room.window.low || pitch > room.window.high) return undefined;
      places.push({ stringIndex, fret });
    }
    if (opensHigh(places, highestBesideOpen)) return undefined;
    const lie = assess(places, includeOutOfReach);
    return lie && voicingOf(shape, places, lie, open, at, without);
  };

  /** On the strings asked for; else on the family's own, on others where those have no grip. */
  const onTheStrings =
    (grips: (at: Occasion, on: OnStrings) => Voicing[]): Placing =>
    (at, ownStrings) => {
      if (asked.length) return grips(at, insideSets(neck, asked));
      const own = ownSets(neck, ownStrings);
      const found = own ? grips(at, own) : [];
      return found.length ? found : grips(at, onAnyStrings);
    };

  const stacks = (list: readonly DegreeStack[]): Placing => {
    const prepared = list.map((stack) => ({ stack, shapes: stackShapes(neck, stack, limit) }));
    return onTheStrings((at, on) =>
      prepared.flatMap(({ stack, shapes }) => {
        const partial = stack.without !== undefined;
        const found: Voicing[] = [];
        const take = (shape: Shape, lowest: number): void => {
          const voicing = grip(shape, lowest, at, stack.without);
          if (voicing) found.push(voicing);
        };
        for (const shape of openStackShapes(neck, stack, at.root, limit)) {
          if (on(shape.strings, partial)) take(shape, 0);
        }
        for (const shape of shapes) {
          if (!on(shape.strings, partial)) continue;
          for (let lowest = firstFret(at.root, shape.base); lowest <= frets; lowest += 12) {
            take(shape, lowest);
          }
        }
        return found;
      }),
    );
  };

  const choice = (drawn: ToneChoice): Placing => {
    const known = new Map<string, Shape[]>();
    const shapesAt = (base: number, span: number): Shape[] => {
      const key = `${base} ${span}`;
      const shapes = known.get(key) ?? choiceShapes(neck, drawn, base, span);
      known.set(key, shapes);
      return shapes;
    };
    return onTheStrings((at, on) => {
      const found: Voicing[] = [];
      const take = (shape: Shape, lowest: number): void => {
        if (!on(shape.strings, false)) return;
        const voicing = grip(shape, lowest, at, drawn.without);
        if (voicing) found.push(voicing);
      };
      for (let lowest = 0; lowest <= frets; lowest += 1) {
        const span = lowest ? widestSpan(neck, lowest, choiceLimit) : 0;
        const openSpan = Math.min(span, highestBesideOpen - lowest);
        if (openSpan >= 0) {
          const shapes = openChoiceShapes(neck, drawn, at.root, lowest, openSpan);
          for (const shape of shapes) take(shape, 0);
        }
        if (!lowest) continue;
        for (const shape of shapesAt(pitchClass(lowest - at.root), span)) take(shape, lowest);
      }
      return found;
    });
  };

  return { stacks, choice };
}

/** Up to here open strings lie in a grip as a player expects them. Source: common practice. */
const HIGHEST_BESIDE_OPEN = 5;

/** An open string in a grip up the neck, which rings on when the hand moves and sounds unlike the rest. */
function opensHigh(places: readonly FretPlace[], most: number): boolean {
  let [open, highest] = [false, 0];
  for (const { fret } of places) {
    if (fret === 0) open = true;
    else if (fret > highest) highest = fret;
  }
  return open && highest > most;
}

/** The lowest fret from 1 at which a shape stands on this root. */
const firstFret = (root: number, base: number): number => pitchClass(root + base - 1) + 1;

function voicingOf(
  shape: Shape,
  places: readonly FretPlace[],
  { fingerOn, stretchMm, ease }: Lie,
  open: readonly number[],
  at: Occasion,
  without: DegreeStack['without'],
): Voicing {
  const { tones } = shape;
  const notes = places.map(({ stringIndex, fret }, voice): VoicedNote => {
    const { degree } = tones[voice]!;
    const pitch = midi(open[stringIndex]! + fret);
    const note = at.nameOf(degree);
    const string = open.length - stringIndex;
    const finger = fingerOn?.[stringIndex];
    return finger
      ? { midi: pitch, note, degree, string, fret, finger }
      : { midi: pitch, note, degree, string, fret };
  });
  const { family } = at;
  const inversion = inversionOf(tones[0]!.degree);
  const voicing: Voicing =
    inversion === undefined
      ? { family, notes, stretchMm, ease }
      : { family, inversion, notes, stretchMm, ease };
  return without ? { ...voicing, without } : voicing;
}

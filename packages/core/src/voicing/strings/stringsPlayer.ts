import { midi, pitchClass } from '../../base/units';
import type { ToneChoice } from '../families/family';
import type { Occasion, Placing, Player } from '../instruments/player';
import { inversionOf } from '../base/stacks';
import type { DegreeStack, Fretted, VoicedNote, Voicing, VoicingSettings } from '../base/types';
import { assessor, type Lie } from './assess';
import { fretsLeft, openPitches, type FretPlace } from './geometry';
import { openStackShapes } from './openShapes';
import { openChoiceShapes, choiceShapes } from './choiceShapes';
import { stackShapes, widestSpan, type Shape } from './shapes';

type Settings = Pick<VoicingSettings, 'room' | 'includeOutOfReach'>;

/** Voicings as grips: shapes moved along the neck, and grips with open strings where they lie. */
export function stringsPlayer(neck: Fretted, settings: Settings): Player {
  const { room, includeOutOfReach } = settings;
  const limit = includeOutOfReach ? Infinity : neck.hand.limitMm;
  // Free choices beyond the hand would be nearly everything on the neck.
  const poolLimit = neck.hand.limitMm;
  const frets = fretsLeft(neck);
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
    const lie = assess(places, includeOutOfReach);
    return lie && voicingOf(shape, places, lie, open, at, without);
  };

  const stacks = (list: readonly DegreeStack[]): Placing => {
    const prepared = list.map((stack) => ({ stack, shapes: stackShapes(neck, stack, limit) }));
    return (at) =>
      prepared.flatMap(({ stack, shapes }) => {
        const found: Voicing[] = [];
        const take = (shape: Shape, lowest: number): void => {
          const voicing = grip(shape, lowest, at, stack.without);
          if (voicing) found.push(voicing);
        };
        for (const shape of openStackShapes(neck, stack, at.root, limit)) take(shape, 0);
        for (const shape of shapes) {
          for (let lowest = firstFret(at.root, shape.base); lowest <= frets; lowest += 12) {
            take(shape, lowest);
          }
        }
        return found;
      });
  };

  const choice = (drawn: ToneChoice): Placing => {
    const most = Math.min(drawn.most, room.mostNotes);
    const limited = { ...drawn, most, fewest: Math.min(drawn.fewest, most) };
    const known = new Map<string, Shape[]>();
    const shapesAt = (base: number, span: number): Shape[] => {
      const key = `${base} ${span}`;
      const shapes = known.get(key) ?? choiceShapes(neck, limited, base, span);
      known.set(key, shapes);
      return shapes;
    };
    return (at) => {
      const found: Voicing[] = [];
      const take = (shape: Shape, lowest: number): void => {
        const voicing = grip(shape, lowest, at, undefined);
        if (voicing) found.push(voicing);
      };
      for (let lowest = 0; lowest <= frets; lowest += 1) {
        const span = lowest ? widestSpan(neck, lowest, poolLimit) : 0;
        for (const shape of openChoiceShapes(neck, limited, at.root, lowest, span)) take(shape, 0);
        if (!lowest) continue;
        for (const shape of shapesAt(pitchClass(lowest - at.root), span)) take(shape, lowest);
      }
      return found;
    };
  };

  return { stacks, choice };
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

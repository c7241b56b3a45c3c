import type { AtChord } from '../../chart/types';
import type { OpenScale } from '../../chord/openedBy';
import type { Comp } from '../../comp/comping';
import type { Weights } from '../../connect/base/types';
import type { InstrumentId } from '../../voicing/base/instruments';
import type { FamilyId, Room, Voicing, VoicingSettings } from '../../voicing/base/types';

/** A voicing the player holds on to. */
export interface Lock extends AtChord {
  readonly voicing: Voicing;
  /** How far the tune has been transposed since, -5..6 semitones; 0 when left out. */
  readonly moved?: number;
}

/** A chord voiced anew while it lasts. Here `at` counts whole chords. */
export interface Split extends AtChord {
  /** How many quarters after it begins, more than 0. */
  readonly after: number;
}

/** A note the player wants on top, as a MIDI note. */
export interface LineNote extends AtChord {
  readonly midi: number;
  /** How far the tune has been transposed since, -5..6 semitones; 0 when left out. */
  readonly moved?: number;
}

export const LINE_SHAPES = ['hold', 'rise', 'fall', 'arch', 'answer'] as const;
/** `arch` rises and falls; `answer` turns the phrase before it upside down. */
export type LineShape = (typeof LINE_SHAPES)[number];

/** A shape for the top voice from one chord to another, both included. */
export interface LineSpan {
  readonly from: number;
  readonly to: number;
  readonly shape: LineShape;
}

/** The top line in the player's head. */
export interface TopLine {
  readonly notes: readonly LineNote[];
  readonly spans: readonly LineSpan[];
  /** Keep a common tone on top where there is one. */
  readonly keepTop: boolean;
}

/** A scale opened over one chord, or over one part of a split one: its tensions may sound there. */
export interface ChordPool extends AtChord, OpenScale {}

/** A scale a player keeps for one chord, to improvise from. Here `at` counts whole chords. */
export interface KeptScale extends AtChord, OpenScale {}

/** What is asked of voicings besides their families; see `VoicingSettings`. */
export type Asked = Pick<
  VoicingSettings,
  'voices' | 'strings' | 'bottom' | 'incomplete' | 'openStrings'
>;

export const RETURNS = ['free', 'same', 'varied'] as const;

/**
 * What a player decides about voicing and comping one tune, with every chord and bar by its position in
 * the chorus as it is now. It is saved by place instead: see `StoredArrangement`.
 */
export interface Arrangement {
  readonly instrument: InstrumentId;
  readonly keyboardHands: 'one' | 'two';
  /** The room as it was chosen and dragged for this tune; later changes of the player's rooms leave it. */
  readonly room: Room;
  /** At least one. */
  readonly families: readonly FamilyId[];
  readonly tensions: VoicingSettings['tensions'];
  readonly asked: Asked;
  /** Percent, 0..300. */
  readonly weights: Weights;
  readonly loop: boolean;
  /** Each instrument keeps its own locks, so that trying the other loses none. */
  readonly locks: Readonly<Record<InstrumentId, readonly Lock[]>>;
  readonly splits: readonly Split[];
  readonly pools: readonly ChordPool[];
  readonly scales: readonly KeptScale[];
  readonly line: TopLine;
  /** How a passage is voiced when it returns: as it comes, the same, or not with the same grips. */
  readonly returns: (typeof RETURNS)[number];
  /** The hand never moves an octave, not even from one phrase to the next. */
  readonly stayInPlace: boolean;
  readonly comp: Comp;
}

/**
 * Units of the engine. What is easily confused is branded; everything else is a plain number.
 *
 * - `Midi` – MIDI note number, integer 0..127; 60 = C4 = middle C, 69 = A4 = 440 Hz (ISO 16).
 * - `PitchClass` – integer 0..11, 0 = C.
 * - `Semitones` – an interval or a motion in semitones, integer, signed.
 * - `Millimetres` – a distance on the instrument, 0 or more.
 * - `Beats` – time inside a bar in beats of the meter, may be fractional.
 * - `Quarters` – time in quarter notes from the beginning of bar 1, may be fractional; below 0 in a pickup.
 * - `Ticks` – time in 480ths of a quarter note, integer.
 */
declare const unit: unique symbol;

export type Midi = number & { readonly [unit]: 'midi' };
export type PitchClass = number & { readonly [unit]: 'pitch class' };
export type Semitones = number & { readonly [unit]: 'semitones' };
export type Millimetres = number & { readonly [unit]: 'mm' };
export type Beats = number & { readonly [unit]: 'beats' };
export type Quarters = number & { readonly [unit]: 'quarters' };
export type Ticks = number & { readonly [unit]: 'ticks' };

export const midi = (n: number): Midi => n as Midi;
export const semitones = (n: number): Semitones => n as Semitones;
export const mm = (n: number): Millimetres => n as Millimetres;
export const beats = (n: number): Beats => n as Beats;
export const quarters = (n: number): Quarters => n as Quarters;
export const ticks = (n: number): Ticks => n as Ticks;

/**
 * Folds any integer into 0..11.
 * @example pitchClass(-1) // 11
 */
export const pitchClass = (n: number): PitchClass => (((n % 12) + 12) % 12) as PitchClass;

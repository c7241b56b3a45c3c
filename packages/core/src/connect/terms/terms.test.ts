import { chord } from '../../testing/builders';
import { defaultGuitar, defaultKeyboard, rooms } from '../../voicing/data';
import { fretPosition } from '../../voicing/strings/geometry';
import { enumerateVoicings, voicingKey } from '../../voicing/enumerate';
import type { VoicedNote, Voicing } from '../../voicing/base/types';
import { midi } from '../../base/units';
import { SIZES, defaultSettings, defaultWeights, noWishes } from '../base/data';
import { changeCost } from './cost';
import { pricesOf, ownCost } from './prices';
import type { ChangePlace, ConnectSettings, CostTerm } from '../base/types';
import { weigh } from '../base/weighed';
import { bottom } from './bottom';
import { drift } from './drift';
import { hand } from './hand';
import { leaps } from './leaps';
import { lie } from './lie';
import { line } from './line';
import { motion } from './motion';
import { parallel } from './parallel';
import { register } from './register';
import { resolution, resolves } from './resolution';
import { sound } from './sound';
import { top } from './top';
import { variety } from './variety';
import { voices } from './voices';

const keys: ConnectSettings = { ...defaultSettings, instrument: defaultKeyboard };

const voicing = (...notes: [number, VoicedNote['degree']][]): Voicing => ({
  family: 'close',
  ease: 'easy',
  notes: notes.map(([pitch, degree]) => ({ midi: midi(pitch), degree, note: 'C', hand: 'right' })),
});
const plain = (...pitches: number[]): Voicing =>
  voicing(...pitches.map((pitch): [number, 'R'] => [pitch, 'R']));
const anywhere: ChangePlace = {
  fallsFifth: false,
  releases: false,
  top: 'free',
  keep: [],
  split: false,
  phraseEnd: false,
};
/** What one term alone charges for a change. */
const change = (
  term: CostTerm,
  from: Voicing,
  to: Voicing,
  place: Partial<ChangePlace> = {},
  { instrument } = keys,
): number =>
  changeCost(
    weigh(from, instrument),
    weigh(to, instrument),
    { ...anywhere, ...place },
    pricesOf(defaultWeights, [term]),
  );
const own = (term: CostTerm, v: Voicing, with_ = keys, at = 0): number =>
  ownCost({ chord: chord('C'), voicing: v, at, settings: with_ }, pricesOf(defaultWeights, [term]));

describe('motion', () => {
  it('adds up what every voice moves', () => {
    expect(change(motion, plain(60, 64), plain(59, 65))).toBe(100 + 100);
    expect(change(motion, plain(60, 64), plain(60, 64))).toBe(0);
  });
  it('counts the whole hand moved an octave in full', () => {
    const [low, high] = [plain(48, 52, 55), plain(60, 64, 67)];
    expect(change(motion, low, high, { phraseEnd: true })).toBe(3 * 1200);
    expect(change(motion, low, high)).toBe(3 * 1200);
  });
});

describe('the top voice', () => {
  it('is charged for what it moves, and for a leap beyond a major third', () => {
    expect(change(top, plain(60, 64), plain(48, 65))).toBe(SIZES.topSemitone);
    expect(change(top, plain(60, 64), plain(60, 69))).toBe(5 * SIZES.topSemitone + SIZES.topLeapt);
  });
});

describe('the number of voices', () => {
  it('charges a fixed entry for a voice without partner', () => {
    expect(change(voices, plain(60, 64), plain(60, 64, 67))).toBe(SIZES.spareVoice);
    expect(change(voices, plain(60, 64), plain(61, 64))).toBe(0);
  });
});

describe('what is lowest', () => {
  const [root, fifth, third, ninth] = (['R', '5', '3', '9'] as const).map((degree) =>
    voicing([50, degree], [60, '3'], [64, '5']),
  );
  const at = { ...keys, wishes: { ...noWishes, sectionStarts: [0] } };
  it('is root or fifth where a section begins and no bass plays, and never a ninth (common practice)', () => {
    expect(own(bottom, root!, at)).toBe(0);
    expect(own(bottom, fifth!, at)).toBe(0);
    expect(own(bottom, third!, at)).toBe(SIZES.sectionNotGrounded);
    expect(own(bottom, third!, at, 1)).toBe(0);
    expect(own(bottom, ninth!, at, 1)).toBe(SIZES.tensionLowest);
  });
  it('is free with a bass, but a root that sounds besides is charged', () => {
    const withBass = { ...at, room: rooms.bass };
    expect(own(bottom, ninth!, withBass)).toBe(0);
    expect(own(bottom, voicing([60, '3'], [67, 'R']), withBass)).toBe(SIZES.rootBesideBass);
  });
});

describe('leaps', () => {
  it('charges what lies beyond a major third, twice in the top voice', () => {
    expect(change(leaps, plain(60, 64), plain(64, 68))).toBe(0);
    expect(change(leaps, plain(60, 70), plain(65, 70))).toBe(100);
    expect(change(leaps, plain(60, 70), plain(60, 76))).toBe(400);
  });
});

describe('block shifts', () => {
  it('are charged once, however far and however many voices', () => {
    expect(change(parallel, plain(60, 64, 67), plain(61, 65, 68))).toBe(SIZES.blockShift);
    expect(change(parallel, plain(60, 64), plain(55, 59))).toBe(SIZES.blockShift);
  });
  it('are none where a voice holds, moves otherwise, enters, or is alone', () => {
    expect(change(parallel, plain(60, 64, 67), plain(60, 64, 67))).toBe(0);
    expect(change(parallel, plain(60, 64, 67), plain(61, 65, 67))).toBe(0);
    expect(change(parallel, plain(60, 64), plain(61, 65, 68))).toBe(0);
    expect(change(parallel, plain(60), plain(61))).toBe(0);
  });
});

describe('resolution, where roots fall a fifth (common practice)', () => {
  it.each([
    ['b7', '3', -1, true],
    ['b7', 'b3', -2, true],
    ['b7', '5', 2, false],
    ['3', '7', 0, true],
    ['3', 'R', 1, true],
    ['3', '5', 3, false],
    ['b9', '5', -1, true],
    ['b9', 'R', 4, false],
    ['5', 'R', 5, undefined],
  ] as const)('%s to %s by %i: %s', (from, to, step, expected) => {
    expect(resolves(from, to, step)).toBe(expected);
  });

  it('charges what is missed, and nothing where roots move otherwise', () => {
    const [from, to] = [voicing([59, '3'], [65, 'b7']), voicing([60, 'R'], [67, '5'])];
    expect(change(resolution, from, to, { fallsFifth: true })).toBe(SIZES.seventhMissed);
    expect(change(resolution, from, to)).toBe(0);
  });
  it('charges a seventh that just ends', () => {
    const [from, to] = [voicing([59, '3'], [65, 'b7']), voicing([60, 'R'])];
    expect(change(resolution, from, to, { fallsFifth: true })).toBe(SIZES.seventhMissed);
    expect(change(resolution, to, from, { fallsFifth: true })).toBe(0);
  });
  it('charges a suspended fourth that does not fall to the third of its root', () => {
    const sus = voicing([60, 'R'], [65, '4']);
    const falls = voicing([60, 'R'], [64, '3']);
    const stays = voicing([60, 'R'], [67, '5']);
    expect(change(resolution, sus, falls, { releases: true })).toBe(0);
    expect(change(resolution, sus, stays, { releases: true })).toBe(SIZES.fourthMissed);
  });
});

describe('register', () => {
  it('charges the distance of the middle from the centre of the window', () => {
    const { low, high } = keys.room.centre;
    expect(own(register, plain(low, high))).toBe(0);
    expect(own(register, plain(high + 2, high + 4))).toBe(3 * SIZES.offCentreSemitone);
    expect(own(register, plain(low - 1))).toBe(SIZES.offCentreSemitone);
  });
});

describe('drift', () => {
  it('pulls to the middle of the centre from everywhere, and more the further away', () => {
    const { low, high } = keys.room.centre;
    const middle = (low + high) / 2;
    expect(own(drift, plain(middle - 3, middle + 3))).toBe(0);
    expect(own(drift, plain(middle + 5))).toBe(5 * SIZES.driftSemitone);
    expect(own(drift, plain(middle - 12))).toBe(12 * SIZES.driftSemitone);
  });
});

describe('the line on top', () => {
  it('charges a wanted note that is not on top, by how far it is missed', () => {
    const wishing = { ...keys, wishes: { ...noWishes, tops: { 3: 67 } } };
    expect(own(line, plain(60, 67), wishing, 3)).toBe(0);
    expect(own(line, plain(67, 69), wishing, 3)).toBe(SIZES.topMissed + 2 * SIZES.offTopSemitone);
    expect(own(line, plain(60, 69), wishing, 2)).toBe(0);
  });
  it.each([
    ['hold', 0, 0],
    ['hold', 2, 2 * SIZES.againstShape],
    ['rise', 2, 0],
    ['rise', 0, SIZES.stillTop],
    ['rise', -1, SIZES.stillTop + SIZES.againstShape],
    ['fall', -3, 0],
    ['fall', 1, SIZES.stillTop + SIZES.againstShape],
    ['free', 7, 0],
  ] as const)('asked to %s, a top that moves %i costs %i', (top, step, cost) => {
    expect(change(line, plain(50, 60), plain(49, 60 + step), { top })).toBe(cost);
  });
  it('looks at no voice but the top', () => {
    expect(change(line, plain(50, 60), plain(57, 60), { top: 'hold' })).toBe(0);
  });
  it('charges a top that is let go although the next chord has it', () => {
    expect(change(line, plain(50, 60), plain(50, 62), { keep: [0, 4] })).toBe(SIZES.commonToneLeft);
    expect(change(line, plain(50, 60), plain(50, 62), { keep: [4] })).toBe(0);
    expect(change(line, plain(50, 60), plain(50, 60), { keep: [0, 4] })).toBe(0);
  });
});

describe('variety', () => {
  it('charges a grip that was heard before where the chord returns', () => {
    const grip = plain(60, 64);
    const wishing = { ...keys, wishes: { ...noWishes, earlier: { 5: [voicingKey(grip)] } } };
    expect(own(variety, grip, wishing, 5)).toBe(SIZES.sameGrip);
    expect(own(variety, plain(60, 65), wishing, 5)).toBe(0);
    expect(own(variety, grip, wishing, 4)).toBe(0);
  });
  it('charges a split chord whose parts sound the same', () => {
    expect(change(variety, plain(60, 64), plain(60, 64), { split: true })).toBe(SIZES.sameColour);
    expect(change(variety, plain(60, 64), plain(60, 65), { split: true })).toBe(0);
    expect(change(variety, plain(60, 64), plain(60, 64))).toBe(0);
  });
});

describe('hand', () => {
  const grip = (symbol: string, frets: string): Voicing => {
    const all = enumerateVoicings(chord(symbol), {
      ...defaultSettings,
      families: ['drop2', 'close', 'shell'],
    });
    const found = all.find((v) => v.notes.map((note) => note.fret).join(' ') === frets);
    if (!found) throw new Error(`${frets} is no grip of ${symbol}`);
    return found;
  };
  const opened = (v: Voicing): number => Math.round((v.stretchMm ?? 0) * SIZES.openMm);
  const beside = (v: Voicing): number => own(hand, v, defaultSettings) - opened(v);
  it('costs how far the hand opens, and nothing else below the body on neighbouring strings', () => {
    expect(beside(grip('Cmaj7', '3 5 4 5'))).toBe(0);
    expect(opened(grip('Cmaj7', '3 5 4 5'))).toBeGreaterThan(0);
  });
  it('charges open and skipped strings and positions past the body', () => {
    const place = (v: Voicing): number => own(lie, v, defaultSettings);
    expect(place(grip('Dm7', '0 2 1 1'))).toBe(SIZES.openString);
    expect(place(grip('A7', '5 5 6'))).toBe(SIZES.skippedString);
    expect(place(grip('Cmaj7', '15 17 16 17'))).toBe(5 * SIZES.fretPastBody);
  });
  it('charges the shift of the index finger in millimetres', () => {
    const [from, to] = [grip('Cmaj7', '3 5 4 5'), grip('Dbmaj7', '4 6 5 6')];
    const shift = fretPosition(648, 4) - fretPosition(648, 3);
    expect(change(hand, from, to, {}, { ...keys, instrument: defaultGuitar })).toBe(
      Math.round(shift * SIZES.shiftMm),
    );
  });
  it('charges a span past an octave on keys', () => {
    expect(own(hand, plain(60, 74))).toBe(2 * SIZES.spanSemitone);
  });
});

describe('sound', () => {
  const of = (symbol: string, v: Voicing): number =>
    sound.sound?.({ chord: chord(symbol), voicing: v, at: 0, settings: keys }) ?? 0;
  const open = voicing([52, '3'], [62, 'b7']);

  it('charges the roughness of what sounds together, and more the closer it lies', () => {
    const wide = voicing([52, '3'], [58, 'b7'], [64, '3']);
    const close = voicing([58, 'b7'], [60, 'R'], [64, '3']);
    expect(of('C7', close)).toBeGreaterThan(of('C7', wide));
  });

  it('charges intervals below their low limit by the half step', () => {
    const [low, lower] = [46, 43].map((bottom) =>
      of('C', voicing([bottom, 'R'], [bottom + 4, '3'])),
    );
    expect(lower! - low!).toBeGreaterThanOrEqual(3 * SIZES.mudSemitone);
  });

  it('charges each tone the chord needs that does not sound', () => {
    expect(of('C7b9', open) - of('C7', open)).toBe(SIZES.missingEssential);
  });

  it('charges nothing for a rest', () => {
    const rest = { ...open, notes: [] };
    expect(
      sound.sound?.({
        chord: { kind: 'no chord', symbol: 'N.C.', tones: [] },
        voicing: rest,
        at: 0,
        settings: keys,
      }),
    ).toBe(0);
  });
});

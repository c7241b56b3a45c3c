import type { Chord } from '../chord/types';
import { pitchClassOf } from '../pitch/spelling';
import { pitchClass } from '../units';
import { bestPartners } from './match';
import type { ChangeFacts, ConnectSettings } from './types';
import type { Weighed } from './weighed';

/** Interval by which roots move when they fall a fifth or rise a fourth. */
const UP_A_FOURTH = 5;

export function fallsFifth(from: Chord, to: Chord): boolean {
  if (from.kind === 'no chord' || to.kind === 'no chord') return false;
  return pitchClass(pitchClassOf(to.root) - pitchClassOf(from.root)) === UP_A_FOURTH;
}

/** Where equal voicings match by order, the positions are the same list each time. */
const IN_ORDER = Array.from({ length: 13 }, (_, size) =>
  Array.from({ length: size }, (__, i) => i),
);

/** Gathers what the terms look at. Silence neither moves nor costs a spare voice. */
export function changeFacts(
  from: Weighed,
  to: Weighed,
  falls: boolean,
  settings: ConnectSettings,
): ChangeFacts {
  const [a, b] = [from.pitches, to.pitches];
  const size = Math.min(a.length, b.length);
  const spare = size === 0 ? 0 : Math.max(a.length, b.length) - size;
  if (spare > 0) return unequal(from, to, spare, falls, settings);
  // The hot path of the whole engine: one array and one object, nothing else.
  const motions = new Array<number>(size);
  for (let voice = 0; voice < size; voice += 1) {
    motions[voice] = (b[voice] as number) - (a[voice] as number);
  }
  const order = IN_ORDER[size] ?? [];
  return {
    from,
    to,
    motions,
    fromVoices: order,
    toVoices: order,
    spare,
    fallsFifth: falls,
    settings,
  };
}

function unequal(
  from: Weighed,
  to: Weighed,
  spare: number,
  falls: boolean,
  settings: ConnectSettings,
): ChangeFacts {
  const [a, b] = [from.pitches, to.pitches];
  const growing = a.length < b.length;
  const partners = growing ? bestPartners(a, b) : bestPartners(b, a);
  const inOrder = IN_ORDER[partners.length] ?? [];
  const [fromVoices, toVoices] = growing ? [inOrder, partners] : [partners, inOrder];
  const motions = partners.map((_, voice) => b[toVoices[voice]!]! - a[fromVoices[voice]!]!);
  return { from, to, motions, fromVoices, toVoices, spare, fallsFifth: falls, settings };
}

import { SIZES } from '../base/data';
import type { ChordFacts, CostTerm, VoiceFacts } from '../base/types';

/** The top line in the player's head: given notes, a shape for a stretch, common tones kept on top. */
export const line: CostTerm = {
  id: 'line',
  label: 'Follow the wanted top line',
  sound: topAgainstWish,
  voice: (facts) => (facts.top ? againstShape(facts) + letGo(facts) : 0),
};

function topAgainstWish({ voicing, at, settings: { wishes } }: ChordFacts): number {
  const wanted = wishes.tops[at];
  const top = voicing.notes.at(-1)?.midi;
  if (wanted === undefined || top === undefined || top === wanted) return 0;
  return SIZES.topMissed + Math.abs(top - wanted) * SIZES.offTopSemitone;
}

function againstShape({ step, place: { top } }: VoiceFacts): number {
  if (top === 'free') return 0;
  if (top === 'hold') return Math.abs(step) * SIZES.againstShape;
  if (step === 0) return SIZES.stillTop;
  const wrongWay = top === 'rise' ? step < 0 : step > 0;
  return wrongWay ? SIZES.stillTop + Math.abs(step) * SIZES.againstShape : 0;
}

const letGo = ({ step, common }: VoiceFacts): number =>
  step !== 0 && common ? SIZES.commonToneLeft : 0;

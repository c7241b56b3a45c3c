import {
  TICKS_PER_QUARTER,
  type Hit,
  type HitJudgement,
  type Loudness,
  type SoundingHit,
} from '@drop-close/core';

/** Where a hit stands. */
export type HitPlace = Pick<Hit, 'bar' | 'at'>;

export const samePlace = (a: HitPlace | undefined, b: HitPlace): boolean =>
  a?.bar === b.bar && a.at === b.at;

/** `2` or `2 and` of a bar of quarters. */
export function beatName(at: number): string {
  const beat = Math.floor(at / TICKS_PER_QUARTER) + 1;
  return at % TICKS_PER_QUARTER ? `${beat} and` : `${beat}`;
}

/** How hits stand to the soloist, by their places. */
export function judgedByPlace(
  sounding: readonly SoundingHit[],
  judged: readonly HitJudgement[],
): (place: HitPlace) => HitJudgement | undefined {
  const known = new Map(
    sounding.map(({ hit }, at) => [`${hit.bar} ${hit.at}`, judged[at]] as const),
  );
  return ({ bar, at }) => known.get(`${bar} ${at}`);
}

/** Which of the player's hits are heard: not those under a movement, which has its own. */
export function heardPlaces(
  sounding: readonly SoundingHit[],
  devised: readonly boolean[],
): (place: HitPlace) => boolean {
  const own = sounding.filter(({ chord }) => !devised[chord]);
  const places = new Set(own.map(({ hit: { bar, at } }) => `${bar} ${at}`));
  return ({ bar, at }) => places.has(`${bar} ${at}`);
}

/** A hit that stays under the soloist wherever it falls. */
const isSoft = ({ loudness = 3, accent }: Hit): boolean => loudness <= 2 && !accent;

/** What a hit does to the soloist that it had better not; empty where all is well. */
export function troubles(hit: Hit, judgement: HitJudgement | undefined): string[] {
  if (!judgement) return [];
  const found: string[] = [];
  if (judgement.place === 'over the line' && !isSoft(hit)) found.push('over the line');
  if (judgement.crowds !== undefined) found.push('in the soloist’s register');
  if (judgement.clashes.length) found.push('clashes with a held note');
  return found;
}

/** Beside the section. */
export const LOUDNESS_WORDS: Readonly<Record<Loudness, string>> = {
  1: 'very soft',
  2: 'soft',
  3: '',
  4: 'loud',
  5: 'very loud',
};

/** A hit in words. */
export function spokenHit(hit: Hit, judgement: HitJudgement | undefined, silent: boolean): string {
  if (silent) return `Hit, bar ${hit.bar}, beat ${beatName(hit.at)}, silent under the movement`;
  const marks = [
    hit.hold,
    hit.touch === 'plain' ? '' : hit.touch,
    hit.accent ? 'accented' : '',
    hit.loudness === undefined ? '' : LOUDNESS_WORDS[hit.loudness],
  ];
  const wrong = troubles(hit, judgement);
  const stands = wrong.length ? wrong : judgement ? [judgement.place] : [];
  return [`Hit, bar ${hit.bar}, beat ${beatName(hit.at)}`, ...marks, ...stands]
    .filter(Boolean)
    .join(', ');
}

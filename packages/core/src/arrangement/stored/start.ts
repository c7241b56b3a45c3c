import type { InstrumentId } from '../../voicing/base/instruments';
import type { FamilyId, Room } from '../../voicing/base/types';
import { rooms } from '../../voicing/data';
import { defaultArrangement } from './defaults';
import type { Arrangement } from './types';

/** What a tune is voiced with on an instrument in a room before its player has chosen. */
export type Start = Pick<Arrangement, 'families' | 'tensions' | 'asked'>;

/** How full the room is, as it bears on what is played. */
type Company = 'no bass' | 'bass' | 'bass and soloist' | 'bass and chords';

function companyIn({ others }: Pick<Room, 'others'>): Company {
  if (!others.bass) return 'no bass';
  if (others.chords) return 'bass and chords';
  return others.soloist ? 'bass and soloist' : 'bass';
}

/**
 * Families by instrument and company. A guitarist alone plays drop forms, a pianist a shell in the left hand
 * with colours in the right; with a bass both leave the root out, and beside other chords they thin out.
 * A ukulele's four strings lie close together. Source: common practice.
 */
const FAMILIES: Readonly<Record<InstrumentId, Readonly<Record<Company, readonly FamilyId[]>>>> = {
  guitar: {
    'no bass': ['drop2'],
    bass: ['drop2', 'rootless'],
    'bass and soloist': ['rootless', 'drop2'],
    'bass and chords': ['guide', 'rootless'],
  },
  ukulele: {
    'no bass': ['close'],
    bass: ['close', 'rootless'],
    'bass and soloist': ['close', 'rootless'],
    'bass and chords': ['guide', 'rootless'],
  },
  keyboard: {
    'no bass': ['shell+', 'spread'],
    bass: ['rootless'],
    'bass and soloist': ['rootless'],
    'bass and chords': ['guide', 'rootless'],
  },
};

/**
 * Colours come in where a bass plays: the root is heard without us, and a ninth can stand for it. A pianist
 * with a bass plays rootless forms of four voices.
 */
export function startFor(instrument: InstrumentId, room: Pick<Room, 'others'>): Start {
  const company = companyIn(room);
  const inFour = instrument === 'keyboard' && company === 'bass';
  return {
    families: FAMILIES[instrument][company],
    tensions: room.others.bass ? 'available' : 'as written',
    asked: inFour ? { ...asked, voices: 4 } : asked,
  };
}

const { asked } = defaultArrangement;

const startsAlike = (a: Start, b: Start): boolean => startKey(a) === startKey(b);

const startKey = ({ families, tensions, asked: { voices, strings, ...rest } }: Start): string =>
  [families, tensions, voices, strings, rest.bottom, rest.incomplete, rest.openStrings].join('; ');

/**
 * An arrangement with something of its set-up changed. As long as its player has not chosen families, another
 * instrument or room brings those that suit it.
 */
export function withSetUp(arrangement: Arrangement, change: Partial<Arrangement>): Arrangement {
  const changed = { ...arrangement, ...change };
  const moved = change.instrument !== undefined || change.room !== undefined;
  const unchosen = startsAlike(arrangement, startFor(arrangement.instrument, arrangement.room));
  if (!moved || !unchosen || change.families || change.tensions || change.asked) return changed;
  return { ...changed, ...startFor(changed.instrument, changed.room) };
}

/** The room to play in behind a soloist, where the room in hand has none; `undefined` where it has. */
export function roomBehind({ others }: Pick<Room, 'others'>): Room | undefined {
  if (others.soloist) return undefined;
  return others.bass ? rooms['bass and horn'] : rooms.singer;
}

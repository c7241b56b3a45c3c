import { pitchClassOf, prettyNote, type NoteName } from '../../pitch/spelling';
import { inARow, heldOnTop } from '../parts';
import type { DeviceChord, DeviceOffer, DevicePlace, MovementDevice } from '../types';

/** Bars are not looked beyond so many chords. */
const MOST = 4;

/** One note stays on top, struck once, while the lower voices move. Source: common practice. */
export const drone: MovementDevice = {
  id: 'drone',
  label: 'Hold one note on top',
  about:
    'One note rings on top while the voices under it move: the tonic, or a 7 that the next chord shares.',
  group: 'hold and move',
  level: 1,
  offers: (place) => {
    const { here } = place;
    const [tonic = 'C'] = here.analysis.key.split(' ');
    const seventh = here.chord.tones.find(({ degree }) => /7$/.test(degree))?.note;
    return [
      ...offer(place, tonic, TONIC),
      ...(seventh === undefined || same(seventh, tonic) ? [] : offer(place, seventh, SEVENTH)),
    ];
  },
};

const same = (a: NoteName, b: NoteName): boolean => pitchClassOf(a) === pitchClassOf(b);

interface Held {
  readonly variant: string;
  readonly name: string;
}

const TONIC: Held = { variant: 'tonic', name: 'the tonic' };
const SEVENTH: Held = { variant: 'seventh', name: 'its 7' };

function offer(place: DevicePlace, note: NoteName, { variant, name }: Held): DeviceOffer[] {
  const { here, following, window } = place;
  const run = [here, ...following.slice(0, MOST - 1)];
  const stop = run.findIndex((each) => !allows(each, note));
  const chords = stop < 0 ? run : run.slice(0, stop);
  if (chords.length < 2) return [];
  const tops = heldOnTop(note, window);
  return [
    {
      device: 'drone',
      variant,
      label: `${name}, ${prettyNote(note)}, over ${chords.length} chords`,
      why: `${prettyNote(note)} belongs to ${chords.map(({ chord }) => chord.symbol).join(', ')}.`,
      covers: chords.length,
      chords: inARow(
        chords.map(({ chord, length }, position) => [
          {
            ...{ symbol: chord.symbol, families: ['colour'], tops, top: 'hold' },
            ...(position > 0 && { tied: true }),
          },
          length,
        ]),
      ),
    },
  ];
}

/** The note is of the chord, or may be added to it. */
const allows = ({ chord, analysis }: DeviceChord, note: NoteName): boolean =>
  [...chord.tones, ...(chord.kind === 'chord' ? analysis.tensions : [])].some((tone) =>
    same(tone.note, note),
  );

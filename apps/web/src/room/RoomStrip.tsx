import { type PitchRange, type Room } from '@drop-close/core';
import { Slider } from 'antd';
import { KeyboardRuler } from './KeyboardRuler';
import { useNotation } from '../profile/useNotation';

/** The strip is as wide as a whole keyboard. */
export const STRIP: PitchRange = { low: 21, high: 108 };

type RangeName = 'window' | 'centre' | 'soloist' | 'bass';

const RANGES: readonly { readonly name: RangeName; readonly label: string }[] = [
  { name: 'soloist', label: 'Soloist' },
  { name: 'window', label: 'Your register' },
  { name: 'centre', label: 'Comfortable centre' },
  { name: 'bass', label: 'Bass' },
];

interface RoomStripProps {
  readonly room: Room;
  readonly onChange: (part: Partial<Room>) => void;
}

/** Who plays where, over a keyboard: every range is dragged by its ends or as a whole. */
export function RoomStrip({ room, onChange }: RoomStripProps) {
  const { pitch: nameOf, note } = useNotation();
  return (
    <div className="room-strip">
      {RANGES.map(({ name, label }) => {
        const { low, high } = room[name];
        return (
          <div key={name} className={`room-range room-range-${name}`}>
            <span>{label}</span>
            <Slider
              range={{ draggableTrack: true }}
              ariaLabelForHandle={[`${label}: lowest note`, `${label}: highest note`]}
              ariaValueTextFormatterForHandle={[nameOf, nameOf]}
              min={STRIP.low}
              max={STRIP.high}
              value={[low, high]}
              tooltip={{ formatter: (pitch) => nameOf(pitch ?? 0) }}
              onChange={(ends: number[]) => {
                const [from = low, to = high] = ends;
                onChange({ [name]: { low: from, high: to } });
              }}
            />
            <span className="quiet">
              {nameOf(low)} to {nameOf(high)}
            </span>
          </div>
        );
      })}
      <div className="room-range" aria-hidden>
        <span />
        <KeyboardRuler low={STRIP.low} high={STRIP.high} />
        <span className="quiet">each {note('C')} is marked</span>
      </div>
    </div>
  );
}

import type { VoiceRange } from '@drop-close/core';
import { Picture } from '../../ui/picture/Picture';
import type { PictureLook } from '../../ui/picture/looks';
import { useNotation } from '../../profile/useNotation';
import type { Notation } from '../../ui/notation';

interface RangesPictureProps {
  readonly ranges: readonly VoiceRange[];
  readonly width: number;
  readonly look: PictureLook;
}

const LEFT = 64;
const RIGHT = 34;
const ROW = 26;
const TOP = 22;
const OCTAVE = 12;

/** The range of every voice over the chorus along the keys: from its lowest to its highest note, with a stroke at its middle. */
export function RangesPicture({ ranges, width, look }: RangesPictureProps) {
  const { pitch: nameOf } = useNotation();
  const low = Math.floor((Math.min(...ranges.map((each) => each.low)) - 1) / OCTAVE) * OCTAVE;
  const high = Math.ceil((Math.max(...ranges.map((each) => each.high)) + 1) / OCTAVE) * OCTAVE;
  const x = (midi: number): number => LEFT + ((width - LEFT - RIGHT) * (midi - low)) / (high - low);
  const height = TOP + ranges.length * ROW + 4;
  const octaves = Array.from({ length: (high - low) / OCTAVE + 1 }, (_, at) => low + at * OCTAVE);
  return (
    <Picture
      {...{ width, height, look }}
      label={ranges.map((range) => inWords(range, ranges.length, nameOf)).join('; ')}
    >
      {octaves.map((midi) => (
        <g key={midi}>
          <line x1={x(midi)} x2={x(midi)} y1={TOP - 4} y2={height} stroke={look.line} />
          <text x={x(midi)} y={12} textAnchor="middle" fill={look.quiet}>
            {nameOf(midi)}
          </text>
        </g>
      ))}
      {ranges.map(({ voice, low: lowest, high: highest, middle }, row) => {
        const y = TOP + row * ROW + ROW / 2;
        return (
          <g key={voice}>
            <text x={0} y={y + 4} fill={look.ink}>
              {nameOfVoice(voice, ranges.length)}
            </text>
            <line
              {...{ x1: x(lowest), x2: x(highest), y1: y, y2: y }}
              stroke={look.ink}
              strokeWidth={5}
              strokeLinecap="round"
            />
            <line
              {...{ x1: x(middle), x2: x(middle), y1: y - 8, y2: y + 8 }}
              stroke={look.accent}
              strokeWidth={2.5}
            />
            <text x={x(lowest) - 6} y={y + 4} textAnchor="end" fill={look.quiet}>
              {nameOf(lowest)}
            </text>
            <text x={x(highest) + 6} y={y + 4} fill={look.quiet}>
              {nameOf(highest)}
            </text>
          </g>
        );
      })}
    </Picture>
  );
}

const ORDINALS = ['Top', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth'];
const nameOfVoice = (voice: number, count: number): string =>
  voice === count && count > 1 ? 'Lowest' : (ORDINALS[voice - 1] ?? `Voice ${voice}`);

const inWords = (
  { voice, low, high }: VoiceRange,
  count: number,
  nameOf: Notation['pitch'],
): string => `${nameOfVoice(voice, count)} voice from ${nameOf(low)} to ${nameOf(high)}`;

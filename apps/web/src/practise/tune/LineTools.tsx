import type { InstrumentId, LineLayer } from '@drop-close/core';
import { Segmented, Select } from 'antd';
import { useLineWish, wishLine, withEnd } from '../layer/lineWish';
import { useNotation } from '../../profile/useNotation';

interface LineToolsProps {
  readonly instrument: InstrumentId;
  readonly layer: LineLayer;
}

/** From the lowest string of a bass guitar to the highest fret of a guitar. */
const [LOWEST, HIGHEST] = [28, 88];
const PITCHES = Array.from({ length: HIGHEST - LOWEST + 1 }, (_, at) => LOWEST + at);
const OCTAVE = 12;
const PACES = [
  { value: 'quarters' as const, label: 'one a beat' },
  { value: 'eighths' as const, label: 'two a beat' },
];

/** Where the line of a layer lies, and how fast arpeggios go. */
export function LineTools({ instrument, layer }: LineToolsProps) {
  const { range, pace } = useLineWish(instrument, layer);
  const { pitch: nameOf } = useNotation();
  const pitches = PITCHES.map((value) => ({ value, label: nameOf(value) }));
  return (
    <>
      <span className="layer-range">
        <span className="quiet">Between</span>
        <Select
          aria-label="Lowest note of the line"
          value={range.low}
          options={pitches.slice(0, -OCTAVE)}
          popupMatchSelectWidth={false}
          onChange={(low) => {
            wishLine(instrument, layer, { range: withEnd(range, { low }) });
          }}
        />
        <span className="quiet">and</span>
        <Select
          aria-label="Highest note of the line"
          value={range.high}
          options={pitches.slice(OCTAVE)}
          popupMatchSelectWidth={false}
          onChange={(high) => {
            wishLine(instrument, layer, { range: withEnd(range, { high }) });
          }}
        />
      </span>
      {layer === 'arpeggios' && (
        <Segmented
          aria-label="Notes a beat"
          value={pace}
          options={PACES}
          onChange={(next) => {
            wishLine(instrument, layer, { pace: next });
          }}
        />
      )}
    </>
  );
}

import { nameNotes, soundOf, type PitchedChord, type Voicing } from '@drop-close/core';
import { useMemo } from 'react';
import { VoicingStaff } from '../../notation/VoicingStaff';
import { useInstrument } from '../../profile/useInstrument';
import { useNotation } from '../../profile/useNotation';
import { plainSymbol } from '../../ui/symbol';
import { Term } from '../../ui/terms/Term';

const MOST_NAMES = 6;

/** The voicing on the staff, what it sounds like, and what else these notes may be read as. */
export function OnPaper({ chord, voicing }: { chord: PitchedChord; voicing: Voicing }) {
  const instrument = useInstrument();
  const { symbol, pitch: nameOf } = useNotation();
  const pitches = useMemo(() => voicing.notes.map(({ midi }) => midi), [voicing]);
  const sound = soundOf(pitches);
  const readings = useMemo(
    () =>
      nameNotes(pitches)
        .map((reading) => reading.symbol + (reading.bass ? `/${reading.bass}` : ''))
        .filter((name) => name !== chord.symbol)
        .slice(0, MOST_NAMES),
    [pitches, chord],
  );
  return (
    <section aria-label="On paper">
      <VoicingStaff voicing={voicing} instrument={instrument} />
      <dl className="paper-facts">
        <dt>Sounds</dt>
        <dd>
          {sound.word}
          {sound.muddy.map(({ low, high, clearFrom }) => (
            <span key={low} className="fault">
              , <Term of="low interval limit">muddy</Term>: {nameOf(low)} and {nameOf(high)} lie too
              close below {nameOf(clearFrom)}
            </span>
          ))}
          <span className="quiet">
            {' '}
            (<Term of="roughness">roughness</Term> {sound.roughness.toFixed(1)}; a half step on
            middle C is 1)
          </span>
        </dd>
        <dt>
          <Term of="reading">Also reads as</Term>
        </dt>
        <dd>
          {readings.length
            ? readings.map((name) => plainSymbol(symbol(name))).join(', ')
            : 'nothing else'}
        </dd>
      </dl>
    </section>
  );
}

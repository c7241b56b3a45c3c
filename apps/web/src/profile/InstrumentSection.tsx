import { isFrettedId, type InstrumentId } from '@drop-close/core';
import { Segmented } from 'antd';
import { useState } from 'react';
import { FrettedSection } from './FrettedSection';
import { INSTRUMENT_OPTIONS } from './instrumentOptions';
import { KeyedSection } from './KeyedSection';
import { useProfile } from './profileStore';

/** One instrument at a time, and the hands that play it; first the one new tunes are voiced for. */
export function InstrumentSection() {
  const { instrument } = useProfile();
  const [chosen, choose] = useState<InstrumentId>();
  const id = chosen ?? instrument;
  return (
    <section aria-labelledby="profile-instruments">
      <h2 id="profile-instruments">Your instruments</h2>
      <Segmented<InstrumentId>
        className="profile-instruments"
        aria-label="Instrument to set up"
        value={id}
        options={INSTRUMENT_OPTIONS}
        onChange={choose}
      />
      {isFrettedId(id) ? <FrettedSection key={id} id={id} /> : <KeyedSection key={id} id={id} />}
    </section>
  );
}

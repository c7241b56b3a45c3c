import {
  isFretted,
  labelOfInstrument,
  type Arrangement,
  type InstrumentId,
} from '@drop-close/core';
import { Segmented } from 'antd';
import { Link } from 'react-router';
import { useTune } from '../../document/store';
import { INSTRUMENT_OPTIONS } from '../../profile/instrumentOptions';
import { useInstrument } from '../../profile/useInstrument';
import { Choice } from '../../ui/Choice';
import { setUp } from './setUp';

/** What is played, and on keys with how many hands. */
export function InstrumentChoice() {
  const { instrument: id, keyboardHands } = useTune().setup;
  const onKeys = !isFretted(useInstrument());
  const hands = onKeys && keyboardHands === 'one' ? ', one hand' : '';
  return (
    <Choice
      name="Instrument"
      value={labelOfInstrument(id).toLowerCase() + hands}
      inside={onKeys ? ['Hands'] : []}
    >
      {() => (
        <>
          <Segmented<InstrumentId>
            aria-label="Instrument"
            value={id}
            options={INSTRUMENT_OPTIONS}
            onChange={(instrument) => {
              setUp({ instrument });
            }}
          />
          {onKeys && (
            <Segmented<Arrangement['keyboardHands']>
              aria-label="Hands"
              value={keyboardHands}
              options={[
                { value: 'two', label: 'Both hands' },
                { value: 'one', label: 'One hand' },
              ]}
              onChange={(hands) => {
                setUp({ keyboardHands: hands });
              }}
            />
          )}
          <Link to="/player">Tuning and hands are set in your profile</Link>
        </>
      )}
    </Choice>
  );
}

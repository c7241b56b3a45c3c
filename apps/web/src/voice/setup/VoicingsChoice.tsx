import { isFretted, type Asked, type Bottom, type VoiceCount } from '@drop-close/core';
import { Segmented, Select, Switch } from 'antd';
import { useTune } from '../../document/store';
import { FamilyList, labelsOfFamilies } from '../../profile/FamilyChooser';
import { useInstrument } from '../../profile/useInstrument';
import { Choice } from '../../ui/Choice';
import { voicingsInWords } from './askedWords';
import { setUp } from './setUp';
import { setOptions } from './stringSets';
import { Term } from '../../ui/terms/Term';
import './setup.css';

const VOICES: { value: VoiceCount; label: string }[] = [
  { value: 'family', label: 'As the family has' },
  { value: 'fewest', label: 'Fewest' },
  ...([2, 3, 4, 5, 6] as const).map((value) => ({ value, label: String(value) })),
];
const LOWEST: { value: Bottom; label: string }[] = [
  { value: 'room', label: 'Suits the room' },
  { value: 'root', label: 'Root' },
  { value: 'root or fifth', label: 'Root or fifth' },
  { value: 'free', label: 'Any note' },
];

const HOW_MANY = 'Number of voices';
const LOWEST_NOTE = 'Lowest note';
const COLOURS = 'Add colours';
const WITHOUT_ONE = 'May leave one guide tone out';
const ASKED = [HOW_MANY, LOWEST_NOTE, COLOURS, WITHOUT_ONE] as const;
const STRINGS = 'Strings';
const OPEN_STRINGS = 'Open strings above the fifth fret too';

/** Which voicings the chorus is made of: families, how many voices, where, and what may be in them. */
export function VoicingsChoice() {
  const { setup } = useTune();
  const { families } = setup;
  const onKeys = !isFretted(useInstrument());
  return (
    <Choice
      name="Voicings"
      value={voicingsInWords(setup)}
      inside={[...labelsOfFamilies(onKeys), ...ASKED, ...(onKeys ? [] : [STRINGS, OPEN_STRINGS])]}
    >
      {() => (
        <div className="voicings-choice">
          <FamilyList
            chosen={families}
            onKeys={onKeys}
            onChoose={(chosen) => {
              setUp({ families: chosen });
            }}
          />
          <div className="voicings-asked">
            <AskedFields />
          </div>
        </div>
      )}
    </Choice>
  );
}

function AskedFields() {
  const { asked, tensions } = useTune().setup;
  const ask = (change: Partial<Asked>): void => {
    setUp({ asked: { ...asked, ...change } });
  };
  return (
    <>
      <fieldset>
        <legend>{HOW_MANY}</legend>
        <Segmented<VoiceCount>
          aria-label={HOW_MANY}
          size="small"
          value={asked.voices}
          options={VOICES}
          onChange={(voices) => {
            ask({ voices });
          }}
        />
      </fieldset>
      <fieldset>
        <legend>
          <Term of="inversion">{LOWEST_NOTE}</Term>
        </legend>
        <Segmented<Bottom>
          aria-label={LOWEST_NOTE}
          size="small"
          value={asked.bottom}
          options={LOWEST}
          onChange={(bottom) => {
            ask({ bottom });
          }}
        />
      </fieldset>
      <Strings asked={asked} ask={ask} />
      <div className="voicings-switches">
        <label title="A 9 for the root, a 13 for the fifth, where the place of the chord allows">
          <Switch
            size="small"
            checked={tensions === 'available'}
            onChange={(colours) => {
              setUp({ tensions: colours ? 'available' : 'as written' });
            }}
          />
          {COLOURS}
        </label>
        <label title="Only in free colours: the third or the seventh may be missing">
          <Switch
            size="small"
            checked={asked.incomplete}
            onChange={(incomplete) => {
              ask({ incomplete });
            }}
          />
          {WITHOUT_ONE}
        </label>
      </div>
    </>
  );
}

interface StringsProps {
  readonly asked: Asked;
  readonly ask: (change: Partial<Asked>) => void;
}

/** On strings: which sets, and whether open strings may ring up the neck. */
function Strings({ asked, ask }: StringsProps) {
  const instrument = useInstrument();
  const { families } = useTune().setup;
  if (!isFretted(instrument)) return null;
  return (
    <fieldset>
      <legend>
        <Term of="string set">{STRINGS}</Term>
      </legend>
      <div className="voicings-switches">
        <Select<string[]>
          aria-label={STRINGS}
          mode="multiple"
          size="small"
          placeholder="Each family’s own"
          value={[...asked.strings]}
          options={setOptions(families, instrument.tuning.length)}
          onChange={(strings) => {
            ask({ strings });
          }}
        />
        <label>
          <Switch
            size="small"
            checked={asked.openStrings === 'anywhere'}
            onChange={(anywhere) => {
              ask({ openStrings: anywhere ? 'anywhere' : 'low' });
            }}
          />
          {OPEN_STRINGS}
        </label>
      </div>
    </fieldset>
  );
}

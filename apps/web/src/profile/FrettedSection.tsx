import {
  FRETTED,
  labelOfInstrument,
  type Fretted,
  type FrettedId,
  type SettingProblem,
} from '@drop-close/core';
import { CareNote } from '../care/CareNote';
import { ChoiceField } from './ChoiceField';
import { HandField } from './HandField';
import { NumberField } from './NumberField';
import { changeProfile, useProfile } from './profileStore';
import { TuningEditor } from './TuningEditor';

const PICKING = [
  { value: 'fingers', label: 'Fingers' },
  { value: 'pick', label: 'Pick' },
] as const;
const HANDED = [
  { value: 'right', label: 'Right-handed' },
  { value: 'left', label: 'Left-handed' },
] as const;

/** A fretted instrument and the hands that play it. */
export function FrettedSection({ id }: { id: FrettedId }) {
  const { [id]: neck, leftHanded } = useProfile();
  const attempt = (change: Partial<Fretted>, group?: string): readonly SettingProblem[] =>
    changeProfile({ [id]: { ...neck, ...change } }, group && `${id} ${group}`);
  return (
    <section aria-label={labelOfInstrument(id)}>
      <TuningEditor
        tunings={FRETTED[id].tunings}
        tuning={neck.tuning}
        onTry={(tuning) => attempt({ tuning })}
      />
      <NumberField
        id="frets"
        label="Frets"
        value={neck.frets}
        onTry={(frets) => attempt({ frets }, 'frets')}
      />
      <NumberField
        id="capo"
        label="Capo"
        hint="The fret it lies on; 0 for none. Frets are counted from it."
        value={neck.capo}
        onTry={(capo) => attempt({ capo }, 'capo')}
      />
      <NumberField
        id="scale"
        label="Scale length"
        unit="mm"
        hint="From the nut to the bridge."
        value={neck.scaleLengthMm}
        onTry={(scaleLengthMm) => attempt({ scaleLengthMm }, 'scale')}
      />
      <NumberField
        id="spacing"
        label="String spacing"
        unit="mm"
        value={neck.stringSpacingMm}
        onTry={(stringSpacingMm) => attempt({ stringSpacingMm }, 'spacing')}
      />
      <ChoiceField
        id="picking"
        label="Right hand"
        about="How the strings are sounded"
        hint="A pick sounds over one damped inner string at most; fingers over any."
        value={neck.picking}
        options={PICKING}
        onChoose={(picking) => {
          attempt({ picking });
        }}
      />
      <ChoiceField
        id="handed"
        label="Strung for"
        about="Strung for a right-handed or left-handed player"
        hint="Grips are drawn the way you see your own neck."
        value={leftHanded ? 'left' : 'right'}
        options={HANDED}
        onChoose={(handed) => {
          changeProfile({ leftHanded: handed === 'left' });
        }}
      />
      <HandField neck={neck} onTry={(hand) => attempt({ hand }, 'hand')} />
      <CareNote about="hands" />
    </section>
  );
}

import type { Guitar, SettingProblem } from '@drop-close/core';
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

/** The guitar and the hands that play it. */
export function GuitarSection() {
  const { guitar, leftHanded } = useProfile();
  const attempt = (change: Partial<Guitar>, group?: string): readonly SettingProblem[] =>
    changeProfile({ guitar: { ...guitar, ...change } }, group);
  return (
    <section aria-labelledby="profile-guitar">
      <h2 id="profile-guitar">Guitar</h2>
      <TuningEditor tuning={guitar.tuning} onTry={(tuning) => attempt({ tuning })} />
      <NumberField
        id="frets"
        label="Frets"
        value={guitar.frets}
        onTry={(frets) => attempt({ frets }, 'frets')}
      />
      <NumberField
        id="capo"
        label="Capo"
        hint="The fret it lies on; 0 for none. Frets are counted from it."
        value={guitar.capo}
        onTry={(capo) => attempt({ capo }, 'capo')}
      />
      <NumberField
        id="scale"
        label="Scale length"
        unit="mm"
        hint="From the nut to the bridge."
        value={guitar.scaleLengthMm}
        onTry={(scaleLengthMm) => attempt({ scaleLengthMm }, 'scale')}
      />
      <NumberField
        id="spacing"
        label="String spacing"
        unit="mm"
        value={guitar.stringSpacingMm}
        onTry={(stringSpacingMm) => attempt({ stringSpacingMm }, 'spacing')}
      />
      <ChoiceField
        id="picking"
        label="Right hand"
        about="How the strings are sounded"
        hint="A pick sounds over one damped inner string at most; fingers over any."
        value={guitar.picking}
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
      <HandField guitar={guitar} onTry={(hand) => attempt({ hand }, 'hand')} />
      <CareNote about="hands" />
    </section>
  );
}

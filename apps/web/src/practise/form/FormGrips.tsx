import { isOnStrings, prettyNote, type FormItem, type Voicing } from '@drop-close/core';
import { useProfile } from '../../profile/profileStore';
import { useInstruments } from '../../profile/useInstruments';
import { FretBox } from '../../voice/desk/FretBox';
import { KeyStrip } from '../../voice/desk/KeyStrip';
import { neckOf } from './useForm';
import { useNotation } from '../../profile/useNotation';

/** How the chords of a form are held, one for each of its keys. */
export function FormGrips({ item, path }: { item: FormItem; path: readonly Voicing[] }) {
  const { leftHanded, instrument } = useProfile();
  const { note: nameOf } = useNotation();
  const { keyboard: _, ...fretted } = useInstruments();
  const neck = fretted[neckOf(instrument)];
  const keys = item.keys.split(' ');
  return (
    <ol className="form-grips">
      {path.map((voicing, at) => (
        <li key={at}>
          <b className="form-symbol">
            {prettyNote(keys[at] ?? '')}
            {item.quality}
          </b>
          {isOnStrings(item) ? (
            <FretBox
              voicing={voicing}
              size="large"
              strings={neck.tuning.length}
              leftHanded={leftHanded}
            />
          ) : (
            <KeyStrip voicing={voicing} size="large" />
          )}
          <span className="quiet">{voicing.notes.map(({ note }) => nameOf(note)).join(' ')}</span>
        </li>
      ))}
    </ol>
  );
}

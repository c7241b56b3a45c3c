import { formPath, formRequest, itemKey, itemOf, type FormItem } from '@drop-close/core';
import { Button } from 'antd';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { CareNote } from '../../care/CareNote';
import { useEtude } from '../../etude/useEtude';
import { useProfile } from '../../profile/profileStore';
import { useAwake } from '../../stand/useAwake';
import { allRooms } from '../../room/rooms';
import { capital } from '../base/capital';
import { useItemWords } from '../items/usePractice';
import { StrengthMark } from '../base/StrengthMark';
import { FormDrill } from './FormDrill';
import { FormGrips } from './FormGrips';
import { FormPlaying } from './FormPlaying';
import { neckOf, useStrength } from './useForm';
import './form.css';

const EtudeMaker = lazy(() => import('../../etude/EtudeMaker'));

/** One form in three keys: its grips, played round and round; how it went says when it comes back. */
export default function FormPage() {
  const [parameters] = useSearchParams();
  const read = itemOf(parameters.get('item') ?? '');
  if (!read.ok || read.value.kind !== 'form') {
    return (
      <p>
        This address names no form of a chord.{' '}
        <Link to="/practise/holes">Choose one from the map.</Link>
      </p>
    );
  }
  return <Form key={itemKey(read.value)} item={read.value} />;
}

function Form({ item }: { item: FormItem }) {
  useAwake();
  const words = useItemWords();
  const profile = useProfile();
  const request = useMemo(
    () =>
      formRequest(item, {
        room: allRooms(profile.rooms)[0]!,
        fretted: neckOf(profile.instrument),
      }),
    [item, profile],
  );
  const made = useEtude(request);
  const path = useMemo(() => (made?.etude ? formPath(item, made.etude) : []), [made, item]);
  const [whole, setWhole] = useState(false);
  const [drilling, setDrilling] = useState(false);
  const strength = useStrength(item);
  return (
    <section className="form-page" aria-label="A form">
      <h2>
        {capital(words(item))} <StrengthMark strength={strength} />
      </h2>
      {!made && <p className="quiet">Finding the grips…</p>}
      {made?.problem !== undefined && <p className="fault">{made.problem}</p>}
      {made?.etude && !path.length && (
        <p className="fault">
          This family has no such inversion there.{' '}
          <Link to="/practise/holes">Choose another form from the map.</Link>
        </p>
      )}
      {/* What is asked is not to be read off. */}
      {path.length > 0 && !drilling && <FormGrips item={item} path={path} />}
      {path.length > 0 && <FormPlaying item={item} request={request} path={path} />}
      {drilling && made?.etude && (
        <FormDrill item={item} etude={made.etude} instrument={request.instrument} />
      )}
      <CareNote about="hands" />
      <p>
        {path.length > 0 && (
          <Button
            type="text"
            aria-expanded={drilling}
            onClick={() => {
              setDrilling(!drilling);
            }}
          >
            {drilling ? 'No more questions' : 'Ask me about these grips'}
          </Button>
        )}
        <Button
          type="text"
          onClick={() => {
            setWhole(true);
          }}
        >
          Every inversion, through all keys
        </Button>
      </p>
      {whole && (
        <Suspense>
          <EtudeMaker
            begin={request}
            onClose={() => {
              setWhole(false);
            }}
          />
        </Suspense>
      )}
    </section>
  );
}

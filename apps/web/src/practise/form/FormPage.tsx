import {
  formPath,
  formRequest,
  isOnStrings,
  itemKey,
  itemOf,
  prettyNote,
  type EtudeRequest,
  type FormItem,
  type Voicing,
} from '@drop-close/core';
import { Button, InputNumber } from 'antd';
import { lazy, Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { CareNote } from '../../care/CareNote';
import { useEtude } from '../../etude/useEtude';
import { METER, roundPlan } from '../../etude/etudePlan';
import { play, stop, whilePlaying } from '../../playback/player';
import { usePlayer } from '../../playback/usePlayer';
import { FretBox } from '../../voice/desk/FretBox';
import { KeyStrip } from '../../voice/desk/KeyStrip';
import { useProfile } from '../../profile/profileStore';
import { useInstruments } from '../../profile/useInstruments';
import { allRooms } from '../../room/rooms';
import { PassButtons } from '../PassButtons';
import { StrengthMark } from '../StrengthMark';
import { useItemWords } from '../items/usePractice';
import { setTempoPlayed } from '../tune/tempoPlayed';
import { capital } from '../capital';
import { GOAL, useFormTempo, useStrength } from './useForm';
import './form.css';

const EtudeMaker = lazy(() => import('../../etude/EtudeMaker'));

/** One form in three keys: its grips, played round and round; how it went says when it comes back. */
export default function FormPage() {
  const [parameters] = useSearchParams();
  const read = itemOf(parameters.get('item') ?? '');
  if (!read.ok || read.value.kind !== 'form') {
    return (
      <p>
        This address names no form. <Link to="/practise/holes">Choose one from the map.</Link>
      </p>
    );
  }
  return <Form key={itemKey(read.value)} item={read.value} />;
}

function Form({ item }: { item: FormItem }) {
  const words = useItemWords();
  const profile = useProfile();
  const request = useMemo(
    () =>
      formRequest(item, {
        room: allRooms(profile.rooms)[0]!,
        fretted: profile.instrument === 'keyboard' ? 'guitar' : profile.instrument,
      }),
    [item, profile],
  );
  const made = useEtude(request);
  const path = useMemo(() => (made?.etude ? formPath(item, made.etude) : []), [made, item]);
  const [whole, setWhole] = useState(false);
  const strength = useStrength(item);
  return (
    <section className="form-page" aria-label="A form">
      <h2>
        {capital(words(item))} <StrengthMark strength={strength} />
      </h2>
      {!made && <p className="quiet">Finding the grips…</p>}
      {made?.problem !== undefined && <p className="fault">{made.problem}</p>}
      {path.length > 0 && <Grips item={item} path={path} />}
      {path.length > 0 && <Playing item={item} request={request} path={path} />}
      <CareNote about="hands" />
      <p>
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

function Grips({ item, path }: { item: FormItem; path: readonly Voicing[] }) {
  const { leftHanded } = useProfile();
  const { keyboard: _, ...fretted } = useInstruments();
  const profile = useProfile();
  const neck = fretted[profile.instrument === 'keyboard' ? 'guitar' : profile.instrument];
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
          <span className="quiet">
            {voicing.notes.map(({ note }) => prettyNote(note)).join(' ')}
          </span>
        </li>
      ))}
    </ol>
  );
}

interface PlayingProps {
  readonly item: FormItem;
  readonly request: EtudeRequest;
  readonly path: readonly Voicing[];
}

/** Round and round, slow to fast. */
function Playing({ item, request, path }: PlayingProps) {
  const tempo = useFormTempo(item);
  const playing = usePlayer((state) => state.playing !== undefined);
  const failure = usePlayer((state) => state.failure);
  useEffect(() => stop, []);
  const start = (): void => {
    setTempoPlayed(item, tempo);
    const plan = roundPlan({ path, line: [] });
    const how = { meter: METER, feel: 'straight' as const, instrument: request.instrument };
    void play({ what: 'layer', plan, tempo, ...how });
  };
  const toggle = useRef(start);
  useEffect(() => {
    toggle.current = playing ? stop : start;
  });
  const setTempo = (next: number): void => {
    setTempoPlayed(item, next);
    whilePlaying.tempo(next);
  };
  return (
    <>
      <p className="form-row">
        <Button type="primary" size="large" title="Space" onClick={playing ? stop : start}>
          {playing ? 'Stop' : 'Play'}
        </Button>
        <label>
          Tempo{' '}
          <InputNumber
            aria-label="Tempo in beats a minute"
            min={30}
            max={360}
            precision={0}
            value={tempo}
            onChange={(value) => {
              if (value) setTempo(value);
            }}
          />
        </label>
        {failure !== undefined && (
          <span className="fault" role="alert">
            {failure}
          </span>
        )}
      </p>
      <PassButtons
        item={item}
        tempo={tempo}
        goal={GOAL}
        onTempo={setTempo}
        onSpace={() => {
          toggle.current();
        }}
      />
    </>
  );
}

import { rooms, type InstrumentId, type Room, type TuneFields } from '@drop-close/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button, Input, Radio, Segmented, Select } from 'antd';
import { useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { createTuneAnywhere } from '../document/newTune';
import { warmUp } from '../playback/player';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { changeProfile, profileNow, useProfile } from '../profile/profileStore';
import { useTunes } from '../tunes/useTunes';
import type { Begin } from '../tune/begin';
import { EXAMPLE, ownTuneOf } from './ownTune';
import { setWelcomed } from './welcomed';
import './welcome.css';

const SOURCES = [
  { value: 'own', label: 'My own changes' },
  { value: 'ours', label: 'One from the book' },
] as const;
type Source = (typeof SOURCES)[number]['value'];

/** The first minute: three questions, then the tune is heard, voiced. */
export default function WelcomePage() {
  const [instrument, setInstrument] = useState<InstrumentId>(useProfile().instrument);
  const [room, setRoom] = useState<Room>(rooms.bass);
  const [source, setSource] = useState<Source>('own');
  const [text, setText] = useState('');
  const [chosen, setChosen] = useState<string>();
  const { data: tunes = [] } = useTunes();
  const own = ownTuneOf(text);
  const ours = chosen ?? tunes[0]?.id;
  const navigate = useNavigate();
  useEffect(() => {
    document.title = 'Welcome – Drop Close';
    return () => {
      document.title = 'Drop Close';
    };
  }, []);
  const open = useMutation({
    mutationFn: (fields: TuneFields | undefined) =>
      fields ? createTuneAnywhere(fields, profileNow()) : Promise.resolve(ours ?? ''),
    onSuccess: (tuneId) => {
      setWelcomed();
      const firstTime: Begin = { instrument, room };
      return navigate(`/tune/${tuneId}/voice`, { state: { firstTime } });
    },
  });
  const fields = source === 'own' && own.status === 'read' ? own.fields : undefined;
  const isReady = source === 'own' ? fields !== undefined : ours !== undefined;
  const begin = (): void => {
    // The sounds get ready while the tune is made.
    warmUp();
    changeProfile({ instrument });
    open.mutate(fields);
  };
  return (
    <main className="page welcome">
      <h1>What shall we play?</h1>
      <p>
        You put in the changes of a tune. Drop Close finds voicings you can play, connects them with
        little motion, and shows what each choice costs. Then you comp with a band.
      </p>
      <section aria-labelledby="welcome-instrument">
        <h2 id="welcome-instrument">You play</h2>
        <Segmented<InstrumentId>
          aria-labelledby="welcome-instrument"
          size="large"
          value={instrument}
          options={INSTRUMENT_OPTIONS}
          onChange={setInstrument}
        />
      </section>
      <section aria-labelledby="welcome-room">
        <h2 id="welcome-room">Who else plays?</h2>
        <Radio.Group
          aria-labelledby="welcome-room"
          className="welcome-rooms"
          value={room.id}
          onChange={({ target }) => {
            const found = Object.values(rooms).find(({ id }) => id === target.value);
            if (found) setRoom(found);
          }}
        >
          {Object.values(rooms).map(({ id, label }) => (
            <Radio key={id} value={id}>
              {label}
            </Radio>
          ))}
        </Radio.Group>
      </section>
      <section aria-labelledby="welcome-tune">
        <h2 id="welcome-tune">Which tune?</h2>
        {tunes.length > 0 && (
          <Segmented<Source>
            aria-labelledby="welcome-tune"
            value={source}
            options={[...SOURCES]}
            onChange={setSource}
          />
        )}
        {source === 'ours' ? (
          <Select
            aria-label="A tune from the book"
            className="welcome-tune"
            showSearch={{ optionFilterProp: 'label' }}
            {...(ours !== undefined && { value: ours })}
            options={tunes.map(({ id, title }) => ({ value: id, label: title }))}
            onChange={setChosen}
          />
        ) : (
          <>
            <Input.TextArea
              aria-label="The changes"
              className="welcome-changes"
              autoSize={{ minRows: 3, maxRows: 8 }}
              value={text}
              placeholder={EXAMPLE}
              onChange={({ target }) => {
                setText(target.value);
              }}
            />
            <p role="status" className={own.status === 'unreadable' ? 'fault' : 'quiet'}>
              {own.status === 'nothing' && 'Chords with bar lines between; paste works too. '}
              {own.status === 'read' && own.told}
              {own.status === 'unreadable' && own.why}
            </p>
            {own.status === 'nothing' && (
              <Button
                type="link"
                onClick={() => {
                  setText(EXAMPLE);
                }}
              >
                Use these eight bars
              </Button>
            )}
          </>
        )}
      </section>
      {open.isError && (
        <Alert type="warning" title="The tune was not made" description={open.error.message} />
      )}
      <p className="welcome-go">
        <Button
          type="primary"
          size="large"
          disabled={!isReady}
          loading={open.isPending}
          onClick={begin}
        >
          Voice it and play
        </Button>
        <Link to="/book" onClick={setWelcomed}>
          Skip, go to the book
        </Link>
      </p>
    </main>
  );
}

import { RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { useEffect } from 'react';
import { useLocation } from 'react-router';
import { tinykeys } from 'tinykeys';
import { FamilyChooser } from './FamilyChooser';
import { ChoiceField } from './ChoiceField';
import { Field } from './Field';
import { INSTRUMENT_OPTIONS } from './instrumentOptions';
import { InstrumentSection } from './InstrumentSection';
import {
  changeProfile,
  redoProfile,
  undoProfile,
  useProfile,
  useProfileStore,
} from './profileStore';
import { saveProfile, settleProfile } from './profileSync';
import { RoomsSection } from './RoomsSection';
import { WritingFields } from './WritingFields';
import './profile.css';

/** Hands, instruments, rooms and ways of writing: set once, and every tune follows. */
export default function ProfilePage() {
  useUndoKeys();
  const { instrument, families } = useProfile();
  const { hash } = useLocation();
  useEffect(() => {
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <main className="page profile">
      <header className="profile-head">
        <h1>Hands and instrument</h1>
        <ProfileTools />
      </header>
      <ProfileConflict />
      <section aria-labelledby="profile-new">
        <h2 id="profile-new">A new tune begins with</h2>
        <ChoiceField
          id="instrument"
          label="Instrument"
          about="Instrument a new tune is voiced for"
          value={instrument}
          options={INSTRUMENT_OPTIONS}
          onChoose={(value) => {
            changeProfile({ instrument: value });
          }}
        />
        <Field id="families" label="Families">
          <FamilyChooser
            chosen={families}
            onChoose={(chosen) => {
              changeProfile({ families: chosen });
            }}
          />
        </Field>
      </section>
      <div className="profile-columns">
        <InstrumentSection />
        <div>
          <section aria-labelledby="profile-writing" className="profile-writing">
            <h2 id="profile-writing">How it is written</h2>
            <WritingFields />
          </section>
          <RoomsSection />
        </div>
      </div>
    </main>
  );
}

/** Outside a tune, whose own keys are not there. */
function useUndoKeys(): void {
  useEffect(
    () =>
      tinykeys(window, {
        '$mod+z': (event) => {
          event.preventDefault();
          undoProfile();
        },
        '$mod+Shift+z': (event) => {
          event.preventDefault();
          redoProfile();
        },
      }),
    [],
  );
}

function ProfileTools() {
  const { history, saving } = useProfileStore();
  return (
    <div className="profile-tools">
      <span className="quiet" role="status">
        {saving.kind === 'saved' && 'saved'}
        {saving.kind === 'saving' && 'saving'}
        {saving.kind === 'offline' && (
          <>
            offline, kept here{' '}
            <Button size="small" type="link" onClick={() => void saveProfile()}>
              Try now
            </Button>
          </>
        )}
        {saving.kind === 'refused' && <span className="fault">not saved: {saving.detail}</span>}
      </span>
      <Button
        type="text"
        icon={<UndoOutlined aria-hidden />}
        aria-label="Undo"
        title="Undo (Ctrl Z)"
        disabled={!history.past.length}
        onClick={undoProfile}
      />
      <Button
        type="text"
        icon={<RedoOutlined aria-hidden />}
        aria-label="Redo"
        title="Redo (Ctrl Shift Z)"
        disabled={!history.future.length}
        onClick={redoProfile}
      />
    </div>
  );
}

function ProfileConflict() {
  const { saving } = useProfileStore();
  if (saving.kind !== 'conflict') return null;
  return (
    <Alert
      type="warning"
      title="Your hands and instrument were changed in two places"
      description="Nothing is lost either way: the one you do not take stays one undo away."
      action={
        <>
          <Button
            onClick={() => {
              settleProfile('theirs');
            }}
          >
            Use the other
          </Button>{' '}
          <Button
            type="primary"
            onClick={() => {
              settleProfile('mine');
            }}
          >
            Keep mine
          </Button>
        </>
      }
    />
  );
}

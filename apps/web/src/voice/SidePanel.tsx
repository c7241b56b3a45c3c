import { LockFilled, SoundOutlined, UnlockOutlined } from '@ant-design/icons';
import {
  easeReason,
  instrumentOf,
  prettyDegree,
  standingLocks,
  type Voicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { CareNote } from '../care/CareNote';
import { useTune } from '../document/store';
import type { VoicedChorus } from '../engine/protocol';
import { useBand } from '../playback/useBand';
import { useProfile } from '../profile/profileStore';
import { useSelection } from '../tune/selection';
import { Symbol } from '../ui/Symbol';
import { useNotation } from '../ui/notation';
import { plainSymbol } from '../ui/symbol';
import { changeInWords, voicingName } from './describe';
import { Grip } from './Grip';
import { PanelTabs } from './sheet/PanelTabs';
import { toggleDesk, useVoiceDesk } from './useVoiceDesk';
import { useVoiceActions } from './useVoiceActions';

/** The chord in hand: its grip, its notes, where it goes, how it is made, and what else it could be. */
export function SidePanel({ chorus }: { chorus: VoicedChorus }) {
  const { index, event } = useSelection();
  const { setup } = useTune();
  const profile = useProfile();
  const actions = useVoiceActions();
  const path = chorus.outcome.status === 'found' ? chorus.outcome.path : [];
  const voicing = path[index];
  if (!event || !voicing) return null;
  const locked = standingLocks(setup, profile).some((lock) => lock.at === index);
  return (
    <aside className="panel" aria-label="The chord in hand">
      <div className="panel-head">
        <h2>
          <Symbol symbol={event.chord.symbol} />
        </h2>
        <span className="quiet">
          bar {event.bar}, beat {event.beat}
        </span>
      </div>
      <p className="panel-name">{voicingName(voicing)}</p>
      <div className="panel-grip">
        <Grip voicing={voicing} size="large" />
        <Notes voicing={voicing} />
      </div>
      <p className="quiet panel-ease">{easeReason(voicing, instrumentOf(setup, profile))}</p>
      {voicing.ease === 'stretch' && <CareNote about="stretch" />}
      <PanelTools locked={locked} onLock={actions.toggleLock} />
      <NextChange chorus={chorus} index={index} />
      <PanelTabs chorus={chorus} voicing={voicing} onTake={actions.take} />
    </aside>
  );
}

function PanelTools({ locked, onLock }: { locked: boolean; onLock: () => void }) {
  const band = useBand();
  const { entry } = useVoiceDesk();
  return (
    <div className="panel-tools">
      <Button icon={<SoundOutlined aria-hidden />} onClick={band.hearChord} title="Enter">
        Hear
      </Button>
      <Button
        icon={locked ? <LockFilled aria-hidden /> : <UnlockOutlined aria-hidden />}
        onClick={onLock}
        aria-pressed={locked}
        title="L"
      >
        {locked ? 'Locked' : 'Lock'}
      </Button>
      <Button onClick={band.hearChange} title="C">
        Hear the change
      </Button>
      <Button
        title="Every grip of a family, the whole neck (F)"
        onClick={() => {
          toggleDesk('browser');
        }}
      >
        All grips
      </Button>
      <Button
        title="Put a voicing together note by note (P)"
        aria-pressed={entry}
        type={entry ? 'primary' : 'default'}
        onClick={() => {
          toggleDesk('entry');
        }}
      >
        By hand
      </Button>
    </div>
  );
}

/** Top voice first, beside a grip; low to high under a keyboard, as the keys lie. */
function Notes({ voicing }: { voicing: Voicing }) {
  const { note: nameOf } = useNotation();
  const onKeys = voicing.notes.some((note) => note.hand !== undefined);
  const notes = onKeys ? voicing.notes : [...voicing.notes].reverse();
  return (
    <ol className={onKeys ? 'panel-notes panel-notes-row' : 'panel-notes'} aria-label="Notes">
      {notes.map((note) => (
        <li key={note.midi}>
          <b>{nameOf(note.note)}</b> {prettyDegree(note.degree)}
        </li>
      ))}
    </ol>
  );
}

function NextChange({ chorus, index }: { chorus: VoicedChorus; index: number }) {
  const { note: nameOf } = useNotation();
  if (chorus.outcome.status !== 'found') return null;
  const { path, changes } = chorus.outcome;
  const change = changes[index];
  const [from, to] = [path[index], change && path[change.to]];
  const next = change && chorus.timeline.events[change.to];
  if (!change || !from || !to || !next) return null;
  return (
    <section>
      <h3>To {plainSymbol(next.chord.symbol)}</h3>
      <p className="panel-change">{changeInWords(change, from, to, nameOf)}.</p>
    </section>
  );
}

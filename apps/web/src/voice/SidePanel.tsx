import { LockFilled, SoundOutlined, UnlockOutlined } from '@ant-design/icons';
import { prettyDegree, voicingKey, type Voicing } from '@drop-close/core';
import { Button } from 'antd';
import { useTune } from '../document/store';
import type { VoicedChorus } from '../engine/protocol';
import { useBand } from '../playback/useBand';
import { useSelection } from '../tune/selection';
import { Symbol } from '../ui/Symbol';
import { useNotation } from '../ui/notation';
import { plainSymbol } from '../ui/symbol';
import { AlternativeList } from './AlternativeList';
import { changeInWords, easeOf, voicingName } from './describe';
import { Grip } from './Grip';
import { useAlternatives, useVoiceActions } from './useVoiceActions';

/** The chord in hand: its grip, its notes, where it goes, and what else it could be. */
export function SidePanel({ chorus }: { chorus: VoicedChorus }) {
  const { index, event } = useSelection();
  const { setup } = useTune();
  const band = useBand();
  const actions = useVoiceActions();
  const alternatives = useAlternatives();
  const path = chorus.outcome.status === 'found' ? chorus.outcome.path : [];
  const voicing = path[index];
  if (!event || !voicing) return null;
  const locked = setup.locks[setup.instrument].some((lock) => lock.at === index);
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
      <p className="panel-name">
        {voicingName(voicing)} <span className="quiet">{easeOf(voicing)}</span>
      </p>
      <div className="panel-grip">
        <Grip voicing={voicing} size="large" />
        <Notes voicing={voicing} />
      </div>
      {voicing.ease === 'stretch' && <StretchCaution />}
      <div className="panel-tools">
        <Button icon={<SoundOutlined aria-hidden />} onClick={band.hearChord} title="Enter">
          Hear
        </Button>
        <Button
          icon={locked ? <LockFilled aria-hidden /> : <UnlockOutlined aria-hidden />}
          onClick={actions.toggleLock}
          aria-pressed={locked}
          title="L"
        >
          {locked ? 'Locked' : 'Lock'}
        </Button>
        <Button type="text" onClick={band.hearChange} title="C">
          Hear the change
        </Button>
      </div>
      <NextChange chorus={chorus} index={index} />
      <AlternativeList
        alternatives={alternatives}
        chosen={voicingKey(voicing)}
        onTake={actions.take}
      />
    </aside>
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

function StretchCaution() {
  return (
    <p className="quiet panel-caution">
      Near the limit of your hand: warm up first, and stop at pain, numbness or tingling. If it
      lasts, see a clinician who treats musicians.
    </p>
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

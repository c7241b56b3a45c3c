import { CloseOutlined, LockFilled, SoundOutlined, UnlockOutlined } from '@ant-design/icons';
import {
  easeReason,
  families,
  isFretted,
  prettyDegree,
  type ChartEvent,
  type Voicing,
} from '@drop-close/core';
import { Button } from 'antd';
import { CareNote } from '../care/CareNote';
import type { VoicedChorus, VoicedPath } from '../engine/protocol';
import { useBand } from '../playback/useBand';
import { useInstrument } from '../profile/useInstrument';
import { useSelection } from '../place/selection';
import { ChordInHand } from '../profile/ChordInHand';
import { RestPanel } from '../profile/RestPanel';
import { Panel } from '../ui/Panel';
import { useNotation } from '../profile/useNotation';
import { voicingName } from './desk/describe';
import { ChangePanel } from './explain/ChangePanel';
import { Grip } from './desk/Grip';
import { PanelTabs } from './sheet/PanelTabs';
import { ScaleTool } from './ScaleTool';
import { SplitTool } from './SplitTool';
import { toggleDesk, useVoiceDesk } from './desk/useVoiceDesk';
import { useHeldLocks } from './desk/useHeldLocks';
import { useWaitingAsks } from './desk/useAlternatives';
import { useVoiceActions } from './desk/useVoiceActions';
import { Explained } from '../ui/terms/Explained';
import { Term } from '../ui/terms/Term';

interface SidePanelProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
}

/** The chord in hand: its grip, its notes, where it goes, how it is made, and what else it could be. */
export function SidePanel({ chorus, outcome }: SidePanelProps) {
  const { index, event } = useSelection();
  const instrument = useInstrument();
  const actions = useVoiceActions();
  useWaitingAsks(actions.ask);
  const { held } = useHeldLocks();
  const voicing = outcome.path[index];
  if (!event || !voicing) return null;
  if (voicing.family === 'rest') return <RestPanel event={event} />;
  const locked = held.some(({ at }) => at === index);
  return (
    <Panel label="The chord in hand" head={<ChordInHand event={event} />}>
      <p className="panel-name">
        <Explained meaning={families.find(({ id }) => id === voicing.family)?.about}>
          {voicingName(voicing)}
        </Explained>
      </p>
      <div className="panel-grip">
        <Grip voicing={voicing} size="large" />
        <Notes voicing={voicing} />
      </div>
      <p className="quiet panel-ease">
        <Term of={isFretted(instrument) ? 'stretch' : 'reach'}>
          {easeReason(voicing, instrument)}
        </Term>
      </p>
      {voicing.ease === 'stretch' && <CareNote about="stretch" />}
      <PanelTools
        index={index}
        event={event}
        locked={locked}
        onLock={actions.toggleLock}
        onTurnDown={() => {
          actions.ask('next best');
        }}
      />
      <ChangePanel chorus={chorus} outcome={outcome} index={index} />
      <PanelTabs chorus={chorus} outcome={outcome} voicing={voicing} onTake={actions.take} />
    </Panel>
  );
}

interface PanelToolsProps {
  readonly index: number;
  readonly event: ChartEvent;
  readonly locked: boolean;
  readonly onLock: () => void;
  readonly onTurnDown: () => void;
}

function PanelTools({ index, event, locked, onLock, onTurnDown }: PanelToolsProps) {
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
      <Button
        icon={<CloseOutlined aria-hidden />}
        onClick={onTurnDown}
        title="Take the next best, and remember that this one was turned down (X)"
      >
        Not this one
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
        title="Enter a voicing note by note (P)"
        aria-pressed={entry}
        type={entry ? 'primary' : 'default'}
        onClick={() => {
          toggleDesk('entry');
        }}
      >
        Enter by hand
      </Button>
      <SplitTool index={index} />
      <ScaleTool index={index} event={event} />
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

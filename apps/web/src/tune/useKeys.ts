import { useEffect, useRef } from 'react';
import { useMatch } from 'react-router';
import { tinykeys } from 'tinykeys';
import { useDocument } from '../document/store';
import { toggleLoop } from '../playback/toggleLoop';
import { useBand } from '../playback/useBand';
import { usePreferences, type Lens } from '../ui/preferences';
import { useVoiceActions } from '../voice/desk/useVoiceActions';
import { useFollowedVoice } from '../voice/threads/useFollowedVoice';
import { zoomBy } from '../voice/threads/zoom';
import { toggleDesk } from '../voice/desk/useVoiceDesk';
import { useOffer } from '../ui/commands';
import { isTaken } from '../ui/isTaken';
import { COMMANDS, type CommandId } from './commands';
import { useHistorySheet } from './history/useHistory';
import { useSelection } from '../place/selection';

type Actions = Readonly<Record<CommandId, () => void>>;

/** One hand can drive the desk: every command of the list on its keys. */
export function useKeys(): void {
  const screen = useMatch('/tune/:id/:screen')?.params.screen;
  const selection = useSelection();
  const band = useBand();
  const voice = useVoiceActions();
  const followed = useFollowedVoice();
  const actions: Actions = {
    previous: () => {
      selection.select(selection.index - 1);
      followed.hearAt(selection.index - 1);
    },
    next: () => {
      selection.select(selection.index + 1);
      followed.hearAt(selection.index + 1);
    },
    cheaper: () => {
      voice.ask('cheaper');
    },
    dearer: () => {
      voice.ask('dearer');
    },
    play: band.toggleChorus,
    chord: band.hearChord,
    change: band.hearChange,
    bar: band.hearBar,
    lock: voice.toggleLock,
    turnDown: () => {
      voice.ask('next best');
    },
    room: () => {
      toggleDesk('room');
    },
    neck: () => {
      toggleDesk('browser');
    },
    entry: () => {
      toggleDesk('entry');
    },
    taste: () => {
      toggleDesk('taste');
    },
    figures: () => {
      toggleDesk('figures');
    },
    ways: () => {
      toggleDesk('ways');
    },
    compare: () => {
      toggleDesk('compare');
    },
    drawing: () => {
      toggleDesk('drawing');
    },
    follow: () => {
      followed.takeNext(selection.index);
    },
    voice: () => {
      followed.hearOn(selection.index);
    },
    nearer: () => {
      zoomBy(-1);
    },
    farther: () => {
      zoomBy(1);
    },
    loop: toggleLoop,
    lens: nextLens,
    undo: () => {
      useDocument.getState().undo();
    },
    redo: () => {
      useDocument.getState().redo();
    },
    history: () => {
      useHistorySheet.setState({ open: true });
    },
  };
  const keys = {
    has: (id: CommandId) => COMMANDS[id].on?.some((each) => each === screen) ?? true,
    run: (id: CommandId) => {
      actions[id]();
    },
  };
  useOffer(
    'tune',
    (Object.keys(COMMANDS) as CommandId[]).filter(keys.has).map((id) => {
      const { shown, label } = COMMANDS[id];
      return { id: `tune ${id}`, group: 'Here', shown, label, run: actions[id] };
    }),
  );
  const latest = useRef(keys);
  useEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const bindings: Record<string, (event: KeyboardEvent) => void> = {};
    for (const id of Object.keys(COMMANDS) as CommandId[]) {
      for (const key of COMMANDS[id].keys) {
        bindings[key] = (event) => {
          if (isTaken(event)) return;
          event.preventDefault();
          if (latest.current.has(id)) latest.current.run(id);
        };
      }
    }
    return tinykeys(window, bindings);
  }, []);
}

const LENSES: readonly Lens[] = ['both', 'symbols', 'numbers'];

function nextLens(): void {
  usePreferences.setState(({ lens }) => ({
    lens: LENSES[(LENSES.indexOf(lens) + 1) % LENSES.length]!,
  }));
}

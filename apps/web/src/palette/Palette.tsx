import { Command as Finder } from 'cmdk';
import { Modal } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { tinykeys } from 'tinykeys';
import { create } from 'zustand';
import { useCommands, type Command } from '../ui/commands';
import { match } from './match';
import { commandsOnPage } from './onPage';
import { useBookCommands } from './useAppCommands';
import './palette.css';

interface PaletteState {
  readonly open: boolean;
  /** How often it was opened: each time it begins empty, also while it is still closing. */
  readonly times: number;
}

const usePalette = create<PaletteState>(() => ({ open: false, times: 0 }));

const closePalette = (): void => {
  usePalette.setState({ open: false });
};

export const openPalette = (): void => {
  usePalette.setState(({ times }) => ({ open: true, times: times + 1 }));
};

/** Finds tunes, sets, pages, settings and whatever the page offers, by its words. Ctrl K or ⌘ K opens it from anywhere. */
export function Palette() {
  const { open, times } = usePalette();
  useEffect(
    () =>
      tinykeys(globalThis.window, {
        '$mod+k': (event) => {
          event.preventDefault();
          if (usePalette.getState().open) closePalette();
          else openPalette();
        },
      }),
    [],
  );
  return (
    <Modal
      open={open}
      destroyOnHidden
      // It is typed into at once, so it neither comes nor goes slowly.
      transitionName=""
      maskTransitionName=""
      footer={null}
      closable={false}
      rootClassName="palette"
      width={560}
      style={{ top: 72 }}
      title="Find anything"
      onCancel={closePalette}
    >
      <Finding key={times} />
    </Modal>
  );
}

/** What belongs together stands together, what is done here first; what is seen on the page last, of what fits alike. */
const GROUPS = ['Here', 'Comp', 'Tunes', 'Sets', 'Go to', 'Settings', 'On this page'] as const;

function Finding() {
  const here = useCommands();
  const book = useBookCommands();
  const [search, setSearch] = useState('');
  const isAsked = search.trim() !== '';
  // Looked up once something is asked for: a page may hold hundreds of them.
  const page = useMemo(() => (isAsked ? commandsOnPage() : []), [isAsked]);
  const list = useRef<HTMLDivElement>(null);
  // What fits best is chosen, and stands on top: also where the list was longer and scrolled.
  useEffect(() => {
    const frame = requestAnimationFrame(() => {
      list.current?.scrollTo({ top: 0 });
    });
    return () => {
      cancelAnimationFrame(frame);
    };
  }, [search]);
  const labels = new Set([...here, ...book].map(({ label }) => label));
  const all = [...here, ...book, ...page.filter(({ label }) => !labels.has(label))];
  return (
    <Finder label="Find anything" loop filter={match}>
      <Finder.Input
        autoFocus
        value={search}
        onValueChange={setSearch}
        placeholder="What would you like to do, or which tune?"
      />
      <Finder.List ref={list} label="Found">
        <Finder.Empty>Nothing is called that.</Finder.Empty>
        {GROUPS.map((group) => {
          const own = all.filter((command) => command.group === group);
          return own.length ? (
            <Finder.Group key={group} heading={group}>
              {own.map((command) => (
                <Found key={command.id} command={command} />
              ))}
            </Finder.Group>
          ) : null;
        })}
      </Finder.List>
    </Finder>
  );
}

const Found = ({
  command: { id, label, shown, words = '', run },
}: {
  readonly command: Command;
}) => (
  <Finder.Item
    value={id}
    keywords={[label, words]}
    onSelect={() => {
      closePalette();
      // Once the page has its focus again.
      setTimeout(run);
    }}
  >
    <span>{label}</span>
    {shown !== undefined && <kbd>{shown}</kbd>}
  </Finder.Item>
);

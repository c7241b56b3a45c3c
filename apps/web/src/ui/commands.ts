import { useEffect, useRef } from 'react';
import { create } from 'zustand';

/** Something a player can do, found by its words. */
export interface Command {
  /** The same while it is offered, unlike any other's. */
  readonly id: string;
  /** What it does, as it is read. */
  readonly label: string;
  /** Under which heading it stands. */
  readonly group: string;
  /** Its keys as they are shown, where it has any. */
  readonly shown?: string;
  /** Other words it is found by. */
  readonly words?: string;
  readonly run: () => void;
}

interface Offered {
  readonly lists: ReadonlyMap<string, readonly Command[]>;
}

const useOffered = create<Offered>(() => ({ lists: new Map() }));

const withList = (name: string, commands: readonly Command[] | undefined): void => {
  useOffered.setState(({ lists }) => {
    const changed = new Map(lists);
    if (commands) changed.set(name, commands);
    else changed.delete(name);
    return { lists: changed };
  });
};

/**
 * Offers commands while the caller is on the page.
 * @param name of the caller; who offers under it again takes the place of what was offered
 * @param commands may be new at every rendering; what they do is always the latest
 */
export function useOffer(name: string, commands: readonly Command[]): void {
  const latest = useRef(commands);
  useEffect(() => {
    latest.current = commands;
  });
  const shown = commands.map(({ id, label }) => `${id} ${label}`).join('\n');
  useEffect(() => {
    const offered = latest.current.map((command) => ({
      ...command,
      run: () => {
        latest.current.find(({ id }) => id === command.id)?.run();
      },
    }));
    withList(name, offered);
    return () => {
      withList(name, undefined);
    };
    // What is shown stands in one text; what is done is looked up when it is done.
  }, [name, shown]);
}

/** All that is offered now, list by list. */
export const useCommands = (): readonly Command[] => {
  const { lists } = useOffered();
  return [...lists.values()].flat();
};

import type { SetView } from '@drop-close/core';
import { useQuery } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api } from '../api/client';
import { useTunes } from '../tunes/useTunes';
import { useOffer, type Command } from '../ui/commands';
import { useKeyName } from '../profile/useKeyName';
import { openScreenHelp } from '../ui/screenHelp';
import { SETTINGS } from './settings';

const PAGES: readonly { readonly label: string; readonly to: string; readonly words?: string }[] = [
  { label: 'The book', to: '/book', words: 'tunes sets home' },
  { label: 'Practise: what is due today', to: '/practise', words: 'session' },
  { label: 'Logbook', to: '/practise/logbook', words: 'minutes tempo history' },
  { label: 'All practice items', to: '/practise/items' },
  { label: 'Map of holes', to: '/practise/holes', words: 'keys forms' },
  { label: 'Hands and instrument', to: '/player', words: 'settings profile preferences' },
  { label: 'Bring in changes or files', to: '/bring-in', words: 'import paste musicxml midi' },
  { label: 'The whole book as one archive', to: '/whole-book', words: 'backup export zip restore' },
  { label: 'Help: the five tasks of a week', to: '/help', words: 'how manual guide' },
  { label: 'The first questions again', to: '/welcome', words: 'welcome start begin' },
  { label: 'New tune', to: '/book?begin=tune', words: 'create write chart' },
  { label: 'New étude', to: '/book?begin=étude', words: 'etude exercise' },
];
const ABOUT: Command = {
  ...{ id: 'about', group: 'Here', shown: '?', label: 'About this screen, and its keys' },
  run: openScreenHelp,
};
const NONE: readonly SetView[] = [];

/** What can be done from anywhere: every page, every setting, the light. */
export function useAppCommands(other: string, toggleLight: () => void): void {
  const navigate = useNavigate();
  const pages = PAGES.map(({ to, ...page }): Command => ({
    ...page,
    ...{ id: `page ${to}`, group: 'Go to' },
    run: () => void navigate(to),
  }));
  const settings = SETTINGS.map(({ at, ...setting }): Command => ({
    ...setting,
    ...{ id: `setting ${setting.label}`, group: 'Settings' },
    run: () => void navigate(`/player#${at}`),
  }));
  const light = { id: 'light', label: other, group: 'Settings', words: 'dark dim theme' };
  useOffer('app', [ABOUT, ...pages, ...settings, { ...light, run: toggleLight }]);
}

/** Every tune and set of the book, while they are looked for. */
export function useBookCommands(): readonly Command[] {
  const navigate = useNavigate();
  const keyName = useKeyName();
  const { data: tunes = [] } = useTunes();
  const { data: sets = NONE } = useQuery({ queryKey: ['sets'], queryFn: api.sets });
  return [
    ...tunes.map(({ id, title, key }): Command => ({
      ...{ id: `tune ${id}`, label: title, group: 'Tunes', words: keyName(key) },
      run: () => void navigate(`/tune/${id}/voice`),
    })),
    ...sets.map(({ id, name }): Command => ({
      ...{ id: `set ${id}`, label: name, group: 'Sets' },
      run: () => void navigate(`/book?set=${id}`),
    })),
  ];
}

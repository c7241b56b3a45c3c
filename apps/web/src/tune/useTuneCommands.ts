import { presets, rooms } from '@drop-close/core';
import { useMatch, useNavigate } from 'react-router';
import { INSTRUMENT_OPTIONS } from '../profile/instrumentOptions';
import { DOCUMENT_KINDS, DOCUMENT_LABELS } from '../takeaway/documents';
import { useOffer, type Command } from '../ui/commands';
import { setUp } from '../voice/setup/setUp';
import { useCompDesk } from '../comp/desk/useCompDesk';
import { useVoiceDesk } from '../voice/desk/useVoiceDesk';
import { COMMANDS } from './commands';
import { SCREENS } from './screens';

const STAND = { to: 'stand', label: 'On the stand' } as const;
const TRACKS = { to: 'take-away?side=tracks', label: 'Practice tracks' } as const;

/** What can be opened on the Voice screen, by the command that opens it there. */
const VOICE_PANELS = [
  ['room', 'room'],
  ['neck', 'browser'],
  ['entry', 'entry'],
  ['taste', 'taste'],
  ['figures', 'figures'],
  ['ways', 'ways'],
  ['compare', 'compare'],
  ['drawing', 'drawing'],
] as const;

/** What can be done with the tune on the desk from any of its screens, besides what has a key. */
export function useTuneCommands(title: string): void {
  const navigate = useNavigate();
  const goTo = (to: string, label: string): Command => ({
    ...{ id: `screen ${to}`, group: 'Go to', label: `${label}: ${title}` },
    run: () => void navigate(to),
  });
  const isVoicing = useMatch('/tune/:id/voice') !== null;
  const isComping = useMatch('/tune/:id/comp') !== null;
  const opening = (to: 'voice' | 'comp', label: string, open: () => void): Command => ({
    ...{ id: `open ${label}`, group: 'Go to', label },
    run: () => {
      open();
      void navigate(to);
    },
  });
  // On its own screen each has its key, and is listed with it.
  const panels = VOICE_PANELS.map(([id, part]) =>
    opening('voice', `Voice, ${lower(COMMANDS[id].label)}`, () => {
      useVoiceDesk.setState({ [part]: true });
    }),
  );
  const plan = opening('comp', 'Comp, the plan of the choruses', () => {
    useCompDesk.setState({ plan: true });
  });
  const documents = DOCUMENT_KINDS.map((kind) =>
    goTo(
      `take-away?${new URLSearchParams({ sheet: kind }).toString()}`,
      `Take away, ${DOCUMENT_LABELS[kind].toLowerCase()}`,
    ),
  );
  const here = (id: string, label: string, words: string, run: () => void): Command => ({
    ...{ id, label, words, run, group: 'Here' },
  });
  useOffer('this tune', [
    ...[...SCREENS, STAND, TRACKS].map(({ to, label }) => goTo(to, label)),
    ...documents,
    ...(isVoicing ? [] : panels),
    ...(isComping ? [] : [plan]),
    ...INSTRUMENT_OPTIONS.map(({ value, label }) =>
      here(`on ${value}`, `Voice it for ${label.toLowerCase()}`, 'instrument', () => {
        setUp({ instrument: value });
      }),
    ),
    ...Object.values(rooms).map((room) =>
      here(`room ${room.id}`, `Room: ${room.label.toLowerCase()}`, 'who else plays', () => {
        setUp({ room });
      }),
    ),
    ...presets.map(({ id, label, about, weights }) =>
      here(`taste ${id}`, `Taste: ${label.toLowerCase()}`, about, () => {
        setUp({ weights });
      }),
    ),
  ]);
}

const lower = (label: string): string => label.charAt(0).toLowerCase() + label.slice(1);

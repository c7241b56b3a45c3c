import type { VoicedPath } from '../../engine/protocol';
import type { Timeline } from '@drop-close/core';
import { changedChords, useGhost } from '../threads/ghost';
import { differenceInWords } from './differenceInWords';

interface GhostNoteProps {
  readonly outcome: VoicedPath;
  readonly timeline: Timeline;
}

/** What the alternative under the pointer would change, and what makes the difference. */
export function GhostNote({ outcome, timeline }: GhostNoteProps) {
  const { path, terms } = useGhost();
  return (
    <p className="ghost-note quiet" role="status">
      {path && terms
        ? `${changesInWords(changedChords(outcome.path, path), timeline)} ${differenceInWords(terms, outcome.terms)}`
        : 'What each costs the whole chorus, in half steps. Point at one to see what it would change.'}
    </p>
  );
}

/** "Changes 5 chords, bars 3 to 6." */
export function changesInWords(changed: readonly number[], { events }: Timeline): string {
  const bars = changed.map((at) => events[at]!.bar);
  if (!bars.length) return 'Changes nothing.';
  const [first, last] = [Math.min(...bars), Math.max(...bars)];
  const where = first === last ? `bar ${first}` : `bars ${first} to ${last}`;
  return `Changes ${changed.length === 1 ? 'this chord' : `${changed.length} chords`}, ${where}:`;
}

import { parseChord } from '../chord/parseChord';
import { LONGEST_SYMBOL } from './limits';
import type { Slot } from './types';

/** One word of a bar as a slot: a chord, `.` for a hold, `%` for the bar before, or what cannot be read. */
export function barSlot(word: string): Slot {
  if (word === '.') return { kind: 'hold' };
  if (word === '%') return { kind: 'repeat bar' };
  const before = known.get(word);
  if (before) return before;
  if (known.size >= MOST_KNOWN) known.clear();
  const slot = Object.freeze(read(word));
  known.set(word, slot);
  return slot;
}

/** A keystroke changes one word of a chart; the others are known. More than a whole book has. */
const MOST_KNOWN = 2000;
const known = new Map<string, Slot>();

function read(word: string): Slot {
  if (word.length > LONGEST_SYMBOL) {
    const message = `A chord symbol has up to ${LONGEST_SYMBOL} characters; this has ${word.length}.`;
    return { kind: 'unreadable', text: word, problem: { message, index: 0 } };
  }
  const ending = /^[1-9](?=\.?$)/.exec(word);
  if (ending) {
    const message = 'An ending is written with a bracket, as |(1 Gm7 C7 :|(2 F6 |.';
    return {
      kind: 'unreadable',
      text: word,
      problem: { message, index: 0, suggestion: `(${ending[0]}` },
    };
  }
  const result = parseChord(word);
  return result.ok
    ? { kind: 'chord', chord: Object.freeze(result.value), text: word }
    : { kind: 'unreadable', text: word, problem: result.problem };
}

/** A slot as it is typed. */
export function slotText(slot: Slot): string {
  switch (slot.kind) {
    case 'chord':
    case 'unreadable':
      return slot.text;
    case 'hold':
      return '.';
    case 'repeat bar':
      return '%';
  }
}

import { deviceOf, devices, type Misfit, type Unfit } from '@drop-close/core';
import { prettyPitch } from '../ui/notation';
import { prettyText } from '../ui/symbol';

const SHAPES: Readonly<Record<string, string>> = {
  hold: 'Top line that holds',
  rise: 'Top line that rises',
  fall: 'Top line that falls',
  arch: 'Top line that rises and falls',
  answer: 'Top line that answers',
};

/** What a player decided, in words: "Lock on G7, guitar". */
export function misfitName({ items }: Misfit): string {
  const [item] = items;
  if (item.kind !== 'hit') return nameOf(item);
  const hits = items.length === 1 ? 'One hit' : `${items.length} hits`;
  return item.stored.chorus > 0 ? `${hits}, chorus ${item.stored.chorus + 1}` : hits;
}

function nameOf(item: Exclude<Unfit, { readonly kind: 'hit' }>): string {
  switch (item.kind) {
    case 'lock':
      return prettyText(`Lock on ${item.stored.symbol}, ${item.instrument}`);
    case 'split':
      return prettyText(`Split of ${item.stored.symbol}`);
    case 'pool':
      return prettyText(`${item.stored.scale} opened over ${item.stored.symbol}`);
    case 'scale':
      return prettyText(`${item.stored.scale} kept for ${item.stored.symbol}`);
    case 'top note':
      return prettyText(`${prettyPitch(item.stored.midi)} on top of ${item.stored.symbol}`);
    case 'line shape':
      return SHAPES[item.stored.shape] ?? 'Top line';
    case 'movement': {
      const known = devices.find(({ id }) => id === item.stored.device);
      const name = known ? deviceOf(known.id).label : `Movement “${item.stored.device}”`;
      return prettyText(`${name}, at ${item.stored.symbol}`);
    }
    case 'section plan':
      return `Plan of a section, chorus ${item.chorus + 1}`;
  }
}

/** Notes of a solo line: "12 notes of “Mine”". */
export const lostNotesName = (notes: number, name: string): string =>
  `${notes === 1 ? 'One note' : `${notes} notes`} of “${name}”`;

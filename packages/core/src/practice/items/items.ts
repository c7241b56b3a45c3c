/**
 * What is practised and comes back: a layer of a section of a tune, or a form (a family of voicings over one quality, on one
 * string set or in one hand, in one inversion) in a group of keys. An item is named by what it is, so that two devices
 * that begin the same one mean the same.
 */
import type { FamilyId, Inversion } from '../../voicing/base/types';
import { FAMILY_IDS } from '../../voicing/base/types';
import { fail, ok, type Result } from '../../base/result';

export const LAYERS = [
  'numbers',
  'roots',
  'arpeggios',
  'guide tones',
  'shells',
  'voicings',
  'comp',
  'memory',
] as const;
/** Each is earned before the next; the last is the chart by heart. */
export type LayerId = (typeof LAYERS)[number];

export const QUALITIES = ['maj7', '7', 'm7', 'm7b5', 'dim7', '6', 'm6', 'mMaj7'] as const;
export type Quality = (typeof QUALITIES)[number];

/** The twelve keys by fourths, three at a time. */
export const KEY_GROUPS = ['C F Bb', 'Eb Ab Db', 'Gb B E', 'A D G'] as const;
export type KeyGroup = (typeof KEY_GROUPS)[number];

export interface LayerItem {
  readonly kind: 'layer';
  readonly layer: LayerId;
  readonly tuneId: string;
  /** The identity of a section; the whole tune when left out. */
  readonly section?: string;
}

export interface FormItem {
  readonly kind: 'form';
  readonly family: FamilyId;
  readonly quality: Quality;
  /** A string set, as `5432`, or the hands it lies in, as `left` or `left right`. */
  readonly where: string;
  readonly inversion: Inversion;
  readonly keys: KeyGroup;
}

export type PracticeItem = LayerItem | FormItem;

const APART = ' / ';

/**
 * The name of an item.
 * @example itemKey({ kind: 'layer', layer: 'roots', tuneId: 't1' }) // 'layer / roots / t1'
 */
export function itemKey(item: PracticeItem): string {
  const parts =
    item.kind === 'layer'
      ? [item.layer, item.tuneId, ...(item.section === undefined ? [] : [item.section])]
      : [item.family, item.quality, item.where, item.inversion, item.keys];
  return [item.kind, ...parts].join(APART);
}

/** The item that a name means; fails with what of it is wrong. */
export function itemOf(key: string): Result<PracticeItem, string> {
  const [kind, ...parts] = key.split(APART);
  if (kind === 'layer') return layerOf(parts);
  if (kind === 'form') return formOf(parts);
  return fail(`An item is a layer or a form; "${kind ?? ''}" is neither.`);
}

function layerOf([layer, tuneId, section, ...rest]: readonly string[]): Result<LayerItem, string> {
  const known = LAYERS.find((each) => each === layer);
  if (!known) return fail(`"${layer ?? ''}" is no layer; there are ${LAYERS.join(', ')}.`);
  if (!tuneId || rest.length) return fail('A layer is of one tune, or of one section of it.');
  return ok({ kind: 'layer', layer: known, tuneId, ...(section !== undefined && { section }) });
}

function formOf([family, quality, where, inversion, keys, ...rest]: readonly string[]): Result<
  FormItem,
  string
> {
  const found = {
    family: FAMILY_IDS.find((each) => each === family),
    quality: QUALITIES.find((each) => each === quality),
    inversion: ([0, 1, 2, 3] as const).find((each) => String(each) === inversion),
    keys: KEY_GROUPS.find((each) => each === keys),
  };
  const { family: f, quality: q, inversion: i, keys: k } = found;
  if (!f) return fail(`"${family ?? ''}" is no family of voicings.`);
  if (!q) return fail(`"${quality ?? ''}" is no quality; there are ${QUALITIES.join(', ')}.`);
  if (!where || !WHERE.test(where)) {
    return fail(`"${where ?? ''}" is neither a string set, as 5432, nor hands.`);
  }
  if (i === undefined) return fail(`"${inversion ?? ''}" is no inversion; there are 0 to 3.`);
  if (!k || rest.length) return fail(`"${keys ?? ''}" is no group of keys.`);
  return ok({ kind: 'form', family: f, quality: q, where, inversion: i, keys: k });
}

const WHERE = /^(?:[1-8]{2,6}|left|right|left right)$/;

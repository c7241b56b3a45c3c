import {
  compSheet,
  instrumentOf,
  isLineLayer,
  LAYER_RANGES,
  layerLine,
  leadSheet,
  lineSheet,
  movedByOctaves,
  octaveOffered,
  outOfRange,
  rhythmSheet,
  soloSheet,
  voicingsSheet,
  type Chart,
  type Chorus,
  type Composition,
  type ConnectOutcome,
  type ConnectSettings,
  type Score,
  type SheetTune,
} from '@drop-close/core';
import type { Sheet, SheetRequest } from './protocol';

interface SheetSource {
  readonly chart: Chart;
  readonly chorus: Chorus;
  readonly settings: ConnectSettings;
  readonly outcome: ConnectOutcome;
}

/** A document of a tune as it is voiced; nothing where it has none of its kind. */
export function sheetOf(source: SheetSource, request: SheetRequest): Sheet | undefined {
  const score = scoreOf(source, request);
  return score && fitted(score, request);
}

/** The lead sheet of a chart. */
export const leadSheetOf = (chart: Chart, request: SheetRequest): Sheet =>
  fitted(leadSheet({ ...request, chart }, request.reader), request);

function scoreOf(
  { chart, chorus, settings, outcome }: SheetSource,
  { kind, reader, solo, ...head }: SheetRequest,
): Score | undefined {
  const tune: SheetTune = { ...head, chart };
  const { timeline } = chorus;
  if (kind === 'lead sheet') return leadSheet(tune, reader);
  if (kind === 'solo line') return solo && soloSheet(tune, solo, reader);
  if (kind === 'voicings') {
    if (outcome.status !== 'found') return undefined;
    const chords = { name: 'Voicings', instrument: settings.instrument, timeline };
    return voicingsSheet(tune, { ...chords, path: outcome.path });
  }
  if (kind === 'comp' || kind === 'comp rhythm' || !isLineLayer(kind)) return undefined;
  const id = settings.instrument.kind;
  const line = layerLine(kind, timeline, { range: LAYER_RANGES[id][kind], pace: 'eighths' });
  return lineSheet(tune, kind, line, reader);
}

/** The comp part of all choruses. */
export function compSheetOf(
  { composed, question }: Composition,
  head: SheetRequest,
): Sheet | undefined {
  const { choruses, voiced, sounding } = composed;
  if (voiced.status !== 'found') return undefined;
  const { setup, instruments } = question;
  if (head.kind === 'comp rhythm') {
    const { timeline } = choruses;
    return fitted(rhythmSheet(head, { name: 'Comp', timeline }, sounding), head);
  }
  const chords = {
    ...{ name: 'Comp', instrument: instrumentOf(setup, instruments) },
    ...{ timeline: choruses.timeline, path: voiced.path },
  };
  return { score: compSheet(head, chords, sounding), outside: [], octave: 0 };
}

/** Moved by the octaves asked for; what lies outside its reader's range is told. */
function fitted(score: Score, { reader, octaves }: SheetRequest): Sheet {
  const [part] = score.parts;
  const moved = part && movedByOctaves(part, octaves);
  if (!moved) return { score, outside: [], octave: 0 };
  return {
    score: { ...score, parts: [moved] },
    outside: outOfRange(moved, reader),
    octave: octaveOffered(moved, reader),
  };
}

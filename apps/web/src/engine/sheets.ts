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
  scaleSheet,
  soloSheet,
  voicingsSheet,
  withNumbers,
  type Arrangement,
  type Chart,
  type Chorus,
  type Composition,
  type ConnectOutcome,
  type ConnectSettings,
  type Score,
  type SheetTune,
} from '@drop-close/core';
import { isCompedKind, type Sheet, type SheetRequest, type VoicedKind } from './protocol';

interface SheetSource {
  readonly chart: Chart;
  readonly chorus: Chorus;
  readonly setup: Arrangement;
  readonly settings: ConnectSettings;
  readonly outcome: ConnectOutcome;
}

/** A document of a tune as it is voiced; nothing where it has none of its kind. */
export function sheetOf(source: SheetSource, request: SheetRequest): Sheet | undefined {
  const { kind } = request;
  const score = isCompedKind(kind) ? undefined : scoreOf(source, { ...request, kind });
  if (!score) return undefined;
  return fitted(request.numbers ? numbered(score, source.chart, request) : score, request);
}

function scoreOf(
  { chart, chorus, setup, settings, outcome }: SheetSource,
  { kind, reader, solo, school, ...head }: SheetRequest & { readonly kind: VoicedKind },
): Score | undefined {
  const tune: SheetTune = { ...head, chart };
  const { timeline } = chorus;
  if (kind === 'lead sheet') return leadSheet(tune, reader);
  if (kind === 'melody') return solo && soloSheet(tune, solo, reader, false);
  if (kind === 'solo line') return solo && soloSheet(tune, solo, reader);
  if (kind === 'scales') return scaleSheet(tune, { kept: setup.scales, school }, reader);
  if (kind === 'voicings') {
    if (outcome.status !== 'found') return undefined;
    const chords = { name: 'Voicings', instrument: settings.instrument, timeline };
    return voicingsSheet(tune, { ...chords, path: outcome.path });
  }
  if (!isLineLayer(kind)) return undefined;
  const id = settings.instrument.kind;
  const line = layerLine(kind, timeline, { range: LAYER_RANGES[id][kind], pace: 'eighths' });
  return lineSheet(tune, kind, line, reader);
}

/** Every chord with its number; a page of scales has its own. */
function numbered(score: Score, chart: Chart, { kind, key }: SheetRequest): Score {
  if (kind === 'scales') return score;
  const inKey = { ...chart, header: { ...chart.header, key } };
  return withNumbers(score, inKey, kind === 'lead sheet' ? 'written' : 'played');
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

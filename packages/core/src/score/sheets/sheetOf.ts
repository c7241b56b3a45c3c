import type { Chorus } from '../../arrangement/chorus/chorus';
import { settingsOf } from '../../arrangement/chorus/settings';
import { voiceChorus } from '../../arrangement/chorus/voiceChorus';
import { instrumentOf } from '../../arrangement/stored/defaults';
import type { Arrangement } from '../../arrangement/stored/types';
import type { Chart } from '../../chart/types';
import { compositionOf, type Composition, type CompQuestion } from '../../choruses/composition';
import type { TuneReading } from '../../choruses/tuneReader';
import type { Connector } from '../../connect/connect';
import type { ConnectOutcome, ConnectSettings } from '../../connect/base/types';
import { isLineLayer, LAYER_RANGES, layerLine } from '../../practice/layers/layer';
import {
  compSheet,
  leadSheet,
  lineSheet,
  rhythmSheet,
  voicingsSheet,
  type SheetTune,
} from '../documents';
import { movedByOctaves, octaveOffered, outOfRange } from '../inRange';
import { withNumbers } from '../numbers';
import { scaleSheet } from '../scaleSheet';
import { soloSheet } from '../soloSheet';
import type { Score } from '../types';
import { isCompedKind, type Sheet, type SheetRequest, type VoicedKind } from './types';

export interface SheetSource {
  readonly chart: Chart;
  readonly chorus: Chorus;
  readonly setup: Arrangement;
  readonly settings: ConnectSettings;
  /** Asked only by a document that shows voicings. */
  readonly voiced: () => ConnectOutcome;
}

/** A document of a tune as it is voiced; nothing where it has none of its kind. */
export function sheetOf(source: SheetSource, request: SheetRequest): Sheet | undefined {
  const { kind } = request;
  const score = isCompedKind(kind) ? undefined : scoreOf(source, { ...request, kind });
  if (!score) return undefined;
  return fitted(request.numbers ? numbered(score, source.chart, request) : score, request);
}

function scoreOf(
  { chart, chorus, setup, settings, voiced }: SheetSource,
  { kind, reader, solo, school, ...head }: SheetRequest & { readonly kind: VoicedKind },
): Score | undefined {
  const tune: SheetTune = { ...head, chart };
  const { timeline } = chorus;
  if (kind === 'lead sheet') return leadSheet(tune, reader);
  if (kind === 'melody') return solo && soloSheet(tune, solo, reader, false);
  if (kind === 'solo line') return solo && soloSheet(tune, solo, reader);
  if (kind === 'scales') return scaleSheet(tune, { kept: setup.scales, school }, reader);
  if (kind === 'voicings') {
    const outcome = voiced();
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

/** A document of a tune as it is stored: it is voiced or comped for it. Nothing where the tune has none of its kind. */
export function tuneSheet(
  question: CompQuestion,
  reading: TuneReading,
  connector: Connector,
  request: SheetRequest,
): Sheet | undefined {
  if (isCompedKind(request.kind)) {
    return compSheetOf(compositionOf(question, reading, connector), request);
  }
  const { setup, instruments } = question;
  const { chart } = reading;
  const chorus = reading.chorus(setup);
  const settings = settingsOf(setup, chorus, instruments);
  const voiced = () => voiceChorus(connector, chorus, settings, setup);
  return sheetOf({ chart, chorus, setup, settings, voiced }, request);
}

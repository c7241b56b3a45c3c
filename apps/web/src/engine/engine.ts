import {
  chorusesOf,
  browseFamily,
  choicesIn,
  cheapestMeeting,
  costByTerm,
  createConnector,
  createTuneReader,
  easierForms,
  learnTaste,
  makeEtude,
  offbeatAt,
  settingsOf,
  sheetOf,
  overChoruses,
  quarters,
  swungLine,
  tasteChoice,
  tuneSheet,
  voiceChorus,
  voicedWith,
  type Arrangement,
  type Chorus,
  type Connected,
  type ConnectOutcome,
  type ConnectSettings,
  type PitchedChord,
  packMusicXml,
  packScores,
  songOfScore,
  writeMidi,
  writeMusicXml,
  voicingsCsv,
} from '@drop-close/core';
import { createComposer } from './composer';
import { createDrills } from './drills';
import type { Engine, VoicedChorus, VoicedPath, VoiceRequest } from './protocol';

/** Swing in percent, where nobody has set it. */
const WHOLE_SWING = 100;

/** Alternatives a choice is seen beside. */
const OFFERED = 12;

/**
 * Choruses that are still answered for: while one is voiced anew, what a player does is said of the one that
 * is seen, and a burst of edits may pass a few more by.
 */
const STANDING = 4;

interface Current {
  readonly voiced: VoicedChorus;
  readonly chorus: Chorus;
  readonly settings: ConnectSettings;
  readonly setup: Arrangement;
  readonly outcome: ConnectOutcome;
}

/** The engine behind the page: holds the candidates of the last chorus, gives out what is asked. */
export function createEngine(): Engine {
  const connector = createConnector();
  const read = createTuneReader();
  const askOf = createDrills();
  let standing: readonly Current[] = [];
  const chorusOf = (id: number): Current | undefined =>
    standing.find(({ voiced }) => voiced.id === id);
  let count = 0;
  const voice = (request: VoiceRequest): Current => {
    const { setup, instruments } = request;
    const reading = read(request);
    const { chart, problems } = reading;
    const chorus = reading.chorus(setup);
    const settings = settingsOf(setup, chorus, instruments);
    const outcome = voiceChorus(connector, chorus, settings, setup);
    count += 1;
    const { timeline } = chorus;
    const answerOf = outcome.status === 'found' ? pathOf(outcome, chorus, settings) : outcome;
    const voiced = { id: count, chart, problems, timeline, outcome: answerOf };
    return { voiced, chorus, settings, setup, outcome };
  };
  const chordAt = (id: number, index: number): PitchedChord | undefined => {
    const chord = chorusOf(id)?.chorus.chords[index];
    return chord?.kind === 'chord' ? chord : undefined;
  };
  return {
    ...createComposer(read),
    read: (request) => read(request).analysis(request.school, request.writtenAbove),
    voice: (request) => {
      const current = voice(request);
      standing = [current, ...standing].slice(0, STANDING);
      return current.voiced;
    },
    compare: (requests) => requests.map((request) => voice(request).voiced),
    alternatives: (id, index, limit) => {
      const outcome = chorusOf(id)?.outcome;
      if (!outcome) return undefined;
      return outcome.status === 'found' ? outcome.alternatives(index, limit) : [];
    },
    tasteChoice: (id, index, voicing, turnedDown) => {
      const current = chorusOf(id);
      if (current?.outcome.status !== 'found') return undefined;
      const { chorus, settings, outcome } = current;
      const choice = { chords: chorus.chords, path: outcome.path, at: index, settings };
      if (turnedDown.length) return tasteChoice(choice, voicing, turnedDown);
      const offered = outcome.alternatives(index, OFFERED).map((each) => each.voicing);
      return tasteChoice(choice, voicing, [outcome.path[index]!, ...offered]);
    },
    learnTaste: (taste) => learnTaste(choicesIn(taste)),
    preview: (id, index, voicing) => {
      const current = chorusOf(id);
      if (!current) return undefined;
      const { chorus, settings, setup } = current;
      const outcome = voicedWith(connector, chorus, settings, setup, index, voicing);
      return outcome.status === 'found' ? pathOf(outcome, chorus, settings) : undefined;
    },
    meet: (id, at) => {
      const current = chorusOf(id);
      if (current?.outcome.status !== 'found') return undefined;
      const { chorus, settings, setup: arrangement, outcome } = current;
      const found = cheapestMeeting(connector, { chorus, settings, arrangement, outcome }, at);
      return found ? { found } : {};
    },
    rankedPaths: (id, limit) => {
      const outcome = chorusOf(id)?.outcome;
      if (!outcome) return undefined;
      return outcome.status === 'found' ? outcome.rankedPaths(limit) : [];
    },
    easier: (id, index, voicing) => {
      const chord = chordAt(id, index);
      return chord && easierForms(chord, voicing, chorusOf(id)!.settings);
    },
    browse: (id, index, family) => {
      const chord = chordAt(id, index);
      return chord && browseFamily(chord, family, chorusOf(id)!.settings);
    },
    etude: (request, instruments) => {
      const made = makeEtude(request, instruments);
      return made.ok ? { etude: made.value } : { problem: made.problem.message };
    },
    ask: (id, request, count) => {
      const current = chorusOf(id);
      return current && askOf(current, request, count);
    },
    sheet: (id, request) => {
      const current = chorusOf(id);
      if (!current) return undefined;
      const { voiced, outcome } = current;
      return sheetOf({ ...current, chart: voiced.chart, voiced: () => outcome }, request);
    },
    voicingsTable: (id) => {
      const current = chorusOf(id);
      if (current?.outcome.status !== 'found') return undefined;
      return voicingsCsv(current.chorus.timeline, current.outcome);
    },
    tuneSheet: (question, request) => tuneSheet(question, read(question), connector, request),
    scoreMidi: (score, sound) => {
      const song = songOfScore(score, sound);
      return song && writeMidi(song);
    },
    packedScores: packScores,
    musicXml: writeMusicXml,
    packedXml: (score) => packMusicXml(writeMusicXml(score)),
    plan: (id, question) => {
      const current = chorusOf(id);
      if (!current) return undefined;
      const { outcome, voiced } = current;
      const own = outcome.status === 'found' ? outcome.path : [];
      const { timeline } = voiced;
      const { solo, path = own, ...how } = question;
      const offbeat = offbeatAt(how.feel, how.tempo, WHOLE_SWING);
      // A line of two choruses is heard whole, but where only some bars are asked for.
      const times = solo && how.fromBar === undefined ? chorusesOf(solo.notes, timeline.length) : 1;
      const all = { ...timeline, length: quarters(timeline.length * times) };
      const line = solo ? swungLine(solo, timeline, all, offbeat) : [];
      return overChoruses({ ...how, timeline, path, line, click: true }, times);
    },
  };
}

/** An outcome without its functions, which cannot cross to the page, and with what it costs by term. */
function pathOf(outcome: Connected, { chords }: Chorus, settings: ConnectSettings): VoicedPath {
  const { status, path, total, motion, changes, lent, narrowed } = outcome;
  const terms = costByTerm(chords, path, changes, settings);
  return { status, path, total, motion, changes, lent, narrowed, terms };
}

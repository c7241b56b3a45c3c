import {
  analyzeChart,
  bandPlan,
  browseFamily,
  chordsInContext,
  connect,
  easierForms,
  parseChart,
  parseMeter,
  settingsOf,
  timeline,
  transposeChart,
  type Chart,
  type Chord,
  type ConnectOutcome,
  type ConnectSettings,
} from '@drop-close/core';
import type { Engine, VoicedChorus } from './protocol';

interface Current {
  readonly voiced: VoicedChorus;
  readonly chords: readonly Chord[];
  readonly settings: ConnectSettings;
  readonly outcome: ConnectOutcome;
}

/** The engine behind the page: holds the candidates of the last chorus, gives out what is asked. */
export function createEngine(): Engine {
  let current: Current | undefined;
  let count = 0;
  return {
    read: ({ text, meter, key, writtenAbove, school }) => {
      const { chart } = parseChart(text, parseMeter(meter));
      return analyzeChart(transposeChart(keyed(chart, key), writtenAbove), { school });
    },
    voice: ({ text, meter, key, setup, instruments }) => {
      const { chart, problems } = parseChart(text, parseMeter(meter));
      const time = timeline(chart);
      const chords = chordsInContext(keyed(chart, key), time);
      const settings = settingsOf(setup, chords, instruments);
      const outcome = connect(chords, settings);
      count += 1;
      const voiced = { id: count, chart, problems, timeline: time, outcome: plain(outcome) };
      current = { voiced, chords, settings, outcome };
      return voiced;
    },
    alternatives: (id, index, limit) => {
      if (current?.voiced.id !== id) return undefined;
      const { chords, settings, outcome } = current;
      const free = settings.locks[index] ? connect(chords, without(settings, index)) : outcome;
      return free.status === 'found' ? free.alternatives(index, limit) : [];
    },
    easier: (id, index, voicing) => {
      const chord = current?.voiced.id === id ? current.chords[index] : undefined;
      return chord?.kind === 'chord' ? easierForms(chord, voicing, current!.settings) : undefined;
    },
    browse: (id, index, family) => {
      const chord = current?.voiced.id === id ? current.chords[index] : undefined;
      return chord?.kind === 'chord' ? browseFamily(chord, family, current!.settings) : undefined;
    },
    plan: (id, question) => {
      if (current?.voiced.id !== id) return undefined;
      const { outcome, voiced } = current;
      const path = outcome.status === 'found' ? outcome.path : [];
      return bandPlan({ ...question, timeline: voiced.timeline, path });
    },
  };
}

/** Changes that name no key are in the tune's own. */
const keyed = (chart: Chart, key: string): Chart => ({
  ...chart,
  header: { key, ...chart.header },
});

/** A locked chord is compared with all its candidates; the other locks stay. */
function without(settings: ConnectSettings, index: number): ConnectSettings {
  const locks = Object.entries(settings.locks).filter(([at]) => Number(at) !== index);
  return { ...settings, locks: Object.fromEntries(locks) };
}

/** An outcome without its function, which cannot cross to the page. */
function plain(outcome: ConnectOutcome): VoicedChorus['outcome'] {
  if (outcome.status !== 'found') return outcome;
  const { status, path, total, motion, changes, lent, narrowed } = outcome;
  return { status, path, total, motion, changes, lent, narrowed };
}

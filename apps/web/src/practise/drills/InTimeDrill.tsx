import {
  measurePhrases,
  passInWords,
  type LayerId,
  type Phrase,
  type Timeline,
} from '@drop-close/core';
import { Button, Select } from 'antd';
import { useEffect, useRef } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { tinykeys } from 'tinykeys';
import type { VoicedChorus } from '../../engine/protocol';
import { usePlayer } from '../../playback/usePlayer';
import { stop } from '../../playback/player';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { isTaken } from '../../ui/isTaken';
import { EarTool } from '../listening/EarTool';
import { useEar } from '../listening/earStore';
import type { LayerContent } from '../layer/useLayer';
import { Score } from './Score';
import { usePhrase, type PhraseDrill } from './usePhrase';
import { useNotation } from '../../profile/useNotation';
import type { Notation } from '../../ui/notation';

const LAYERS: readonly LayerId[] = ['roots', 'arpeggios', 'guide tones', 'shells', 'voicings'];

/** A few bars of a layer, played in time with the band from the symbols alone. */
export function InTimeDrill({ chorus }: { chorus: VoicedChorus }) {
  const [parameters, setParameters] = useSearchParams();
  const layer = LAYERS.find((each) => each === parameters.get('layer')) ?? LAYERS[0]!;
  return (
    <>
      <Select<LayerId>
        aria-label="Which layer"
        value={layer}
        popupMatchSelectWidth={false}
        options={LAYERS.map((value) => ({ value, label: `The ${value}` }))}
        onChange={(chosen) => {
          setParameters({ do: 'drills', drill: 'in time', layer: chosen }, { replace: true });
        }}
      />
      <PhraseRun key={layer} chorus={chorus} layer={layer} />
    </>
  );
}

function PhraseRun({ chorus, layer }: { chorus: VoicedChorus; layer: LayerId }) {
  const { note: nameOf } = useNotation();
  const { id: tuneId = '' } = useParams();
  const drill = usePhrase(chorus, tuneId, layer);
  const playing = usePlayer((state) => state.playing !== undefined);
  const listens = useEar((state) => state.from !== undefined);
  usePhraseKeys(drill);
  const { phrase, content, tempo, verdict, judged, answers } = drill;
  if (!phrase) return <p className="quiet">There are no bars to play.</p>;
  const bars = barsInWords(phrase);
  return (
    <section className="drill-question" aria-label="Question">
      <h2 className="drill-words">
        Play the {layer} of {bars} in time, at {tempo}.
      </h2>
      <p className="drill-row phrase-symbols">
        {barsOf(chorus.timeline, phrase).map(({ number, events }) => (
          <span key={number} className="phrase-bar">
            {events.map(({ beat, chord }) => (
              <ChordSymbol key={beat} symbol={chord.symbol} />
            ))}
          </span>
        ))}
      </p>
      <span className="drill-row">
        <Button
          type="primary"
          size="large"
          title="Space"
          onClick={() => {
            if (playing) stop();
            else drill.begin(false);
          }}
        >
          {playing ? 'Stop' : 'Count me in'}
        </Button>
        <EarTool part={drill.part} />
      </span>
      {!listens && !verdict && (
        <span className="drill-row" role="group" aria-label="How was it?">
          <Button
            title="Y"
            onClick={() => {
              drill.say(true);
            }}
          >
            I played it clean
          </Button>
          <Button
            title="M"
            onClick={() => {
              drill.say(false);
            }}
          >
            Not clean
          </Button>
        </span>
      )}
      <div role="status" className="drill-verdict">
        {verdict && (
          <p>
            <b>{verdict.right === 1 ? 'Right' : `${Math.round(verdict.right * 100)}% right`}</b>
            {judged && `: ${passInWords(judged)}`}.{' '}
            {answerOf(content, phrase, chorus.timeline, nameOf)}
          </p>
        )}
      </div>
      {verdict && (
        <span className="drill-row">
          <Button
            onClick={() => {
              drill.begin(true);
            }}
          >
            Hear it
          </Button>
          <Button type="primary" size="large" autoFocus title="Enter" onClick={drill.next}>
            Next question
          </Button>
        </span>
      )}
      <Score
        item={{ kind: 'layer', layer, tuneId }}
        about={`the ${layer}`}
        answers={answers}
        measure={measurePhrases}
      />
    </section>
  );
}

/** Y and M say how it was. */
function usePhraseKeys(drill: PhraseDrill): void {
  const latest = useRef(drill);
  useEffect(() => {
    latest.current = drill;
  });
  useEffect(() => {
    const say = (right: boolean) => (event: KeyboardEvent) => {
      if (!isTaken(event)) latest.current.say(right);
    };
    return tinykeys(window, { y: say(true), m: say(false) });
  }, []);
}

const barsInWords = ({ fromBar, toBar }: Phrase): string =>
  fromBar === toBar ? `bar ${fromBar}` : `bars ${fromBar} to ${toBar}`;

const barsOf = ({ events }: Timeline, { fromBar, toBar }: Phrase) =>
  Array.from({ length: toBar - fromBar + 1 }, (_, at) => ({
    number: fromBar + at,
    events: events.filter(({ bar, part }) => bar === fromBar + at && !part),
  }));

/** The right notes in one sentence. */
function answerOf(
  content: LayerContent | undefined,
  { fromBar, toBar }: Phrase,
  { events }: Timeline,
  nameOf: Notation['note'],
): string {
  const isIn = (event: number): boolean => {
    const bar = events[event]?.bar ?? 0;
    return bar >= fromBar && bar <= toBar;
  };
  const { line = [], path = [] } = content ?? {};
  const notes = line.length
    ? line.filter(({ event }) => isIn(event)).map(({ note }) => nameOf(note))
    : path
        .filter((_, event) => isIn(event))
        .map((voicing) => voicing.notes.map(({ note }) => nameOf(note)).join(' '));
  return `It goes ${notes.join(', ')}.`;
}

import { LINE_SHAPES, type ChartEvent, type LineShape, type Voicing } from '@drop-close/core';
import { Button, InputNumber, Select, Switch } from 'antd';
import { useState } from 'react';
import { useDocument, useTune } from '../../document/store';
import type { VoicedChorus } from '../../engine/protocol';
import { MidiChooser } from '../entry/MidiChooser';
import { toggleDesk, useVoiceDesk } from '../desk/useVoiceDesk';
import { asVoiced } from './chordTones';
import { againstInWords } from './againstShape';
import { LineStaff } from './LineStaff';
import { useLineActions } from './useLineActions';
import { useNotation } from '../../profile/useNotation';
import type { Notation } from '../../ui/notation';
import './line.css';

interface LinePanelProps {
  readonly chorus: VoicedChorus;
  readonly index: number;
  readonly event: ChartEvent;
  readonly voicing: Voicing;
}

/** The line in the player's head: a note for this chord, a shape for some bars, common tones kept. */
export function LinePanel({ chorus, index, event, voicing }: LinePanelProps) {
  const { pitch: nameOf } = useNotation();
  const { setup } = useTune();
  const { line } = setup;
  const { want } = useLineActions();
  const { drawing } = useVoiceDesk();
  const wanted = line.notes.find(({ at, symbol }) => at === index && symbol === event.chord.symbol);
  const top = voicing.notes.at(-1)?.midi;
  return (
    <div className="line-panel">
      <LineStaff
        chord={asVoiced(event.chord, index, setup)}
        wanted={wanted?.midi}
        has={top}
        onWant={(midi) => {
          want(index, midi === wanted?.midi ? undefined : midi);
        }}
      />
      <p role="status">{wantedInWords(wanted?.midi, top, nameOf)}</p>
      <div>
        <Button
          aria-pressed={drawing}
          type={drawing ? 'primary' : 'default'}
          title="Then click in the threads (D)"
          onClick={() => {
            toggleDesk('drawing');
          }}
        >
          Draw in the threads
        </Button>
        {wanted && (
          <Button
            onClick={() => {
              want(index, undefined);
            }}
          >
            Any note
          </Button>
        )}
      </div>
      <MidiChooser
        onHandful={(pitches) => {
          const played = pitches.at(-1);
          if (played !== undefined) want(index, played);
        }}
      />
      <Spans chorus={chorus} event={event} />
      <label className="setup-round">
        <Switch
          size="small"
          checked={line.keepTop}
          onChange={(keepTop) => {
            useDocument
              .getState()
              .dispatch({ type: 'set up', change: { line: { ...line, keepTop } } });
          }}
        />
        Keep a common tone on top
      </label>
    </div>
  );
}

function wantedInWords(
  wanted: number | undefined,
  top: number | undefined,
  nameOf: Notation['pitch'],
): string {
  if (wanted === undefined)
    return `${top === undefined ? 'Nothing' : nameOf(top)} is on top; no note is asked for.`;
  if (wanted === top) return `${nameOf(wanted)} is on top, as you wanted.`;
  const nearest = top === undefined ? '' : ` The nearest that will do is ${nameOf(top)}.`;
  return `No voicing of these families has ${nameOf(wanted)} on top here.${nearest}`;
}

const SHAPE_WORDS: Readonly<Record<LineShape, string>> = {
  hold: 'holds',
  rise: 'rises',
  fall: 'falls',
  arch: 'rises and falls',
  answer: 'answers the bars before',
};
const SHAPE_OPTIONS = LINE_SHAPES.map((value) => ({ value, label: SHAPE_WORDS[value] }));
const A_PHRASE = 4;

/** Stretches of the top line with a shape, by their bars. */
function Spans({ chorus, event }: { chorus: VoicedChorus; event: ChartEvent }) {
  const path = chorus.outcome.status === 'found' ? chorus.outcome.path : [];
  const { events, bars } = chorus.timeline;
  const { spans } = useTune().setup.line;
  const lastBar = bars.at(-1)?.number ?? 1;
  const [from, setFrom] = useState<number>();
  const [to, setTo] = useState<number>();
  const [shape, setShape] = useState<LineShape>('rise');
  const begin = from ?? Math.max(1, event.bar);
  const end = Math.min(lastBar, to ?? begin + A_PHRASE - 1);
  const first = events.findIndex(({ bar }) => bar >= begin);
  const last = events.findLastIndex(({ bar }) => bar <= end);
  const set = (span: { from: number; to: number; shape: LineShape | undefined }): void => {
    useDocument.getState().dispatch({ type: 'shape line', ...span });
  };
  return (
    <>
      <div role="group" aria-label="A shape for the top line">
        bars
        <InputNumber
          aria-label="From bar"
          min={1}
          max={lastBar}
          value={begin}
          controls={false}
          style={{ width: '3rem' }}
          onChange={(bar) => {
            setFrom(bar ?? undefined);
          }}
        />
        to
        <InputNumber
          aria-label="To bar"
          min={begin}
          max={lastBar}
          value={end}
          controls={false}
          style={{ width: '3rem' }}
          onChange={(bar) => {
            setTo(bar ?? undefined);
          }}
        />
        <Select
          aria-label="Shape"
          value={shape}
          options={SHAPE_OPTIONS}
          onChange={setShape}
          style={{ width: '9.5rem' }}
        />
        <Button
          disabled={last <= first}
          onClick={() => {
            set({ from: first, to: last, shape });
          }}
        >
          Shape it
        </Button>
      </div>
      {spans.length > 0 && (
        <ul className="line-spans" aria-label="Shapes of the top line">
          {spans.map((span) => (
            <li key={span.from}>
              Bars {events[span.from]?.bar} to {events[span.to]?.bar}: the top{' '}
              {SHAPE_WORDS[span.shape]}
              {againstInWords(span, path, events)}
              <Button
                size="small"
                type="text"
                aria-label={`Leave bars ${events[span.from]?.bar} to ${events[span.to]?.bar} free`}
                onClick={() => {
                  set({ ...span, shape: undefined });
                }}
              >
                Free
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

import {
  coverChart,
  gradeOf,
  nextRung,
  sameChord,
  type ChartEvent,
  type Rung,
  type Timeline,
} from '@drop-close/core';
import { Button } from 'antd';
import { useMemo, useState, type SyntheticEvent } from 'react';
import { useAnalysis } from '../../engine/useChorus';
import { ChordSymbol } from '../../profile/ChordSymbol';
import { MidiChooser } from '../../voice/entry/MidiChooser';
import { prettyNumber } from '../../ui/notation';
import { GRADE_WORDS } from '../base/grades';
import { useNoting } from '../items/useNoting';
import { CoveredSlot } from './CoveredSlot';
import { ladderRows } from './ladderRows';
import { useRecall } from './useRecall';

interface LadderRoundProps {
  readonly timeline: Timeline;
  readonly rung: Rung;
  readonly seed: number;
  readonly missed: readonly string[];
  readonly tuneId: string;
  readonly onGoOn: () => void;
}

/** One time through the chart: write, click or play what is covered, look, and go on. */
export function LadderRound(props: LadderRoundProps) {
  const { timeline, rung, seed, missed, tuneId, onGoOn } = props;
  const analysis = useAnalysis();
  const noting = useNoting();
  const [begun] = useState(() => Date.now());
  const [isOver, setOver] = useState(false);
  const covered = useMemo(
    () => coverChart(timeline, rung, { seed, missed }),
    [timeline, rung, seed, missed],
  );
  const rows = useMemo(() => ladderRows(timeline), [timeline]);
  const numeralAt = new Map(
    analysis?.chords.map(({ bar, beat, numeral }) => [`${bar} ${beat}`, numeral]),
  );
  const asked = rows
    .flatMap(({ bars }) => bars.flatMap(({ events }) => events))
    .filter(({ place }) => covered.slots.get(place.slot) !== 'symbol');
  const { written, write, choose, play, take, field } = useRecall(asked);
  const isRight = ({ place, chord }: ChartEvent): boolean =>
    sameChord(written.get(place.slot) ?? '', chord.symbol);
  const wrong = asked.filter((event) => !isRight(event));
  const recalled = asked.length - wrong.length;
  const palette = [...new Set(asked.map(({ chord }) => chord.symbol))].sort();
  const look = (event: SyntheticEvent): void => {
    event.preventDefault();
    setOver(true);
    const grade = gradeOf({ right: asked.length ? recalled / asked.length : 1 });
    const seconds = (Date.now() - begun) / 1000;
    const item = { kind: 'layer', layer: 'memory', tuneId } as const;
    const after = {
      rung: nextRung(rung, recalled, asked.length),
      missed: wrong.map(({ place }) => place.slot),
    };
    void noting.practised({ item, grade, seconds, recalled: after });
  };
  return (
    <form ref={field} onSubmit={look}>
      {rows.map((row, at) => (
        <section key={at} className="ladder-row">
          {covered.form && row.section && <h2>{row.section}</h2>}
          <div className={covered.form ? 'ladder-bars' : 'ladder-bars ladder-formless'}>
            {row.bars.map(({ number, events }) => (
              <span key={number} className="ladder-bar">
                {covered.form && <small className="quiet">{number}</small>}
                {events.map((event) => {
                  const { slot } = event.place;
                  const seen = covered.slots.get(slot) ?? 'symbol';
                  if (seen === 'symbol')
                    return <ChordSymbol key={slot} symbol={event.chord.symbol} />;
                  return (
                    <CoveredSlot
                      key={slot}
                      slot={slot}
                      event={event}
                      numeral={
                        seen === 'number'
                          ? prettyNumber(numeralAt.get(`${event.bar} ${event.beat}`) ?? '')
                          : undefined
                      }
                      text={written.get(slot) ?? ''}
                      isOver={isOver}
                      isRight={isRight(event)}
                      onWrite={write}
                      onFocus={take}
                    />
                  );
                })}
              </span>
            ))}
          </div>
        </section>
      ))}
      {!isOver && rung !== 'blank' && (
        <div
          className="ladder-palette"
          role="group"
          aria-label="Chords of this tune, to be clicked"
        >
          {palette.map((symbol) => (
            <Button
              key={symbol}
              onClick={() => {
                choose(symbol);
              }}
            >
              <ChordSymbol symbol={symbol} />
            </Button>
          ))}
        </div>
      )}
      {!isOver && (
        <p className="ladder-play">
          <MidiChooser onHandful={play} />
        </p>
      )}
      <div className="ladder-foot" role="status">
        {isOver && (
          <span>
            <b>
              {recalled} of {asked.length} recalled
            </b>
            , noted as{' '}
            {GRADE_WORDS[gradeOf({ right: recalled / Math.max(1, asked.length) })].toLowerCase()}.{' '}
            {wrong.length > 0 && 'What was missed is covered first the next time.'}
          </span>
        )}
        {isOver ? (
          <Button type="primary" autoFocus onClick={onGoOn}>
            Once more{nextRung(rung, recalled, asked.length) === rung ? '' : ', on the next rung'}
          </Button>
        ) : (
          <Button type="primary" htmlType="submit">
            Uncover and compare
          </Button>
        )}
      </div>
    </form>
  );
}

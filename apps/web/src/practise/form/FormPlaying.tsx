import type { EtudeRequest, FormItem, Voicing } from '@drop-close/core';
import { Button, InputNumber } from 'antd';
import { useEffect, useRef } from 'react';
import { METER, roundPlan } from '../../etude/etudePlan';
import { play, stop, whilePlaying } from '../../playback/player';
import { usePlayer } from '../../playback/usePlayer';
import { partLeftOut } from '../listening/earStore';
import { PassButtons } from '../pass/PassButtons';
import { setTempoPlayed } from '../items/tempoPlayed';
import { useBeginAtOnce } from '../base/useBeginAtOnce';
import { GOAL, useFormTempo } from './useForm';

interface FormPlayingProps {
  readonly item: FormItem;
  readonly request: EtudeRequest;
  readonly path: readonly Voicing[];
}

/** Round and round, slow to fast. */
export function FormPlaying({ item, request, path }: FormPlayingProps) {
  const tempo = useFormTempo(item);
  const playing = usePlayer((state) => state.playing !== undefined);
  const failure = usePlayer((state) => state.failure);
  useEffect(() => stop, []);
  const start = (): void => {
    setTempoPlayed(item, tempo);
    const plan = roundPlan({ path, line: [] });
    const how = { meter: METER, feel: 'straight' as const, instrument: request.instrument };
    void play({ what: 'layer', plan, tempo, ...how, silent: partLeftOut('comp') });
  };
  const toggle = useRef(start);
  useEffect(() => {
    toggle.current = playing ? stop : start;
  });
  useBeginAtOnce(true, start);
  const setTempo = (next: number): void => {
    setTempoPlayed(item, next);
    whilePlaying.tempo(next);
  };
  return (
    <>
      <p className="form-row">
        <Button type="primary" size="large" title="Space" onClick={playing ? stop : start}>
          {playing ? 'Stop' : 'Play'}
        </Button>
        <label>
          Tempo{' '}
          <InputNumber
            aria-label="Tempo in beats a minute"
            min={30}
            max={360}
            precision={0}
            value={tempo}
            onChange={(value) => {
              if (value) setTempo(value);
            }}
          />
        </label>
        {failure !== undefined && (
          <span className="fault" role="alert">
            {failure}
          </span>
        )}
      </p>
      <PassButtons
        item={item}
        part="comp"
        tempo={tempo}
        goal={GOAL}
        onTempo={setTempo}
        onSpace={() => {
          toggle.current();
        }}
      />
    </>
  );
}

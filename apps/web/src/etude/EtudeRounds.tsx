import { PauseOutlined, SoundOutlined } from '@ant-design/icons';
import { whereInWords, type Etude, type Round } from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { CareNote } from '../care/CareNote';
import { play, stop } from '../playback/player';
import { usePlayer } from '../playback/usePlayer';
import { etudeLength, METER, roundPlan } from './etudePlan';

/** What the étude will be: each round seen and heard before it is made. */
export function EtudeRounds({ etude, tempo }: { etude: Etude; tempo: number }) {
  const { rounds, title, more } = etude;
  const [heard, setHeard] = useState<number>();
  const playing = usePlayer((player) => player.playing !== undefined);
  const sounding = playing ? heard : undefined;
  useEffect(() => stop, [etude]);
  const chords = rounds.reduce((sum, { path }) => sum + path.length, 0);
  return (
    <>
      <p>
        <b>{title}</b>: {rounds.length} rounds, {chords} chords, about {etudeLength(chords, tempo)}.
        {more > 0 &&
          ` These are the first of ${rounds.length + more}; ask for strings to have others.`}
      </p>
      <ol className="etude-rounds">
        {rounds.map((round, at) => (
          <li key={at}>
            {sounding === at ? (
              <Button
                type="text"
                size="small"
                icon={<PauseOutlined aria-hidden />}
                aria-label={`Stop round ${at + 1}`}
                onClick={stop}
              />
            ) : (
              <Button
                type="text"
                size="small"
                icon={<SoundOutlined aria-hidden />}
                aria-label={`Hear round ${at + 1}`}
                onClick={() => {
                  setHeard(at);
                  void hear(etude, round, tempo);
                }}
              />
            )}
            {whereInWords(round)} <span className="quiet">{aboutRound(round)}</span>
          </li>
        ))}
      </ol>
      <CareNote about="hands" />
    </>
  );
}

/** "moves 24 half steps, from where the last one ended" */
function aboutRound({ motion, joined, meets }: Round): string {
  const parts = [`moves ${motion} half steps`];
  if (joined) parts.push('from where the last one ended');
  if (meets) parts.push('meets another round');
  return parts.join(', ');
}

const hear = ({ setup }: Etude, round: Round, tempo: number): Promise<void> =>
  play({
    what: 'voice',
    plan: roundPlan(round),
    tempo,
    meter: METER,
    instrument: setup.instrument,
  });

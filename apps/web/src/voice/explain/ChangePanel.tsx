import {
  playingOf,
  prettyDegree,
  resolutionsOf,
  shiftsOf,
  walkingLines,
  type Change,
  type Resolution,
  type Voicing,
  type WalkingLine,
} from '@drop-close/core';
import { Button } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { engine } from '../../engine/client';
import type { MeetingAnswer, VoicedChorus, VoicedPath } from '../../engine/protocol';
import { useInstrument } from '../../profile/useInstrument';
import { useNotation } from '../../profile/useNotation';
import { plainSymbol } from '../../ui/symbol';
import { changeInWords } from '../desk/describe';
import { hideGhost, showGhost } from '../threads/ghost';
import './explain.css';

interface ChangePanelProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
  readonly index: number;
}

/** The change from the chord in hand to the next, in words: voices, resolutions, lines, the hand. */
export function ChangePanel({ chorus, outcome, index }: ChangePanelProps) {
  const { note: nameOf } = useNotation();
  const instrument = useInstrument();
  const { path, changes } = outcome;
  const lines = useMemo(() => walkingLines(path, changes), [path, changes]);
  const change = changes[index];
  const [from, to] = [path[index], change && path[change.to]];
  const next = change && chorus.timeline.events[change.to];
  if (!change || !from || !to || !next) return null;
  const [shift = 0] = shiftsOf({ path, changes: [change], instrument });
  return (
    <section className="change-panel">
      <h3>To {plainSymbol(next.chord.symbol)}</h3>
      <p className="panel-change">{changeInWords(change, from, to, nameOf)}.</p>
      {change.octave !== 0 && (
        <p className="quiet">
          A phrase ends here: the hand moves an octave {change.octave > 0 ? 'up' : 'down'}.
        </p>
      )}
      <Resolutions chorus={chorus} change={change} from={from} to={to} />
      {lines
        .filter((line) => line.from <= index && line.to > index)
        .map((line) => (
          <p key={`${line.from} ${line.voices[0]}`}>{lineInWords(line, nameOf)}</p>
        ))}
      {playingOf(instrument).positionsMm.length > 0 && (
        <p className="quiet">
          {shift < 1 ? 'The hand stays.' : `The hand moves ${Math.round(shift)} mm.`}
        </p>
      )}
    </section>
  );
}

/** "An inner line falls by half steps: A G♯ G F♯ (R–7–♭7–6)." */
export function lineInWords(line: WalkingLine, nameOf: (note: string) => string): string {
  const where = { top: 'The top', inner: 'An inner line', bottom: 'The lowest voice' }[line.where];
  const way = line.falling ? 'falls' : 'rises';
  const steps = line.chromatic ? 'by half steps' : 'by step';
  const notes = line.notes.map(({ note }) => nameOf(note)).join(' ');
  const degrees = line.notes.map(({ degree }) => prettyDegree(degree)).join('–');
  return `${where} ${way} ${steps}: ${notes} (${degrees}).`;
}

interface ResolutionsProps {
  readonly chorus: VoicedChorus;
  readonly change: Change;
  readonly from: Voicing;
  readonly to: Voicing;
}

/** What is met and what is missed; a missed one says what meeting it would cost. */
function Resolutions({ chorus, change, from, to }: ResolutionsProps) {
  const { events } = chorus.timeline;
  const asked = resolutionsOf(
    change,
    [from, to],
    [events[change.from]!.chord, events[change.to]!.chord],
  );
  if (!asked.length) return null;
  return (
    <>
      <ul className="resolutions" aria-label="Resolutions">
        {asked.map((resolution) => (
          <li key={resolution.voice}>
            <span aria-hidden>{resolution.met ? '✓' : '✗'}</span> {resolutionInWords(resolution)}
          </li>
        ))}
      </ul>
      {asked.some(({ met }) => !met) && <WhyMissed chorus={chorus} at={change.from} />}
    </>
  );
}

export const resolutionInWords = ({ from, asks, met }: Resolution): string =>
  `${prettyDegree(from)} ${met ? 'goes to' : 'does not go to'} ${prettyDegree(asks)}`;

/** The reason: what meeting the resolutions of a change would cost the chorus. */
function WhyMissed({ chorus, at }: { chorus: VoicedChorus; at: number }) {
  const [answer, setAnswer] = useState<{ of: string; meeting: MeetingAnswer }>();
  const { id } = chorus;
  const of = `${id} ${at}`;
  useEffect(() => {
    void engine.meet(id, at).then((meeting) => {
      if (meeting) setAnswer({ of: `${id} ${at}`, meeting });
    });
  }, [id, at]);
  if (answer?.of !== of) return <p className="quiet">Weighing what it would cost…</p>;
  const { found } = answer.meeting;
  if (!found) return <p className="quiet">None of the two dozen nearest voicings does it.</p>;
  return (
    <p className="quiet">
      MeetingAnswer it would cost the chorus {found.extra.toFixed(1)} half steps more.{' '}
      <Button
        size="small"
        onPointerEnter={() => void showGhost(id, found.index, found.voicing)}
        onFocus={() => void showGhost(id, found.index, found.voicing)}
        onPointerLeave={hideGhost}
        onBlur={hideGhost}
      >
        Show it
      </Button>
    </p>
  );
}

import { sayNote, type PitchedChord, type SoloLine, type ToldPhrase } from '@drop-close/core';
import { SoundOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { stacked } from '../../playback/tones';
import { useBand } from '../../playback/useBand';
import { linePlan } from '../../solo/linePlan';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';
import { prettyText } from '../../ui/symbol';
import { chooseNote, type Melody } from './useMelody';
import { useNotation } from '../../profile/useNotation';

/** The note in hand in a sentence, and the phrases of the line in figures; each is heard. */
export function ToldMelody({ melody: { told, solo, note: at } }: { melody: Melody }) {
  const { reader } = usePreferences();
  const { pitch: nameOf } = useNotation();
  const band = useBand();
  const above = WRITTEN_ABOVE[reader];
  const inHand = told.notes[at];
  const chord = told.chords[told.told[at]?.chord ?? -1]?.chord;
  const lost = solo.unfit.length;
  return (
    <>
      {[...told.problems, ...(lost ? [lostInWords(lost)] : [])].map((problem) => (
        <p key={problem} className="quiet" role="status">
          {problem}
        </p>
      ))}
      {inHand && (
        <section className="melody-in-hand" aria-label="The note in hand" aria-live="polite">
          <b>{nameOf(inHand.midi)}</b> {prettyText(sayNote(told, at))}{' '}
          <Button
            type="text"
            size="small"
            icon={<SoundOutlined aria-hidden />}
            aria-label="Hear it over its chord"
            onClick={() => {
              band.hearPool(lowered(chord, above), [inHand.midi - above]);
            }}
          />
        </section>
      )}
      <ol className="melody-phrases">
        {told.phrases.map((phrase) => (
          <li key={phrase.first}>
            <Button
              type="text"
              size="small"
              icon={<SoundOutlined aria-hidden />}
              aria-label={`Hear the phrase of ${barsOf(phrase)}`}
              onClick={() => {
                band.hearPlan(linePlan(phraseLine(solo.line, told.notes, phrase, above)));
              }}
            />
            <button
              type="button"
              className="landmark"
              aria-pressed={at >= phrase.first && at <= phrase.last}
              onClick={() => {
                chooseNote(phrase.first);
              }}
            >
              <b>{barsOf(phrase)}</b> <span className="quiet">{figuresOf(phrase)}</span>
            </button>
          </li>
        ))}
      </ol>
    </>
  );
}

const lostInWords = (count: number): string =>
  `${count} ${count === 1 ? 'note lies' : 'notes lie'} beyond the form or in bars that are gone; they are kept and not told.`;

const lowered = (chord: PitchedChord | undefined, by: number): number[] =>
  chord ? stacked(chord).map((pitch) => pitch - by) : [];

function phraseLine(
  line: SoloLine,
  notes: SoloLine['notes'],
  { first, last }: ToldPhrase,
  above: number,
): SoloLine {
  const own = notes.slice(first, last + 1);
  return {
    ...line,
    notes: own.map((each) => ({ ...each, midi: (each.midi - above) as typeof each.midi })),
  };
}

const barsOf = ({ fromBar, toBar }: ToldPhrase): string =>
  fromBar === toBar ? `bar ${fromBar}` : `bars ${fromBar}–${toBar}`;

function figuresOf({ first, last, strong, targets, resolved, outside }: ToldPhrase): string {
  const count = last - first + 1;
  return [
    `${count} ${count === 1 ? 'note' : 'notes'}`,
    strong.of > 0 ? `${strong.tones} of ${strong.of} on strong beats are chord tones` : '',
    targets > 0 ? `${targets} chord ${targets === 1 ? 'tone' : 'tones'} led to` : '',
    resolved > 0 ? (resolved === 1 ? 'a 7 falls to a 3' : `${resolved} 7s fall to 3s`) : '',
    outside > 0 ? `${outside} outside` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

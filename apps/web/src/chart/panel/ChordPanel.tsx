import { SoundOutlined } from '@ant-design/icons';
import { prettyDegree, type ChordAnalysis, type PitchedChord } from '@drop-close/core';
import { Button } from 'antd';
import { useDocument, useTune } from '../../document/store';
import { openOf } from '../scales/keptScales';
import { stacked } from '../../playback/tones';
import { useBand } from '../../playback/useBand';
import { useNotation } from '../../profile/useNotation';
import { prettyNumber } from '../../ui/notation';
import { useProfile } from '../../profile/profileStore';
import { WRITTEN_ABOVE, usePreferences } from '../../ui/preferences';
import { ChordInHand } from '../../profile/ChordInHand';
import { Panel } from '../../ui/Panel';
import { ChordStaff } from './ChordStaff';
import { OtherNames } from './OtherNames';
import { Pools } from './Pools';
import { SharedWithNext } from './SharedWithNext';
import { StandIns } from './StandIns';
import { UpperParts } from './UpperParts';
import { Term } from '../../ui/terms/Term';

interface ChordPanelProps {
  readonly chord: PitchedChord;
  /** Position of the chord among those of the chorus, and its symbol at concert pitch. */
  readonly at: number;
  readonly symbol: string;
  readonly analysis: ChordAnalysis;
  /** All chords of the chorus. */
  readonly chords: readonly ChordAnalysis[];
}

/** All that a chord says: its number and why, its notes, what may be added, its pools and other names. */
export function ChordPanel({ chord, at, symbol, analysis, chords }: ChordPanelProps) {
  const { reader } = usePreferences();
  const { school } = useProfile().writing;
  const { scales } = useTune().setup;
  const band = useBand();
  const concert = (pitches: readonly number[]): number[] =>
    pitches.map((pitch) => pitch - WRITTEN_ABOVE[reader]);
  const hear = (pitches: readonly number[]): void => {
    band.hearNotes(concert(pitches));
  };
  return (
    <Panel
      label="The chord in hand"
      className="chord-panel"
      head={
        <>
          <ChordInHand event={{ chord, bar: analysis.bar, beat: analysis.beat }} />
          <Button
            size="small"
            icon={<SoundOutlined aria-hidden />}
            onClick={() => {
              hear(stacked(chord));
            }}
          >
            Hear
          </Button>
        </>
      }
    >
      <Number analysis={analysis} />
      <Notes chord={chord} analysis={analysis} />
      <ChordStaff chord={chord} pool={analysis.scales.find((pool) => pool.school === school)} />
      <Pools
        chord={chord}
        pools={analysis.scales}
        kept={scales.find((kept) => kept.at === at)}
        onHear={(...pools) => {
          band.hearPools(concert(stacked(chord)), pools.map(concert));
        }}
        onKeep={(pool) => {
          const open = pool && openOf(pool, chord);
          useDocument.getState().dispatch({ type: 'keep scales', kept: [{ at, symbol, open }] });
        }}
      />
      <SharedWithNext analysis={analysis} chords={chords} onHear={hear} />
      <OtherNames chord={chord} onHear={hear} />
      <UpperParts chord={chord} tensions={analysis.tensions} onHear={hear} />
      <StandIns analysis={analysis} onHear={hear} />
    </Panel>
  );
}

function Number({ analysis }: { analysis: ChordAnalysis }) {
  const { numeral, key, function: part, reason, otherwise } = analysis;
  const { name } = useNotation();
  return (
    <section>
      <p className="chord-number">
        <b>{prettyNumber(numeral)}</b> <span>in {name(key)}</span>{' '}
        <span className="quiet">
          <Term of="function">{part}</Term>
        </span>
      </p>
      <p className="quiet">{sentence(reason)}</p>
      {otherwise.map((other) => (
        <p key={`${other.numeral} ${other.key}`} className="quiet">
          Or <b>{prettyNumber(other.numeral)}</b>
          {other.key === key ? '' : ` in ${name(other.key)}`}: {prettyNumber(other.reason)}.
        </p>
      ))}
    </section>
  );
}

/** Reasons are parts of a sentence; numbers in them keep their case. */
const sentence = (reason: string): string => {
  const pretty = reason.replace(/\b[b#](?=[IViv\d])/g, (sign) => (sign === 'b' ? '♭' : '♯'));
  const keepsCase = /^(?:i|v)+\b/.test(reason);
  return `${keepsCase ? pretty : pretty.charAt(0).toUpperCase() + pretty.slice(1)}.`;
};

function Notes({ chord, analysis }: Pick<ChordPanelProps, 'chord' | 'analysis'>) {
  const { note } = useNotation();
  const { tensions, avoid, thirdGuide } = analysis;
  return (
    <section>
      <ol className="chord-notes" aria-label="Notes">
        {chord.tones.map((tone) => (
          <li key={tone.degree} className={chord.guideTones.includes(tone.degree) ? 'guide' : ''}>
            <b>{note(tone.note)}</b>
            <span className="quiet">{prettyDegree(tone.degree)}</span>
          </li>
        ))}
      </ol>
      {tensions.length > 0 && (
        <p>
          <span className="quiet">
            <Term of="tension">May take</Term>
          </span>{' '}
          {tensions.map((tone) => `${prettyDegree(tone.degree)} ${note(tone.note)}`).join(', ')}
        </p>
      )}
      {thirdGuide && (
        <p>
          <span className="quiet">
            May lead as a third <Term of="guide tones">guide tone</Term>
          </span>{' '}
          {`${prettyDegree(thirdGuide.degree)} ${note(thirdGuide.note)}`}
        </p>
      )}
      {avoid.length > 0 && (
        <p>
          <span className="quiet">Not on a long note</span> {avoid.map(note).join(', ')}
        </p>
      )}
    </section>
  );
}

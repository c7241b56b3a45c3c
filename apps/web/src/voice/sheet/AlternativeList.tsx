import { voicingKey, type Alternative, type Voicing } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import type { VoicedChorus, VoicedPath } from '../../engine/protocol';
import { scrollWithin } from '../../ui/scrollWithin';
import { easeOf, voicingName } from '../desk/describe';
import { signed } from '../explain/differenceInWords';
import { GhostNote } from '../explain/GhostNote';
import { Grip } from '../desk/Grip';
import { hideGhost, showGhost } from '../threads/ghost';

interface AlternativeListProps {
  readonly chorus: VoicedChorus;
  readonly outcome: VoicedPath;
  readonly index: number;
  readonly alternatives: readonly Alternative[];
  /** Key of the voicing in hand. */
  readonly chosen: string;
  readonly onTake: (voicing: Voicing) => void;
}

/** Other voicings for the chord in hand, by what each costs the whole chorus. */
export function AlternativeList(props: AlternativeListProps) {
  const { chorus, outcome, index, alternatives, chosen, onTake } = props;
  useEffect(() => hideGhost, [index]);
  return (
    <section className="alternatives">
      <GhostNote outcome={outcome} timeline={chorus.timeline} />
      <ol>
        {alternatives.map((alternative) => {
          const key = voicingKey(alternative.voicing);
          return (
            <AlternativeItem
              key={key}
              alternative={alternative}
              chosen={key === chosen}
              onPoint={(voicing) => void showGhost(chorus.id, index, voicing)}
              onTake={onTake}
            />
          );
        })}
      </ol>
    </section>
  );
}

interface AlternativeItemProps {
  readonly alternative: Alternative;
  readonly chosen: boolean;
  /** The pointer or the focus is on it. */
  readonly onPoint: (voicing: Voicing) => void;
  readonly onTake: (voicing: Voicing) => void;
}

function AlternativeItem({ alternative, chosen, onPoint, onTake }: AlternativeItemProps) {
  const { voicing, extra } = alternative;
  const item = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    const list = item.current?.closest('ol');
    if (chosen && list && item.current) scrollWithin(list, item.current);
  }, [chosen]);
  return (
    <li>
      <button
        ref={item}
        type="button"
        className={chosen ? 'alternative chosen' : 'alternative'}
        aria-pressed={chosen}
        onPointerEnter={() => {
          onPoint(voicing);
        }}
        onFocus={() => {
          onPoint(voicing);
        }}
        onPointerLeave={hideGhost}
        onBlur={hideGhost}
        onClick={() => {
          hideGhost();
          onTake(voicing);
        }}
      >
        <Grip voicing={voicing} size="small" />
        <span>
          {voicingName(voicing)}
          <span className="quiet"> {easeOf(voicing)}</span>
        </span>
        <b>{costInWords(extra, chosen)}</b>
      </button>
    </li>
  );
}

/** Smaller differences are not shown. */
const LEAST_SHOWN = 0.05;

const costInWords = (extra: number, chosen: boolean): string => {
  if (Math.abs(extra) >= LEAST_SHOWN) return signed(extra);
  return chosen ? 'best' : 'as good';
};

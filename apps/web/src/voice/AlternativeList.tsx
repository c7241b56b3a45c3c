import { voicingKey, type Alternative, type Voicing } from '@drop-close/core';
import { useEffect, useRef } from 'react';
import { scrollWithin } from '../ui/scrollWithin';
import { easeOf, voicingName } from './describe';
import { Grip } from './Grip';

interface AlternativeListProps {
  readonly alternatives: readonly Alternative[];
  /** Key of the voicing in hand. */
  readonly chosen: string;
  readonly onTake: (voicing: Voicing) => void;
}

/** Other voicings for the chord in hand, by what each costs the whole chorus. */
export function AlternativeList({ alternatives, chosen, onTake }: AlternativeListProps) {
  return (
    <section className="alternatives">
      <p className="quiet">What each costs the whole chorus, in half steps.</p>
      <ol>
        {alternatives.map((alternative) => {
          const key = voicingKey(alternative.voicing);
          return (
            <AlternativeItem
              key={key}
              alternative={alternative}
              chosen={key === chosen}
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
  readonly onTake: (voicing: Voicing) => void;
}

function AlternativeItem({ alternative, chosen, onTake }: AlternativeItemProps) {
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
        onClick={() => {
          onTake(voicing);
        }}
      >
        <Grip voicing={voicing} size="small" />
        <span>
          {voicingName(voicing)}
          <span className="quiet"> {easeOf(voicing)}</span>
        </span>
        <b>{extra === 0 ? 'best' : `+${extra.toFixed(1)}`}</b>
      </button>
    </li>
  );
}

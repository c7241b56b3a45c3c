import { LAYERS, readiness, type Known, type ListedTune, type SetView } from '@drop-close/core';
import dayjs from 'dayjs';
import { Link } from 'react-router';
import { localDay } from '../base/localDay';
import { useNow } from '../base/useNow';

interface ReadinessProps {
  readonly known: readonly Known[];
  readonly tunes: readonly ListedTune[];
  readonly sets: readonly SetView[];
}

/** How much of each tune of the coming sets will be known on their days. */
export function Readiness({ known, tunes, sets }: ReadinessProps) {
  const today = localDay(useNow());
  const coming = sets
    .flatMap((set) => (set.day !== undefined && set.day >= today ? [{ ...set, day: set.day }] : []))
    .sort((a, b) => (a.day < b.day ? -1 : 1));
  if (!coming.length) {
    return (
      <p className="quiet">
        Give a set of the book the day it is played, and see here how ready its tunes are.
      </p>
    );
  }
  const byId = new Map(tunes.map((tune) => [tune.id, tune]));
  return coming.map((set) => (
    <section key={set.id} aria-label={`How ready: ${set.name}`}>
      <h2>
        {set.name} <span className="quiet">{dayjs(set.day).format('dddd, D MMMM')}</span>
      </h2>
      <ul className="ready-list">
        {[...new Set(set.tuneIds)].flatMap((id) => {
          const tune = byId.get(id);
          if (!tune) return [];
          const share = readiness(id, known, LAYERS.length, dayjs(set.day).valueOf());
          return (
            <li key={id}>
              <Link to={`/tune/${id}/practise`}>{tune.title}</Link>
              <meter min={0} max={1} value={share} aria-label={`${tune.title}: ready`} />
              <span className="ready-share">{Math.round(share * 100)}%</span>
            </li>
          );
        })}
      </ul>
    </section>
  ));
}

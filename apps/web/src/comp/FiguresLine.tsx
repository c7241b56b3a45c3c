import type { ComposedChoruses } from '../engine/protocol';

/** How the hits stand to the soloist, in figures. */
export function FiguresLine({ composed: { figures, yielding } }: { composed: ComposedChoruses }) {
  if (!figures?.hits) return null;
  const { hits, inGaps, underLongNotes, overlaps, collisions, clashes, chords, told } = figures;
  const share = Math.round(((inGaps + underLongNotes) / hits) * 100);
  const rows: readonly (readonly [string, string])[] = [
    [`${share}%`, 'in gaps or under long notes'],
    [`${told} of ${chords}`, 'chords sound'],
    [String(hits), hits === 1 ? 'hit' : 'hits'],
    [String(overlaps), 'over the line'],
    [String(collisions), 'in the soloist’s register'],
    [String(clashes), 'rubs held'],
    [String(yielding.length), 'chords voiced round the soloist'],
  ];
  return (
    <dl className="comp-figures" aria-label="How the hits stand to the soloist">
      {rows.map(([figure, what]) => (
        <div key={what}>
          <dt>{what}</dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </dl>
  );
}

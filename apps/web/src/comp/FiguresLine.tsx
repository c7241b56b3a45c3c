import type { ComposedChoruses } from '../engine/protocol';
import { PictureFigure } from '../ui/picture/PictureFigure';
import { GapsPicture } from './GapsPicture';
import { Term } from '../ui/terms/Term';

/** How the hits stand to the soloist, in figures. */
export function FiguresLine({ composed }: { composed: ComposedChoruses }) {
  const { figures, yielding } = composed;
  if (!figures?.hits) return null;
  const { hits, inGaps, underLongNotes, overlaps, collisions, clashes, chords, told } = figures;
  const share = Math.round(((inGaps + underLongNotes) / hits) * 100);
  const rows: readonly (readonly [figure: string, what: string, term?: string])[] = [
    [`${share}%`, 'in gaps or under long notes', 'gap'],
    [`${told} of ${chords}`, 'chords sound', 'told'],
    [String(hits), hits === 1 ? 'hit' : 'hits', 'hit'],
    [String(overlaps), 'over the line'],
    [String(collisions), 'in the soloist’s register'],
    [String(clashes), 'clashes with held notes', 'clash'],
    [String(yielding.length), 'chords voiced round the soloist'],
  ];
  return (
    <>
      <dl className="comp-figures" aria-label="The hits and the soloist">
        {rows.map(([figure, what, term]) => (
          <div key={what}>
            <dt>
              <Term of={term}>{what}</Term>
            </dt>
            <dd>{figure}</dd>
          </div>
        ))}
      </dl>
      <PictureFigure
        title="The solo and the hits"
        caption="Tall hits fall in gaps, middling ones under long notes, low ones over the line."
        draw={(width, look) => <GapsPicture {...{ composed, width, look }} />}
      />
    </>
  );
}

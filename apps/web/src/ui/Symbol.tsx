import { Fragment } from 'react';
import { symbolParts } from './symbol';

/** A chord symbol set in type. */
export function Symbol({ symbol }: { symbol: string }) {
  const { root, quality, raised, bass } = symbolParts(symbol);
  return (
    <span className="symbol">
      <Set text={root} />
      {quality && <span className="symbol-quality">{quality}</span>}
      {raised && (
        <sup>
          <Set text={raised} />
        </sup>
      )}
      {bass && (
        <span className="symbol-bass">
          /<Set text={bass} />
        </span>
      )}
    </span>
  );
}

/** Sharps come from the music face, where they hang lower than the letters beside them. */
function Set({ text }: { text: string }) {
  return text.split('♯').map((piece, index) => (
    <Fragment key={index}>
      {index > 0 && <span className="sharp">♯</span>}
      {piece}
    </Fragment>
  ));
}

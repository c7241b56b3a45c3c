import { symbolParts } from './symbol';

/** A chord symbol set in type. */
export function Symbol({ symbol }: { symbol: string }) {
  const { root, quality, raised, bass } = symbolParts(symbol);
  return (
    <span className="symbol">
      {root}
      {quality && <span className="symbol-quality">{quality}</span>}
      {raised && <sup>{raised}</sup>}
      {bass && <span className="symbol-bass">/{bass}</span>}
    </span>
  );
}

import { useNotation } from './useNotation';
import { symbolParts } from '../ui/symbol';

/** A chord symbol set in type, in the style the player likes. */
export function ChordSymbol({ symbol }: { symbol: string }) {
  const notation = useNotation();
  const { root, quality, raised, bass } = symbolParts(notation.symbol(symbol));
  return (
    <span className="symbol">
      {root}
      {quality && <span className="symbol-quality">{quality}</span>}
      {raised && <sup>{raised}</sup>}
      {bass && <span className="symbol-bass">/{bass}</span>}
    </span>
  );
}

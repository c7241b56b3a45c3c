import { ChordSymbol } from './ChordSymbol';

interface ChordInHandProps {
  readonly event: {
    readonly chord: { readonly symbol: string };
    /** Counted from 1. */
    readonly bar: number;
    readonly beat: number;
  };
}

/** Which chord a panel is about, and where it stands. */
export const ChordInHand = ({ event: { chord, bar, beat } }: ChordInHandProps) => (
  <>
    <h2>
      <ChordSymbol symbol={chord.symbol} />
    </h2>
    <span className="quiet">
      bar {bar}, beat {beat}
    </span>
  </>
);

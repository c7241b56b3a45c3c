import type { StandRow } from './standRows';

interface FormStripProps {
  readonly rows: readonly StandRow[];
  /** Position of the phrase that is now, and the bar that sounds in it. */
  readonly row: number;
  readonly bar: number | undefined;
  readonly onGo: (row: number) => void;
}

/** The whole form as a strip, phrase by phrase, with where the band is. */
export const FormStrip = ({ rows, row, bar, onGo }: FormStripProps) => (
  <nav className="form-strip" aria-label="The form">
    {rows.map(({ bars, section }, at) => {
      const [first, last] = [bars[0]?.number ?? 0, bars.at(-1)?.number ?? 0];
      const from = Math.max(1, first);
      const counted = from < last ? `bars ${from} to ${last}` : `bar ${from}`;
      const where = first < from ? `pickup and ${counted}` : counted;
      return (
        <button
          key={first}
          type="button"
          className={at === row ? 'form-phrase form-now' : 'form-phrase'}
          style={{ flexGrow: bars.length }}
          aria-current={at === row ? 'step' : undefined}
          aria-label={section ? `${section}: ${where}` : where}
          onClick={() => {
            onGo(at);
          }}
        >
          <b>{section}</b>
          <span className="form-bars">
            {bars.map(({ number }) => (
              <i key={number} className={number === bar ? 'form-bar here' : 'form-bar'} />
            ))}
          </span>
        </button>
      );
    })}
  </nav>
);

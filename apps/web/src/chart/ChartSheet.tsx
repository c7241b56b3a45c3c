import type { Bar, Chart, Slot } from '@drop-close/core';
import { Symbol } from '../ui/Symbol';

const BARS_A_SYSTEM = 4;

/** The chart laid out as players read it: systems of four bars, a section on a line of its own. */
export function ChartSheet({ chart }: { chart: Chart }) {
  return (
    <section className="sheet" aria-label="The chart">
      {chart.sections.map((section, index) => (
        <div key={index} className="sheet-section">
          {section.name !== undefined && <h2 className="sheet-name">{section.name}</h2>}
          <div
            className="sheet-bars"
            style={{ gridTemplateColumns: `repeat(${BARS_A_SYSTEM}, 1fr)` }}
          >
            {section.bars.map((bar, position) => (
              <SheetBar key={position} bar={bar} />
            ))}
          </div>
        </div>
      ))}
    </section>
  );
}

function SheetBar({ bar }: { bar: Bar }) {
  const edges = [bar.repeatStart && 'repeat-start', bar.repeatEnd && 'repeat-end'].filter(Boolean);
  return (
    <div className={['sheet-bar', ...edges].join(' ')}>
      {bar.ending !== undefined && <span className="sheet-ending">{bar.ending}.</span>}
      {bar.slots.map((slot, index) => (
        <SheetSlot key={index} slot={slot} />
      ))}
    </div>
  );
}

function SheetSlot({ slot }: { slot: Slot }) {
  switch (slot.kind) {
    case 'chord':
      return <Symbol symbol={slot.text} />;
    case 'hold':
      return <span className="quiet">·</span>;
    case 'repeat bar':
      return <span className="sheet-repeat">𝄎</span>;
    case 'unreadable':
      return (
        <span className="sheet-unreadable" title={slot.problem.message}>
          {slot.text}
          <small>?{slot.problem.suggestion && ` ${slot.problem.suggestion}`}</small>
        </span>
      );
  }
}

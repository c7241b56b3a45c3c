import type { SystemLayout } from './threadLayout';

/** Sections and numbers over the bars of a system. */
export const SystemBars = ({ bars }: Pick<SystemLayout, 'bars'>) => (
  <div className="system-bars" aria-hidden>
    {bars.map(({ number, section, x, width }) => (
      <span key={number} style={{ left: x, width }} className="bar-head">
        {section && <b title={section}>{section}</b>}
        <small>{number}</small>
      </span>
    ))}
  </div>
);

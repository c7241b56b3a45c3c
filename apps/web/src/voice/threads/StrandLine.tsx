import '../../ui/picture/strands.css';
import type { Strand } from './threadLayout';

/** A piece of a thread; the look of its line, not its colour, says how the voice moves. */
export function StrandLine({ strand }: { strand: Strand }) {
  const { kind, from, to } = strand;
  const className = `strand strand-${kind.replace(' ', '-')}`;
  if (kind === 'ends') {
    return (
      <g className={className}>
        <line x1={from.x} y1={from.y} x2={to.x} y2={to.y} />
        <line x1={to.x} y1={to.y - 4} x2={to.x} y2={to.y + 4} />
      </g>
    );
  }
  if (kind === 'enters') {
    return <circle className={className} cx={from.x} cy={from.y} r={3} />;
  }
  return <line className={className} x1={from.x} y1={from.y} x2={to.x} y2={to.y} />;
}

const BLACK = [1, 3, 6, 8, 10];
const HEIGHT = 22;

/** A keyboard on which every half step is equally wide, so that it can stand under a scale of pitches. */
export function KeyboardRuler({ low, high }: { low: number; high: number }) {
  const keys = Array.from({ length: high - low + 1 }, (_, index) => low + index);
  return (
    <svg
      className="ruler"
      viewBox={`0 0 ${high - low} ${HEIGHT}`}
      preserveAspectRatio="none"
      height={HEIGHT}
      width="100%"
    >
      {keys.map((midi) => (
        <rect
          key={midi}
          className={BLACK.includes(midi % 12) ? 'ruler-black' : 'ruler-white'}
          x={midi - low - 0.5}
          width={1}
          y={0}
          height={BLACK.includes(midi % 12) ? HEIGHT * 0.6 : HEIGHT}
        />
      ))}
      {keys
        .filter((midi) => midi % 12 === 0)
        .map((midi) => (
          <rect
            key={midi}
            className="ruler-c"
            x={midi - low - 0.3}
            width={0.6}
            y={HEIGHT - 5}
            height={4}
          />
        ))}
    </svg>
  );
}

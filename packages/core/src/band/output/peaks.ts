/** Above this a peak is bent, so that none is cut off; what lies below it is left as it is. 0..1. */
const KNEE = 0.7;
/** What the loudest comes to: between two samples a wave may lie higher, by a decibel at the most here. */
const CEILING = 0.86;

/** A sample as it leaves the band: full scale is 1. */
export function softened(value: number): number {
  const size = Math.abs(value);
  if (size <= KNEE) return value;
  const over = (size - KNEE) / (CEILING - KNEE);
  return Math.sign(value) * (KNEE + (CEILING - KNEE) * Math.tanh(over));
}

/** Above this, a peak is bent, so that none is cut off; 0..1. */
const KNEE = 0.7;
/** What the loudest comes to. */
const CEILING = 0.97;

/**
 * Makes a block louder, and bends what would go over the top. In place.
 * @param gain as a factor
 */
export function raise(samples: Float32Array, gain: number): void {
  for (let at = 0; at < samples.length; at += 1) {
    const value = samples[at]! * gain;
    const size = Math.abs(value);
    if (size <= KNEE) samples[at] = value;
    else {
      const over = (size - KNEE) / (CEILING - KNEE);
      samples[at] = Math.sign(value) * (KNEE + (CEILING - KNEE) * Math.tanh(over));
    }
  }
}

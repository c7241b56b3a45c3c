import { motionsOf, type ChartEvent, type LineSpan, type Voicing } from '@drop-close/core';

/** Where the top does not go the way it was asked to: ", but not in bars 5 and 6"; empty where it does. */
export function againstInWords(
  span: LineSpan,
  path: readonly Voicing[],
  events: readonly ChartEvent[],
): string {
  const top = (at: number): number | undefined => path[at]?.notes.at(-1)?.midi;
  const against = Object.entries(motionsOf(span, top)).flatMap(([change, motion]) => {
    const at = Number(change);
    const [a, b] = [top(at), top(at + 1)];
    if (a === undefined || b === undefined || motion === 'free') return [];
    const went = b > a ? 'rise' : b < a ? 'fall' : 'hold';
    return went === motion ? [] : [events[at + 1]!.bar];
  });
  const bars = [...new Set(against)];
  if (!bars.length) return '';
  return `, but not into ${bars.length === 1 ? 'bar' : 'bars'} ${bars.join(', ')}`;
}

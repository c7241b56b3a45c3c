import { analyzeChart } from '../../analysis/analyzeChart';
import type { Chart } from '../../chart/types';

/** The key a chart is heard in, short: `Eb` or `Cm`. */
export function keyHeard(chart: Chart): string {
  const [tonic, mode] = analyzeChart(chart).homeKey.split(' ');
  return tonic ? `${tonic}${mode === 'minor' ? 'm' : ''}` : 'C';
}

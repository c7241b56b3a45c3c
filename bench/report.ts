/** Runs a task some times and prints the median as one JSON line, in milliseconds. */
export function report(name: string, task: () => void, runs = 15): void {
  task();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    task();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const median = times[Math.floor(runs / 2)] ?? 0;
  console.log(JSON.stringify({ name, value: Math.round(median * 10) / 10, unit: 'ms' }));
}

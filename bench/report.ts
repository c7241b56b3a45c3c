/** One figure as one JSON line. */
export function print(name: string, value: number, unit: string): void {
  console.log(JSON.stringify({ name, value: Math.round(value * 100) / 100, unit }));
}

/** The median time of a task over some runs, in milliseconds; one more run comes first to warm up. */
export function median(task: () => void, runs = 15): number {
  task();
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    task();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)] ?? 0;
}

/** Runs a task some times and prints the median as one JSON line, in milliseconds. */
export function report(name: string, task: () => void, runs = 15): void {
  print(name, median(task, runs), 'ms');
}

/** The medians of tasks that take turns, in milliseconds; one round more comes first to warm up. */
export function inTurns(tasks: readonly (() => unknown)[], runs: number): number[] {
  const times = tasks.map((): number[] => []);
  for (let run = 0; run <= runs; run += 1) {
    tasks.forEach((task, i) => {
      const start = performance.now();
      task();
      if (run > 0) times[i]!.push(performance.now() - start);
    });
  }
  return times.map((each) => each.sort((a, b) => a - b)[Math.floor(runs / 2)] ?? 0);
}

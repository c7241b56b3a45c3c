/** So long the page is held up by drawing before it is painted, in ms: about two frames. */
const SLICE_MS = 30;

type Task = () => Promise<void>;

const waiting: Task[] = [];
let running: Promise<void> | undefined;

/** Gives the page time to paint. */
const painted = (): Promise<void> =>
  new Promise((go) => {
    setTimeout(go);
  });

async function run(): Promise<void> {
  let since = performance.now();
  for (let task = waiting.shift(); task; task = waiting.shift()) {
    await task();
    if (performance.now() - since < SLICE_MS) continue;
    await painted();
    since = performance.now();
  }
  running = undefined;
}

/** Draws one thing after the other, in the order asked for, so that the first is seen while the last are drawn. */
export function inTurn(task: Task): void {
  waiting.push(task);
  running ??= Promise.resolve().then(run);
}

/** Once all that was asked for is drawn. */
export const allDrawn = async (): Promise<void> => {
  await running;
};

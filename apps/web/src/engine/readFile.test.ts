import { Cancelled } from './client';
import { readSoloAside } from './readFile';

const LINE = {
  ok: true,
  value: { name: 'Tenor', line: { notes: [], written: true }, skipped: [] },
};

/** A worker that answers, or never does. */
function worker(answer: Promise<unknown>) {
  const ended = jest.fn();
  const remote = { readSolo: jest.fn(() => answer) };
  const start = jest.fn(() => ({ remote, end: ended }));
  return { start: start as never as Parameters<typeof readSoloAside>[2], ended, begun: start };
}
const never = new Promise<never>(() => undefined);
const file = (size = 4): Blob => {
  const bytes = new Uint8Array(size);
  return { size, arrayBuffer: () => Promise.resolve(bytes.buffer) } as Blob;
};
const going = new AbortController().signal;

describe('a file that is brought in is read in a worker of its own', () => {
  it('which ends with its answer', async () => {
    const { start, ended } = worker(Promise.resolve(LINE));
    await expect(readSoloAside(file(), going, start)).resolves.toBe(LINE);
    expect(ended).toHaveBeenCalledTimes(1);
  });

  it('which ends when the player cancels', async () => {
    const { start, ended } = worker(never);
    const abort = new AbortController();
    const reading = readSoloAside(file(), abort.signal, start);
    await Promise.resolve();
    abort.abort();
    await expect(reading).rejects.toBeInstanceOf(Cancelled);
    expect(ended).toHaveBeenCalledTimes(1);
  });

  it('which is not begun once the player has cancelled', async () => {
    const { start, begun } = worker(never);
    await expect(readSoloAside(file(), AbortSignal.abort(), start)).rejects.toBeInstanceOf(
      Cancelled,
    );
    expect(begun).not.toHaveBeenCalled();
  });

  it('which is given up after twenty seconds', async () => {
    jest.useFakeTimers();
    try {
      const { start, ended } = worker(never);
      const reading = readSoloAside(file(), going, start);
      await jest.advanceTimersByTimeAsync(20_000);
      await expect(reading).resolves.toEqual({
        ok: false,
        problem: 'This file takes longer than 20 seconds to read, so it was given up.',
      });
      expect(ended).toHaveBeenCalledTimes(1);
    } finally {
      jest.useRealTimers();
    }
  });

  it('unless it is larger than any such file: that is said before it is read', async () => {
    const { start, begun } = worker(never);
    await expect(readSoloAside(file(10_000_001), going, start)).resolves.toMatchObject({
      problem: expect.stringMatching(/larger than 10 MB/) as string,
    });
    expect(begun).not.toHaveBeenCalled();
  });

  it('whose failure is the player’s to see', async () => {
    const { start, ended } = worker(Promise.reject(new Error('out of memory')));
    await expect(readSoloAside(file(), going, start)).rejects.toThrow('out of memory');
    expect(ended).toHaveBeenCalledTimes(1);
  });
});

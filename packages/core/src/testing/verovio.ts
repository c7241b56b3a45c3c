/** An independent reader of MusicXML (the package verovio), for tests. */
interface Toolkit {
  readonly setOptions: (options: Readonly<Record<string, unknown>>) => void;
  readonly loadData: (data: string) => boolean;
  readonly getLog: () => string;
  readonly getMEI: (options?: Readonly<Record<string, unknown>>) => string;
  readonly getPageCount: () => number;
  readonly renderToTimemap: (options?: Readonly<Record<string, unknown>>) => readonly {
    readonly qstamp: number;
    readonly on?: readonly string[];
    readonly off?: readonly string[];
    readonly tempo?: number;
  }[];
  readonly getMIDIValuesForElement: (id: string) => { readonly pitch: number };
}

interface Verovio {
  readonly module: { onRuntimeInitialized?: () => void; readonly calledRun?: boolean };
  readonly toolkit: new () => Toolkit;
  readonly LOG_ERROR: number;
  readonly enableLog: (level: number) => void;
}

let loaded: Promise<Toolkit> | undefined;

/** The reader, once it runs. */
export function reader(): Promise<Toolkit> {
  loaded ??= new Promise((resolve) => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports -- it has no types and must be told when it runs
    const verovio = require('verovio') as Verovio;
    const ready = (): void => {
      const toolkit = new verovio.toolkit();
      // It warns of N.C., which has no root.
      verovio.enableLog(verovio.LOG_ERROR);
      resolve(toolkit);
    };
    if (verovio.module.calledRun) ready();
    else verovio.module.onRuntimeInitialized = ready;
  });
  return loaded;
}

export interface HeardNote {
  /** In quarters. */
  readonly at: number;
  readonly end: number;
  readonly midi: number;
}

/** What a document sounds, as the reader plays it; repeats are not taken. */
export async function heardIn(document: string): Promise<HeardNote[]> {
  const toolkit = await reader();
  toolkit.setOptions({ expandNever: true, transposeToSoundingPitch: true });
  if (!toolkit.loadData(document)) throw new Error(toolkit.getLog());
  const begun = new Map<string, HeardNote>();
  const heard: HeardNote[] = [];
  for (const { qstamp, on = [], off = [] } of toolkit.renderToTimemap()) {
    for (const id of off) {
      const note = begun.get(id);
      if (note) heard.push({ ...note, end: qstamp });
      begun.delete(id);
    }
    for (const id of on) {
      const { pitch } = toolkit.getMIDIValuesForElement(id);
      begun.set(id, { at: qstamp, end: qstamp, midi: pitch });
    }
  }
  return heard;
}

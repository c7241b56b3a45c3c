/** Does long work, in a thread of its own, and hands out the bytes of its file and how far it is as they come. */
import 'reflect-metadata';
import type { MessagePort } from 'node:worker_threads';
import type { AskedJob, JobOutcome, Progress } from '../asked';
import { makeEtudes } from './makeEtudes';
import { renderTrack } from './track/renderTrack';
import { writeParts } from './writeParts';

export interface JobTask {
  readonly job: AskedJob;
  /** The sounds of the band, a file. */
  readonly bank: string;
  /** Takes `Progress` messages. */
  readonly port: MessagePort;
}

/** Takes what was made; its bytes are gone here afterwards. */
export type Hand = (piece: Progress) => void;

export default function runJob({ job, bank, port }: JobTask): Promise<JobOutcome> | JobOutcome {
  const hand: Hand = ({ bytes, progress }) => {
    const piece: Progress = { progress, ...(bytes?.length && { bytes }) };
    port.postMessage(piece, piece.bytes ? [piece.bytes.buffer as ArrayBuffer] : []);
  };
  switch (job.kind) {
    case 'track':
      return renderTrack(job.asked, bank, hand);
    case 'parts':
      return writeParts(job.asked, hand);
    case 'etudes':
      return makeEtudes(job.asked, hand);
  }
}

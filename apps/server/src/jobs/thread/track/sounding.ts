import {
  channelVolume,
  KIT_PROGRAMS,
  ON_DRUMS,
  partSound,
  PARTS,
  type Track,
} from '@drop-close/core';
import { readFileSync } from 'node:fs';
import type { SpessaSynthProcessor } from 'spessasynth_core';

/** The synthesiser begins notes at a block of so many samples. */
export const BLOCK = 128;
/** MIDI controller 7. */
const VOLUME = 7;

/** The band of a track, ready to play. @param bank its sounds, a file */
export async function bandFor(
  track: Track,
  bank: string,
  rate: number,
): Promise<SpessaSynthProcessor> {
  const { SoundBankLoader, SpessaSynthProcessor: Processor } = await import('spessasynth_core');
  const synth = new Processor(rate, { effectsEnabled: false });
  const bytes = new Uint8Array(readFileSync(bank));
  synth.soundBankManager.addSoundBank(SoundBankLoader.fromArrayBuffer(bytes.buffer), 'band');
  await synth.processorInitialized;
  for (const part of PARTS) {
    const { channel, program } = partSound(part, track.instrument);
    if (ON_DRUMS.includes(part)) synth.midiChannels[channel]?.setDrums(true);
    synth.programChange(channel, part === 'drums' ? KIT_PROGRAMS[track.kit] : program);
    synth.controllerChange(channel, VOLUME, channelVolume(track.mix[part]));
  }
  return synth;
}

/** Something that happens at a block. */
export interface BandEvent {
  /** In samples. */
  readonly at: number;
  readonly channel: number;
  readonly midi: number;
  /** 0 ends the note. */
  readonly velocity: number;
}

/** Begins and ends of all notes, in order; at one moment ends come first. */
export function eventsOf({ notes, instrument }: Track, rate: number): BandEvent[] {
  const events = notes.flatMap(({ part, midi, velocity, ...note }): BandEvent[] => {
    const { channel, onset } = partSound(part, instrument);
    const [from, to] = [note.from - onset, note.to].map((time) => Math.max(0, time * rate));
    return [
      { at: from! - BLOCK / 2, channel, midi, velocity },
      { at: to!, channel, midi, velocity: 0 },
    ];
  });
  return events.sort((a, b) => a.at - b.at || a.velocity - b.velocity);
}

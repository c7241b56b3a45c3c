import {
  channelVolume,
  KIT_PROGRAMS,
  ON_DRUMS,
  PARTS,
  partSound,
  type InstrumentId,
  type Kit,
  type Part,
  type PlannedNote,
} from '@drop-close/core';
import { bandInRoom } from './bandInRoom';
import { askedAt } from './speaking';
import { WorkletSynthesizer } from 'spessasynth_lib';
import processorUrl from 'spessasynth_lib/dist/spessasynth_processor.min.js?url';

/** The channel of a part is the same on every instrument. */
const channelOf = (part: Part): number => partSound(part, 'guitar').channel;
/** MIDI controller 7. */
const VOLUME = 7;

/** The band behind the loudspeaker: takes notes at times on the audio clock. */
export class Synth {
  private instrument: InstrumentId = 'guitar';

  private constructor(
    readonly context: AudioContext,
    private readonly synthesizer: WorkletSynthesizer,
    private readonly output: GainNode,
  ) {}

  /** Loads the worklet and the sound bank; a second or so, once. */
  static async load(): Promise<Synth> {
    const context = new AudioContext({ latencyHint: 'interactive' });
    await context.audioWorklet.addModule(processorUrl);
    const response = await fetch('/sound/band.sf3');
    if (!response.ok) throw new Error('The sounds of the band could not be loaded.');
    const synthesizer = new WorkletSynthesizer(context);
    await synthesizer.soundBankManager.addSoundBank(await response.arrayBuffer(), 'band');
    await synthesizer.isReady;
    // The room is ours, the same as on a practice track.
    synthesizer.setSystemParameter('effectsEnabled', false);
    const output = context.createGain();
    output.connect(context.destination);
    synthesizer.connect(bandInRoom(context, output));
    for (const part of PARTS) {
      const { channel, program } = partSound(part, 'guitar');
      if (ON_DRUMS.includes(part)) synthesizer.midiChannels[channel]?.setDrums(true);
      synthesizer.programChange(channel, program);
    }
    return new Synth(context, synthesizer, output);
  }

  setInstrument(id: InstrumentId): void {
    this.instrument = id;
    const { channel, program } = partSound('comp', id);
    this.synthesizer.programChange(channel, program);
  }

  setKit(kit: Kit): void {
    this.synthesizer.programChange(channelOf('drums'), KIT_PROGRAMS[kit]);
  }

  /** @param gain in decibels; 0 opens the channel of the part fully */
  setGain(part: Part, gain: number): void {
    this.synthesizer.controllerChange(channelOf(part), VOLUME, channelVolume(gain));
  }

  /** Lets the sound through again after `silence`. */
  open(): void {
    this.output.gain.cancelScheduledValues(0);
    this.output.gain.value = 1;
  }

  play(note: PlannedNote, at: number, until: number): void {
    const channel = channelOf(note.part);
    const time = askedAt(at, this.context.sampleRate, note.part, this.instrument);
    this.synthesizer.noteOn(channel, note.midi, note.velocity, { time });
    this.synthesizer.noteOff(channel, note.midi, { time: until });
  }

  /** A note of the soloist begins or ends at once: somebody plays it in. */
  strike(midi: number, velocity: number): void {
    if (velocity > 0) this.synthesizer.noteOn(channelOf('solo'), midi, velocity);
    else this.synthesizer.noteOff(channelOf('solo'), midi);
  }

  /** Stops everything, what is already handed over too. */
  silence(): void {
    const { context, output } = this;
    output.gain.setTargetAtTime(0, context.currentTime, 0.02);
    this.synthesizer.stopAll(false);
  }

  stopVoices(): void {
    this.synthesizer.stopAll(true);
  }
}

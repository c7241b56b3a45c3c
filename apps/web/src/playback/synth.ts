import {
  voiceOf,
  type InstrumentId,
  type Kit,
  type Part,
  type PlannedNote,
} from '@drop-close/core';
import { askedAt } from './speaking';
import { WorkletSynthesizer } from 'spessasynth_lib';
import processorUrl from 'spessasynth_lib/dist/spessasynth_processor.min.js?url';

/** MIDI channels of the parts; the kit is on the tenth, as General MIDI has it. */
const CHANNELS: Readonly<Record<Part, number>> = {
  comp: 0,
  bass: 1,
  solo: 2,
  drums: 9,
  click: 9,
};
const ACOUSTIC_BASS = 32;
const TENOR = 66;
const KITS: Readonly<Record<Kit, number>> = { sticks: 32, brushes: 40 };
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
    const output = context.createGain();
    synthesizer.connect(output);
    output.connect(context.destination);
    synthesizer.programChange(CHANNELS.bass, ACOUSTIC_BASS);
    synthesizer.programChange(CHANNELS.solo, TENOR);
    synthesizer.programChange(CHANNELS.drums, KITS.sticks);
    return new Synth(context, synthesizer, output);
  }

  setInstrument(id: InstrumentId): void {
    this.instrument = id;
    this.synthesizer.programChange(CHANNELS.comp, voiceOf(id).program);
  }

  setKit(kit: Kit): void {
    this.synthesizer.programChange(CHANNELS.drums, KITS[kit]);
  }

  /** @param volume 0..100 */
  setVolume(part: Part, volume: number): void {
    this.synthesizer.controllerChange(CHANNELS[part], VOLUME, Math.round(volume * 1.27));
  }

  /** Lets the sound through again after `silence`. */
  open(): void {
    this.output.gain.cancelScheduledValues(0);
    this.output.gain.value = 1;
  }

  play(note: PlannedNote, at: number, until: number): void {
    const channel = CHANNELS[note.part];
    const time = askedAt(at, this.context.sampleRate, note.part, this.instrument);
    this.synthesizer.noteOn(channel, note.midi, note.velocity, { time });
    this.synthesizer.noteOff(channel, note.midi, { time: until });
  }

  /** A note of the soloist begins or ends at once: somebody plays it in. */
  strike(midi: number, velocity: number): void {
    if (velocity > 0) this.synthesizer.noteOn(CHANNELS.solo, midi, velocity);
    else this.synthesizer.noteOff(CHANNELS.solo, midi);
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

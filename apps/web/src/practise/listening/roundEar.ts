import type { BandPlan, Part, PassJudgement, PassNote } from '@drop-close/core';
import { semitonesAt } from '../../playback/passes';
import { elapsedNow, planNow, strike } from '../../playback/player';
import { usePlayer } from '../../playback/usePlayer';
import { useEar } from './earStore';
import { heardIn, judgedAt, judgeRound } from './rounds';

type Player = ReturnType<typeof usePlayer.getState>;

const NOTE_ON = 0x90;
/** Where the music is comes some 40 times a second; the last time is a little before the end, in quarters. */
const END_SLACK = 0.25;

/** Collects what is played along with a layer, and judges each time round. */
export class RoundEar {
  private heard: PassNote[] = [];
  private round = 0;
  private plan: BandPlan | undefined;
  /** Of the round in hand: the next may have begun in another before this one is judged. */
  private tempo = 0;

  constructor(
    private readonly part: Part,
    private readonly onJudged: (judged: PassJudgement) => void,
  ) {}

  /** Takes in one MIDI message, and sounds it. */
  hear([status = 0, midi = 0, velocity = 0]: readonly number[]): void {
    const { playing, from } = usePlayer.getState();
    if (playing !== 'layer') return;
    const begins = (status & 0xf0) === NOTE_ON && velocity > 0;
    strike(midi, begins ? velocity : 0);
    const elapsed = elapsedNow();
    if (begins && elapsed !== undefined) this.heard.push({ at: elapsed - from, midi });
  }

  /** Follows the player. A round that is stopped in its middle is judged by nobody. */
  watch(now: Player, before: Player): void {
    if (now.playing === 'layer') this.follow(now, before);
    else if (before.playing === 'layer' && this.isAtEnd(before)) this.judge();
  }

  private follow(now: Player, before: Player): void {
    if (before.playing !== 'layer') {
      this.heard = [];
      this.round = 0;
    }
    this.plan = planNow();
    const elapsed = elapsedNow();
    if (!this.plan || elapsed === undefined) return;
    const { length } = this.plan;
    const at = elapsed - now.from;
    if (at < length * (this.round + 1)) this.tempo = now.pass.tempo;
    if (at >= judgedAt(length, this.round)) this.judge();
  }

  private isAtEnd({ position = 0 }: Player): boolean {
    return !!this.plan && position >= this.plan.length - END_SLACK;
  }

  private judge(): void {
    const { plan, part, tempo, heard, round } = this;
    if (!plan) return;
    const semitones = semitonesAt(usePlayer.getState().passes, round);
    const { anyOctave } = useEar.getState();
    const judged = judgeRound(heard, round, { plan, part, semitones, tempo, anyOctave });
    this.heard = heard.filter((note) => !heardIn([note], plan.length, round).length);
    this.round += 1;
    if (judged) this.onJudged(judged);
  }
}

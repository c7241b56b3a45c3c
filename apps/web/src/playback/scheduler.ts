import type { BandPlan, PlannedNote } from '@drop-close/core';

/** A plan with another before it, at times below 0: heard once, not when a loop comes round. */
export const withLeadIn = (plan: BandPlan, lead: BandPlan): BandPlan => ({
  ...plan,
  notes: [
    ...lead.notes.map((note) => ({ ...note, at: note.at - lead.length })),
    ...plan.notes,
  ].sort((a, b) => a.at - b.at),
});

/** How far ahead of the audio clock notes are handed over, in seconds. */
export const HORIZON = 0.2;

export interface SchedulerOutput {
  /** Times are on the audio clock, in seconds. */
  readonly play: (note: PlannedNote, at: number, until: number) => void;
  /** The last pass is over. */
  readonly end: () => void;
}

/**
 * Hands the notes of a plan to the synthesiser a little ahead of the audio clock. It never looks at
 * any other clock: `tick` is told the time, so late calls only shorten the lead, they move no note.
 */
export class Scheduler {
  private secondsPerQuarter: number;
  /** Audio time of quarter 0 of the pass in hand. */
  private origin: number;
  private next = 0;
  private over = false;

  constructor(
    private plan: BandPlan,
    startAt: number,
    tempo: number,
    public loop: boolean,
    private readonly output: SchedulerOutput,
  ) {
    this.origin = startAt;
    this.secondsPerQuarter = 60 / tempo;
  }

  /** Where the music is, in quarters from the beginning of the pass; below 0 before the start. */
  position(now: number): number {
    return (now - this.origin) / this.secondsPerQuarter;
  }

  /** Called often; hands over all that is due before the horizon. */
  tick(now: number): void {
    while (!this.over) {
      const note = this.plan.notes[this.next];
      const at = note ? this.origin + note.at * this.secondsPerQuarter : this.passEnd();
      if (at >= now + HORIZON) return;
      if (note) {
        this.output.play(note, Math.max(at, now), at + note.length * this.secondsPerQuarter);
        this.next += 1;
      } else if (this.loop && this.plan.length > 0) {
        this.origin = this.passEnd();
        this.next = this.firstAfter(0);
      } else if (now >= this.passEnd()) {
        this.over = true;
        this.output.end();
      } else {
        return;
      }
    }
  }

  /** The tempo changes from here on; what was handed over stays. */
  setTempo(tempo: number, now: number): void {
    const position = this.position(now);
    this.secondsPerQuarter = 60 / tempo;
    this.origin = now - position * this.secondsPerQuarter;
  }

  /** Goes on with another plan at the same place: the chorus was edited while it plays. */
  replace(plan: BandPlan, now: number): void {
    const handedOver = this.position(now + HORIZON);
    this.plan = plan;
    this.next = this.firstAfter(handedOver);
  }

  private firstAfter(quarter: number): number {
    const found = this.plan.notes.findIndex((note) => note.at >= quarter);
    return found < 0 ? this.plan.notes.length : found;
  }

  private passEnd(): number {
    return this.origin + this.plan.length * this.secondsPerQuarter;
  }
}

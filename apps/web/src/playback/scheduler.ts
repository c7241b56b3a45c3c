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

/** How the next time round is played. */
export interface Pass {
  readonly plan: BandPlan;
  /** Quarter notes a minute. */
  readonly tempo: number;
}

export interface SchedulerOutput {
  /** Times are on the audio clock, in seconds. */
  readonly play: (note: PlannedNote, at: number, until: number) => void;
  /** The last pass is over. */
  readonly end: () => void;
  /** A loop comes round for the so manieth time, from 1; as before where nothing is given. */
  readonly pass?: (count: number) => Pass | undefined;
}

/** Where quarter 0 of a pass lies on the audio clock, and how long its quarters are, in seconds. */
interface Clock {
  readonly origin: number;
  readonly perQuarter: number;
}

/**
 * Hands the notes of a plan to the synthesiser a little ahead of the audio clock. It never looks at
 * any other clock: `tick` is told the time, so late calls only shorten the lead, they move no note.
 */
export class Scheduler {
  /** Of the pass whose notes are being handed over. */
  private clock: Clock;
  /** Of the pass before it, which still sounds until that one begins. */
  private before: Clock | undefined;
  private next = 0;
  private over = false;
  private passes = 0;
  /** Notes that were handed over after their time, because the calls came too late. */
  late = 0;

  constructor(
    private plan: BandPlan,
    startAt: number,
    tempo: number,
    public loop: boolean,
    private readonly output: SchedulerOutput,
  ) {
    this.clock = { origin: startAt, perQuarter: 60 / tempo };
  }

  /** Where the music is, in quarters from the beginning of the pass; below 0 before the start. */
  position(now: number): number {
    const ahead = now < this.clock.origin ? this.before : undefined;
    return quarterAt(ahead ?? this.clock, now);
  }

  /** The same counted on from pass to pass. */
  elapsed(now: number): number {
    const heard = now < this.clock.origin && this.before ? this.passes - 1 : this.passes;
    return heard * this.plan.length + this.position(now);
  }

  /** Called often; hands over all that is due before the horizon. */
  tick(now: number): void {
    while (!this.over) {
      const note = this.plan.notes[this.next];
      const at = note ? this.timeOf(note.at) : this.passEnd();
      if (at >= now + HORIZON) return;
      if (note) {
        if (at < now) this.late += 1;
        this.output.play(note, Math.max(at, now), at + note.length * this.clock.perQuarter);
        this.next += 1;
      } else if (this.loop && this.plan.length > 0) {
        this.comeRound();
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
    const perQuarter = 60 / tempo;
    this.clock = { origin: now - quarterAt(this.clock, now) * perQuarter, perQuarter };
  }

  /** Goes on with another plan at the same place: the chorus was edited while it plays. */
  replace(plan: BandPlan, now: number): void {
    const handedOver = quarterAt(this.clock, now + HORIZON);
    this.plan = plan;
    this.next = this.firstAfter(handedOver);
  }

  private comeRound(): void {
    const end = this.passEnd();
    this.passes += 1;
    const pass = this.output.pass?.(this.passes);
    this.before = this.clock;
    if (pass) this.plan = pass.plan;
    this.clock = { origin: end, perQuarter: pass ? 60 / pass.tempo : this.clock.perQuarter };
    this.next = this.firstAfter(0);
  }

  private timeOf(quarter: number): number {
    return this.clock.origin + quarter * this.clock.perQuarter;
  }

  private firstAfter(quarter: number): number {
    const found = this.plan.notes.findIndex((note) => note.at >= quarter);
    return found < 0 ? this.plan.notes.length : found;
  }

  private passEnd(): number {
    return this.timeOf(this.plan.length);
  }
}

const quarterAt = ({ origin, perQuarter }: Clock, now: number): number =>
  (now - origin) / perQuarter;

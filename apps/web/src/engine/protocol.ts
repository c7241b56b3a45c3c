import type {
  CompQuestion,
  Meeting,
  TuneText,
  Alternative,
  AppliedDevice,
  Arrangement,
  BandPlan,
  Chart,
  ChartAnalysis,
  ChartProblem,
  CompBehind,
  Composed,
  ConnectedPath,
  DeviceOffer,
  DrillId,
  EasierForm,
  Etude,
  EtudeRequest,
  FamilyId,
  FamilyTable,
  Learned,
  Feel,
  Instruments,
  LaidOver,
  LayOverRequest,
  NotConnected,
  NoteNaming,
  Question,
  School,
  Scope,
  SoloFile,
  Incoming,
  BookReading,
  WholeBook,
  PasteHabits,
  SoloLine,
  SoloNote,
  StandInRequest,
  StoredTaste,
  TasteChoice,
  TermCosts,
  Timeline,
  Under,
  Voicing,
  RankedPath,
  Result,
  Score,
  ScoreSound,
  NamedScore,
  Sheet,
  SheetRequest,
} from '@drop-close/core';

export interface VoiceRequest extends TuneText {
  readonly setup: Arrangement;
  /** As the player holds them. */
  readonly instruments: Instruments;
}

export interface ReadRequest extends TuneText {
  /** How far above concert pitch the reader's part is written. */
  readonly writtenAbove: number;
  /** Whose note pools stand first. */
  readonly school: School;
}

/** A chorus as it was voiced, and what it costs by term. */
export interface VoicedPath extends ConnectedPath {
  readonly terms: TermCosts;
}

/** The chorus as the worker understood and voiced it. */
export interface VoicedChorus {
  /** Names this answer in later questions about it. */
  readonly id: number;
  readonly chart: Chart;
  readonly problems: readonly ChartProblem[];
  readonly timeline: Timeline;
  readonly outcome: VoicedPath | NotConnected;
}

/** How the resolutions of a change could be met; nothing where none of the nearest alternatives does it. */
export interface MeetingAnswer {
  readonly found?: Meeting;
}

export interface PlanQuestion {
  readonly feel: Feel;
  readonly tempo: number;
  readonly fromBar?: number;
  readonly toBar?: number;
  /** A line that is played over it. */
  readonly solo?: SoloLine;
  /** Voicings in place of the chorus's own, as many; none leave the comp silent. */
  readonly path?: readonly Voicing[];
}

/** An étude that was made, or why there is none. */
export interface MadeEtude {
  readonly etude?: Etude;
  readonly problem?: string;
}

/** What is to be comped, and behind whom. */
export interface ComposeQuestion extends TuneText, CompQuestion {}

/** Choruses as they sound. */
export interface ComposedChoruses extends Pick<
  Composed,
  'sections' | 'placed' | 'sounding' | 'judged' | 'figures' | 'yielding'
> {
  /** Names this answer in later questions about it. */
  readonly id: number;
  readonly timeline: Timeline;
  readonly times: number;
  /** Bars of one chorus, a pickup not counted. */
  readonly barsEach: number;
  /** For each event the position of its whole chord in the one chorus. */
  readonly wholes: readonly number[];
  /** For each event whether a device has made it. */
  readonly devised: readonly boolean[];
  readonly voiced: Composed['voiced'];
  /** The solo line as it is heard. */
  readonly line: readonly SoloNote[];
}

export interface BandQuestion {
  /** Bars of all choruses, both included; all when left out. */
  readonly fromBar?: number;
  readonly toBar?: number;
  readonly tempo?: number;
  /** It does not come round, so it ends. */
  readonly ends?: boolean;
}

/** What the worker does for comping. Answers about choruses no longer in hand are `undefined`. */
export interface Composer {
  readonly compose: (question: ComposeQuestion) => ComposedChoruses;
  /** Hits and devices for the plan, and where somebody solos with room left for them. */
  readonly playSet: (id: number, seed: number) => CompBehind | undefined;
  readonly mendBar: (id: number, bar: number) => CompBehind | undefined;
  /** What may be done at a whole chord of the one chorus. */
  readonly offers: (
    id: number,
    at: number,
    line?: readonly number[],
    under?: readonly Under[],
  ) => readonly DeviceOffer[] | undefined;
  /** A device carried from a chord over its bar or its section. */
  readonly spread: (
    id: number,
    applied: AppliedDevice,
    scope: Scope,
  ) => readonly AppliedDevice[] | undefined;
  /** Licks over the choruses with chords in the gaps, or why not. */
  readonly layLicks: (id: number, request: LayOverRequest) => Result<LaidOver, string> | undefined;
  readonly band: (id: number, question: BandQuestion) => BandPlan | undefined;
  /** The comp part of all choruses. */
  readonly compSheet: (id: number, request: SheetRequest) => Sheet | undefined;
  /** A Standard MIDI File of all that sounds. */
  readonly song: (id: number, title: string) => Uint8Array | undefined;
  readonly standIn: (
    id: number,
    request: Pick<StandInRequest, 'density' | 'range' | 'seed'>,
  ) => SoloLine | undefined;
}

/** A question of a drill, and what may be chosen from where it is answered so. */
export interface AskedQuestion {
  readonly question: Question;
  readonly options: readonly Voicing[];
}

/** What a drill is made from. */
export interface DrillRequest {
  readonly drill: DrillId;
  readonly seed: number;
  /** The number of each chord in its key; as many as there are chords. */
  readonly numerals: readonly string[];
  /** The key they are in, as `Eb`. */
  readonly tonic: string;
  /** How the player calls notes. */
  readonly naming: NoteNaming;
}

/** What the worker of a file does. */
export interface FileReader {
  readonly readSolo: (bytes: Uint8Array) => Result<SoloFile, string>;
  readonly readIncoming: (
    bytes: Uint8Array,
    name: string,
    habits: PasteHabits,
  ) => Result<Incoming, string>;
  /** The archive of a book, made and read. */
  readonly writeBook: (book: WholeBook) => Uint8Array<ArrayBuffer>;
  readonly readBook: (bytes: Uint8Array) => Result<BookReading, string>;
}

/** What the worker does. Everything that crosses is plain data. */
export interface Engine extends Composer {
  /** Keys, numbers, landmarks and pools of the changes. */
  readonly read: (request: ReadRequest) => ChartAnalysis;
  readonly voice: (request: VoiceRequest) => VoicedChorus;
  /** Voices choruses to be looked at side by side; the one in hand stays what it is. */
  readonly compare: (requests: readonly VoiceRequest[]) => VoicedChorus[];
  /** Ranked by what they cost the whole chorus; `undefined` of a chorus that newer ones have long replaced. */
  readonly alternatives: (id: number, index: number, limit: number) => Alternative[] | undefined;
  /**
   * What a player tells by taking a voicing in place of those they turned down, else beside the others there
   * were; `undefined` as above.
   */
  readonly tasteChoice: (
    id: number,
    index: number,
    voicing: Voicing,
    turnedDown: readonly Voicing[],
  ) => TasteChoice | undefined;
  /** What all choices tell; `undefined` while they are few. */
  readonly learnTaste: (taste: StoredTaste) => Learned | undefined;
  /** The chorus as it would be with a voicing taken at one chord; `undefined` as above. */
  readonly preview: (id: number, index: number, voicing: Voicing) => VoicedPath | undefined;
  /** How the resolutions that a change misses could be met; `undefined` as above. */
  readonly meet: (id: number, at: number) => MeetingAnswer | undefined;
  /** So many ways to voice the whole chorus, the best first; `undefined` as above. */
  readonly rankedPaths: (id: number, limit: number) => RankedPath[] | undefined;
  /** What to play instead of a voicing of one chord that is hard to hold; `undefined` as above. */
  readonly easier: (id: number, index: number, voicing: Voicing) => EasierForm[] | undefined;
  /** Every grip of a family for one chord; `undefined` as above, and under N.C. */
  readonly browse: (id: number, index: number, family: FamilyId) => FamilyTable | undefined;
  /** A family taken round a cycle. */
  readonly etude: (request: EtudeRequest, instruments: Instruments) => MadeEtude;
  /**
   * The so manieth question of a drill made from the chorus, from 0; `undefined` as above, and where the chorus has none
   * of its kind. The same request asks the same questions.
   */
  readonly ask: (id: number, request: DrillRequest, count: number) => AskedQuestion | undefined;
  /** Bass, drums and comp of the chorus or a stretch of it; `undefined` as above. */
  readonly plan: (id: number, question: PlanQuestion) => BandPlan | undefined;
  /** A document made from the chorus; `undefined` as above, and where there is none of its kind. */
  readonly sheet: (id: number, request: SheetRequest) => Sheet | undefined;
  /** The voicings of the chorus as a table; `undefined` as above, and where it is not voiced. */
  readonly voicingsTable: (id: number) => string | undefined;
  /** A document of a tune that is not in hand; `undefined` where there is none of its kind. */
  readonly tuneSheet: (question: ComposeQuestion, request: SheetRequest) => Sheet | undefined;
  /** A document as a Standard MIDI File; `undefined` where it has no notes. */
  readonly scoreMidi: (score: Score, sound: ScoreSound) => Uint8Array | undefined;
  /** Documents as MusicXML in one archive. */
  readonly packedScores: (scores: readonly NamedScore[]) => Uint8Array<ArrayBuffer>;
  /** A score as MusicXML: as text, or packed. */
  readonly musicXml: (score: Score) => string;
  readonly packedXml: (score: Score) => Uint8Array<ArrayBuffer>;
}

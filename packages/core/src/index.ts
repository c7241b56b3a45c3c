/** The contents page of the engine. */
export { ok, fail, type Result } from './result';
export {
  midi,
  pitchClass,
  type Beats,
  type Midi,
  type Millimetres,
  type PitchClass,
  type Semitones,
} from './units';

export { intervalBetween } from './pitch/interval';
export {
  noteOf as noteParts,
  octaveOf,
  pitchClassOf,
  plainSpelling,
  prettyNote,
  type NoteName,
  type NoteNaming,
} from './pitch/spelling';

export { DEGREES, type Degree } from './chord/degrees';
export { nameNotes, type ChordReading } from './chord/nameNotes';
export { otherNames, tritoneDegree, type OtherName, type Relabelled } from './chord/otherNames';
export { parseChord } from './chord/parseChord';
export { SYMBOL_STYLES, styleSymbol, type SymbolStyle } from './chord/styleSymbol';
export type { Chord, ChordProblem, ChordTone, NoChord, PitchedChord } from './chord/types';

export {
  deleteBar,
  insertBar,
  joinSection,
  markBar,
  moveBar,
  nameSection,
  writeBar,
  writtenBars,
  type BarMarks,
} from './chart/edit';
export { formOf, type Form } from './chart/form';
export { formatChart } from './chart/formatChart';
export { FASTEST, SLOWEST, parseKey } from './chart/header';
export {
  FOUR_FOUR,
  barMeters,
  formatMeter,
  parseMeter,
  quartersInBar,
  slotStarts,
} from './chart/meter';
export { MOST_BARS, parseChart, type ParsedChart } from './chart/parseChart';
export { type PlayedBar } from './chart/playOrder';
export { slotText } from './chart/slot';
export { chartTokens, type ChartToken } from './chart/tokens';
export { countedBars, timeline, type ChartEvent, type Timeline } from './chart/timeline';
export {
  FEELS,
  type Bar,
  type Chart,
  type ChartHeader,
  type ChartProblem,
  type Feel,
  type Meter,
  type Section,
  type Slot,
} from './chart/types';

export {
  analyzeChart,
  defaultAnalysisSettings,
  type AnalysisSettings,
} from './analysis/analyzeChart';
export { standIns, type StandIn } from './analysis/standIns';
export { transposeChart } from './analysis/transposeChart';
export {
  LANDMARK_KINDS,
  type ChartAnalysis,
  type ChordAnalysis,
  type CoveringSound,
  type HarmonicFunction,
  type KeyArea,
  type Landmark,
  type LandmarkKind,
  type OtherReading,
  type Pool,
  type School,
  type SectionAnalysis,
} from './analysis/types';

export { defaultGuitar, defaultKeyboard, rooms } from './voicing/data';
export { enumerateVoicings, voicingKey } from './voicing/enumerate';
export { families, familyOf } from './voicing/families';
export type {
  Ease,
  FamilyId,
  Guitar,
  Hand,
  Instrument,
  Inversion,
  Keyboard,
  PitchRange,
  Room,
  RoomId,
  VoicedNote,
  Voicing,
  VoicingSettings,
} from './voicing/types';

export { connect } from './connect/connect';
export { voiceMotions } from './connect/changes';
export { defaultSettings, defaultWeights } from './connect/data';
export { terms } from './connect/terms';
export type { MotionKind } from './connect/match';
export type {
  Alternative,
  Change,
  Connected,
  ConnectedPath,
  ConnectOutcome,
  ConnectSettings,
  CostTerm,
  NotConnected,
  TermId,
  VoiceMotion,
  Weights,
} from './connect/types';

export { defaultArrangement, followChords, settingsOf, withLock } from './arrangement/arrangement';
export { TERM_IDS, type Arrangement, type InstrumentKind, type Lock } from './arrangement/types';

export { bandPlan, countIn, type BandPlan, type PlanRequest } from './band/plan';
export { PARTS, type Part, type PlannedNote } from './band/types';

/** The contents page of the engine. */
export { ok, fail, type Result } from './base/result';
export { plainLetters, searchedWords } from './base/plainLetters';
export { storablePart, unstorableIn, type UnstorableCharacter } from './base/storable';
export {
  midi,
  pitchClass,
  quarters,
  ticks,
  type Beats,
  type Midi,
  type Millimetres,
  type PitchClass,
  type Quarters,
  type Semitones,
  type Ticks,
} from './base/units';

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
export { readNoteName } from './pitch/readNoteName';

export { DEGREES, prettyDegree, type Degree } from './chord/degrees';
export {
  canOpen,
  openKey,
  opensEnough,
  openedBy,
  scalesToOpen,
  topTones,
  type OpenScale,
} from './chord/openedBy';
export { SCALE_NAMES, type ScaleName } from './chord/scales';
export { nameNotes, type ChordReading } from './chord/nameNotes';
export { otherNames, tritoneDegree, type OtherName, type Relabelled } from './chord/otherNames';
export { parseChord } from './chord/parseChord';
export { upperParts, type UpperPart } from './chord/upperParts';
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
export { FASTEST, LONGEST_TITLE, SLOWEST, parseKey } from './chart/header';
export {
  FOUR_FOUR,
  barMeters,
  formatMeter,
  parseMeter,
  quartersInBar,
  slotStarts,
} from './chart/meter';
export { germanHint } from './chart/germanHint';
export { parseChart, type ParsedChart } from './chart/parseChart';
export {
  LONGEST_SYMBOL,
  MOST_BARS,
  MOST_CHORDS,
  MOST_PLAYED_BARS,
  MOST_SECTIONS,
  MOST_SLOTS,
} from './chart/limits';
export { freshPlaces, identify, placesFit } from './chart/places/identify';
export {
  barKey,
  chordKey,
  type BarIdentity,
  type BarPlace,
  type ChartPlaces,
  type ChordPlace,
  type SectionIdentity,
} from './chart/placeTypes';
export {
  edited,
  firstWritten,
  readWritten,
  retyped,
  type WrittenChart,
} from './chart/places/written';
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
export { inList } from './base/words';
export { likenessInWords } from './analysis/inWords/likeness';
export { sayTune, type SaidSection, type SaidTune } from './analysis/inWords/sayTune';
export { panelScales, type PanelScale } from './analysis/panelScales';
export {
  melodyChords,
  tellMelody,
  type Approach,
  type MelodyChord,
  type MelodyNote,
  type MelodyPart,
  type ToldNote,
} from './analysis/melody';
export { heldLines, type HeldOver } from './analysis/heldLines';
export { sharedNotes, type ChordWithPool } from './analysis/shared';
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
  type SharedNote,
  type SharedNotes,
} from './analysis/base/types';

export {
  HANDS,
  defaultGuitar,
  defaultInstruments,
  defaultKeyboard,
  defaultVoicingSettings,
  instrumentsOf,
  rooms,
  type Instruments,
} from './voicing/data';
export {
  enumerateVoicings,
  enumeratorOf,
  rangeOf,
  voicingKey,
  type Enumerator,
} from './voicing/enumerate';
export { families, familyOf } from './voicing/families';
export { fretPosition, openPitches } from './voicing/strings/geometry';
export { inversionOf } from './voicing/base/stacks';
export { setInWords, stringsIn } from './voicing/base/stringSet';
export {
  BOTTOMS,
  FAMILY_IDS,
  OPEN_STRINGS,
  ROOM_IDS,
  VOICE_COUNTS,
  type Bottom,
  type Ease,
  type FamilyId,
  type Fretted,
  type Hand,
  type Instrument,
  type Inversion,
  type Keyboard,
  type Others,
  type PitchRange,
  type Room,
  type RoomId,
  type VoiceCount,
  type VoicedNote,
  type Voicing,
  type VoicingSettings,
} from './voicing/base/types';

export { soundOf, type Sound } from './voicing/sound/soundOf';
export { roughness } from './voicing/sound/roughness';
export { pitchName } from './voicing/base/pitchName';
export { nearestFamily } from './voicing/whyNone';
export { checkInstrument, checkRoom } from './voicing/check';
export { LIMITS, type SettingProblem } from './voicing/base/problem';
export {
  FRETTED,
  FRETTED_IDS,
  INSTRUMENT_IDS,
  KEYED,
  KEYED_IDS,
  forEachInstrument,
  isFrettedId,
  labelOfInstrument,
  voiceOf,
  type FrettedId,
  type InstrumentId,
  type KeyedId,
} from './voicing/base/instruments';
export { isFretted, playingOf } from './voicing/playingOf';
export { browseFamily, type FamilyTable } from './voicing/sheet/browse';
export { type DerivationStep, type DerivedNote } from './voicing/sheet/derivation';
export { deriveVoicing } from './voicing/sheet/derive';
export { easeReason } from './voicing/sheet/easeReason';
export { easierForms, type EasierForm } from './voicing/sheet/easierForms';
export { type PlayedNote } from './voicing/instruments/played';
export { readPlayed, type PlayedVoicing } from './voicing/sheet/readPlayed';

export { connect, createConnector, type Connector } from './connect/connect';
export { defaultSettings, defaultWeights, noWishes } from './connect/base/data';
export { costByTerm, type TermCosts } from './connect/explain/costs';
export { walkingLines, type WalkingLine } from './connect/explain/lines';
export { resolutionsOf, type Resolution } from './connect/explain/resolutions';
export {
  profileByBar,
  shiftsOf,
  summaryOf,
  type BarProfile,
  type Summary,
} from './connect/explain/summary';
export { handSpans, voiceRanges, type HandSpan, type VoiceRange } from './connect/explain/ranges';
export { threadsOf, type Thread } from './connect/explain/threads';
export { presets, type Preset } from './connect/presets';
export { terms } from './connect/terms';
export type { MotionKind } from './connect/base/match';
export {
  TERM_IDS,
  type Alternative,
  type Change,
  type Connected,
  type ConnectedPath,
  type ConnectOutcome,
  type ConnectSettings,
  type CostTerm,
  type LentFamily,
  type NotConnected,
  type TermId,
  type TopMotion,
  type VoiceMotion,
  type RankedPath,
  type Weights,
  type Wishes,
} from './connect/base/types';

export { defaultArrangement, instrumentOf, noLine, withLock } from './arrangement/stored/defaults';
export { settingsOf } from './arrangement/chorus/settings';
export { heldLocks, type HeldLocks } from './arrangement/stored/heldLocks';
export { wholePositions } from './arrangement/stored/splitTimeline';
export { chorusOf, type Chorus } from './arrangement/chorus/chorus';
export { fitArrangement, type FittedArrangement, type Unfit } from './arrangement/stored/fit';
export { topNoteHolds, type WhyNotHeld } from './arrangement/stored/heldLocks';
export {
  fitLine,
  lostBarsOf,
  putBarsBack,
  frameOf,
  type FittedLine,
  type LineBar,
  type LineFrame,
  type LostBars,
} from './arrangement/stored/placedLine';
export {
  holdsAt,
  misfitsOf,
  putBack,
  throwAway,
  type Misfit,
  type PutBackPlace,
  type WhyMisfit,
} from './arrangement/stored/misfits';
export { partPositions, positionsIn, type Positions } from './arrangement/stored/positions';
export { openedChords, poolHolds, withPool } from './arrangement/stored/pools';
export { scaleHolds, withScales, withScalesOpened } from './arrangement/stored/scales';
export { withSplit } from './arrangement/stored/splits';
export { roomBehind, startFor, withSetUp, type Start } from './arrangement/stored/start';
export { storeArrangement } from './arrangement/stored/store';
export {
  ARRANGEMENT_VERSION,
  type StoredArrangement,
  type StoredComp,
  type StoredDevice,
  type StoredHit,
  type StoredLineNote,
  type StoredLineSpan,
  type StoredLock,
  type StoredPool,
  type StoredScale,
  type StoredSectionPlan,
  type StoredSplit,
  type StoredLocks,
} from './arrangement/stored/stored';
export { chordsInContext } from './arrangement/chorus/inContext';
export { type Return } from './arrangement/chorus/returns';
export { withNote, withSpan } from './arrangement/stored/topLine';
export { motionsOf } from './arrangement/chorus/wishes';
export { voicedWith, voiceChorus, type Following } from './arrangement/chorus/voiceChorus';
export {
  MEASURED_FROM,
  arrangementFor,
  checkProfile,
  upgradeProfile,
  defaultProfile,
  handReaching,
  type Profile,
  type Writing,
} from './arrangement/profile/profile';
export {
  choicesIn,
  mergedTaste,
  noTaste,
  withChoice,
  withoutLatest,
  MOST_CHOICES,
  type StoredChoice,
  type StoredTaste,
} from './arrangement/profile/taste';
export { tasteChoice, type TasteChoice } from './connect/taste/choices';
export { FEWEST_CHOICES, learnTaste, type Learned, type Leaning } from './connect/taste/learn';
export {
  upgradeArrangement,
  type AnyArrangement,
  type ChartWithPlaces,
} from './arrangement/stored/upgrade';
export {
  LINE_SHAPES,
  RETURNS,
  type Asked,
  type ChordPool,
  type KeptScale,
  type Arrangement,
  type LineNote,
  type LineShape,
  type LineSpan,
  type Lock,
  type Split,
  type TopLine,
} from './arrangement/stored/types';

export { countIn } from './band/countIn';
export { KIT_PROGRAMS, ON_DRUMS, partSound, type PartSound } from './band/sounds';
export { BAND_GAIN_DB, channelVolume, mixOf, type Mix } from './band/output/mix';
export { roomFor } from './band/output/room';
export { softened } from './band/output/peaks';
export { inChoruses } from './band/ending';
export { overChoruses } from './band/overChoruses';
export { bandPlan, type PlanRequest } from './band/plan';
export { offbeatAt, swingRatio } from './band/swing';
export { transposedPlan } from './band/transposed';
export { PARTS, type BandPlan, type Kit, type Part, type PlannedNote } from './band/types';
export {
  BASS_STYLES,
  DRUM_STYLES,
  ENDINGS,
  RESTING,
  type BassStyle,
  type DrumStyle,
  type Ending,
  type Resting,
} from './comp/styles';

export { devices, deviceOf } from './movement/devices';
export { offersAt } from './movement/devices/offers';
export { type Under } from './movement/harmoniseTypes';
export { stepped, type Steps } from './voicing/stepped';
export {
  DEVICE_GROUPS,
  DEVICE_IDS,
  type AppliedDevice,
  type Choice,
  type DeviceGroup,
  type DeviceId,
  type DeviceOffer,
  type MovedChord,
  type MovementDevice,
} from './movement/types';

export { sayNote } from './comp/solo/sayNote';
export { tellLine, type ToldLine, type ToldPhrase } from './comp/solo/tellLine';
export { degreesOver, openFrom, scaleOver, type ScaleOver } from './chord/scaleOver';
export { scaleLine, type ScaleStretch } from './practice/scaleLine';
export { PATTERNS } from './comp/patterns/data';
export { anticipates, layPattern, patternOf } from './comp/patterns/patterns';
export {
  PATTERN_FAMILIES,
  type Density,
  type Pattern,
  type PatternFamily,
} from './comp/patterns/types';
export { copyBar, hitAt, lengthenHit, moveHit, nudgeHit, withHit, withoutHit } from './comp/edit';
export { heldFor, swelled } from './comp/ideas';
export { chordsTold } from './comp/solo/harmony';
export { type Decision, type Doing } from './comp/solo/leaveRoom';
export { type CompFigures, type HitJudgement } from './comp/solo/measure';
export { phrasesOf } from './comp/solo/phrases';
export { standInLine, type StandInRequest } from './comp/solo/standIn';
export {
  MOST_SOLO_NOTES,
  type SoloLine,
  type SoloNote,
  type SoloPhrase,
  type Strictness,
} from './comp/solo/types';
export { type SoundingHit } from './comp/base/sounding';
export { densityByBar, type BarDensity } from './comp/density';
export {
  EIGHTH,
  TICKS_PER_QUARTER,
  gridOf,
  inQuarters,
  inTicks,
  straightened,
  swung,
} from './comp/base/time';
export { HOLDS, TOUCHES, type Hit, type Hold, type Loudness, type Touch } from './comp/base/types';

export { compBehind, mendBar, type CompBehind } from './choruses/behind';
export { layOver, type LaidOver, type LayOverRequest } from './choruses/layOver';
export {
  CALLERS,
  LICK_PLACES,
  type Caller,
  type LaidLick,
  type LickPlace,
} from './comp/licks/layLicks';
export { fingerLine, type FingeredNote } from './comp/licks/fingerLine';
export { readNotes, writeNotes } from './comp/licks/lickText';
export { readLick } from './comp/licks/readLick';
export { type Lick, type LickProblem, type ReadLick } from './comp/licks/types';
export { compose, type Composed, type ComposeRequest } from './choruses/compose';
export { TEXTURE_FAMILIES } from './choruses/data';
export { defaultSection, noComp } from './comp/defaults';
export { type Choruses, type Origin } from './choruses/frame';
export { playPlan, type PlayedPlan } from './choruses/hits';
export { chorusesOf, swungLine } from './choruses/lines';
export {
  bandOf,
  compositionOf,
  offersIn,
  playedSet,
  wholesOf,
  type CompQuestion,
  type Composition,
  type PlayedPart,
} from './choruses/composition';
export { SCOPES, devicesOver, type Scope } from './choruses/spread';
export { createTuneReader, type TuneReading, type TuneText } from './choruses/tuneReader';
export { cheapestMeeting, type Meeting, type VoicedWhole } from './arrangement/chorus/meeting';
export { wholeChords, type PlacedDevice } from './choruses/moved';
export { sectionsOf, type ChorusSection } from './arrangement/stored/chorusSections';
export { planByBar, plannedSections, type PlannedSection } from './choruses/sections';
export {
  arcFrom,
  planShapes,
  shapeOver,
  withPlan,
  type ArcSection,
  type PlanShape,
} from './choruses/plan';
export {
  TEXTURES,
  type ChorusPlan,
  type Comp,
  type DeviceLevel,
  type PlannedBars,
  type SectionPlan,
  type Texture,
} from './comp/comping';

export { readMidi, type MidiReading } from './formats/midi/read';
export { type MidiSong, type MidiTrack } from './formats/midi/types';
export { writeMidi } from './formats/midi/write';
export { keyAt, tooLong, trackOf, trackSeconds } from './tracks/trackOf';
export {
  LONGEST_TRACK,
  MOST_FASTER,
  MOST_TRACK_KEYS,
  MOST_TRACK_TIMES,
  TRACK_FORMATS,
  type Track,
  type TrackFormat,
  type TrackNote,
  type TrackWish,
} from './tracks/types';
export {
  compareBooks,
  type Compared,
  type ComparedKind,
  type Standing,
} from './formats/wholeBook/compareBooks';
export { LARGEST_BOOK, readBook, type BookReading } from './formats/wholeBook/readBook';
export { writeBook } from './formats/wholeBook/writeBook';
export type {
  BookArrangement,
  BookEntry,
  BookLick,
  BookNote,
  BookSet,
  BookSolo,
  BookTune,
  WholeBook,
} from './formats/wholeBook/types';
export { chartFile } from './formats/chartFile';
export { voicingsCsv } from './formats/voicingsCsv';
export { readIncoming } from './formats/incoming/readIncoming';
export { readPasted } from './formats/incoming/readPasted';
export {
  DEFAULT_HABITS,
  LOOSE_LINES,
  MOST_TUNES_AT_ONCE,
  type Incoming,
  type IncomingFields,
  type IncomingProblem,
  type IncomingSolo,
  type IncomingTune,
  type LineKind,
  type LooseLines,
  type PasteHabits,
  type UnderstoodLine,
} from './formats/incoming/types';
export { readSoloFile, type SoloFile } from './formats/soloFile';
export { songOf, songOfComposition, type SongRequest } from './formats/songOf';
export { songOfScore, type ScoreSound } from './formats/songOfScore';

export {
  CIRCLE_KINDS,
  CYCLES,
  cycleChords,
  type CircleKind,
  type Cycle,
  type CycleChoice,
  type CycleChords,
} from './practice/cycles';
export { makeEtude } from './practice/etude';
export {
  ETUDE_LINE,
  etudeSetup,
  etudeTune,
  inTwelveKeys,
  isOfOneKey,
  makeEtudeBook,
  TWELVE_KEYS,
  type EtudeBook,
} from './practice/etudeBook';
export { PLAYED, type Played } from './practice/patternLine';
export { whereInWords } from './practice/etudeText';
export {
  TOPS,
  type Etude,
  type EtudeProblem,
  type EtudeRequest,
  type Round,
  type Top,
} from './practice/types';
export { WAYS, type Way } from './practice/rounds/rounds';
export { arpeggioLine } from './practice/layers/arpeggios';
export { motionKind } from './connect/base/match';
export { guideLine } from './practice/layers/guideLine';
export { guideLines } from './practice/layers/guideLines';
export {
  isLineLayer,
  KEY_ORDERS,
  keysInOrder,
  LAYER_RANGES,
  layerLine,
  LINE_LAYERS,
  playedLayer,
  type KeyOrder,
  type LineLayer,
  type LineWish,
} from './practice/layers/layer';
export { patternLayer } from './practice/layers/patternLayer';
export { rootLine } from './practice/layers/roots';
export type { LayerNote, LineRange, Pace } from './practice/layers/types';
export { recallPlayed } from './practice/ladder/recallPlayed';
export { coverChart, nextRung, RUNGS, type Covered, type Rung } from './practice/ladder/cover';
export { drill, judge } from './practice/drills/drill';
export {
  DRILL_LAYERS,
  ENOUGH_ANSWERS,
  measureOf,
  measurePhrases,
  type Answered,
} from './practice/drills/measure';
export { phrases, type Phrase } from './practice/drills/phrases';
export { FORM_DRILLS, formMaterial } from './practice/drills/formMaterial';
export { gripOptions } from './practice/drills/options';
export { sameChord } from './practice/drills/questions';
export {
  DRILLS,
  type Answer,
  type DrillId,
  type DrillMaterial,
  type Question,
} from './practice/drills/types';
export { askedOf } from './band/asked';
export {
  isClean,
  judgePass,
  passInWords,
  passMeasured,
  type PassJudgement,
  type PassNote,
  type PassRules,
} from './practice/passes/judgePass';
export { SCRIPTED_HANDS, scriptedPass, type ScriptedHand } from './practice/passes/scripted';
export { gradeOf, nextTempo, type Measured } from './practice/schedule/grades';
export {
  A_DAY,
  dueByDay,
  knownAt,
  scheduleOf,
  scheduleSince,
} from './practice/schedule/scheduleOf';
export {
  GRADES,
  type Grade,
  type PracticeNote,
  type Put,
  type Review,
  type Schedule,
  type TakenBack,
  type Recalled,
} from './practice/schedule/types';
export {
  mapOfHoles,
  readiness,
  strengthOf,
  STRENGTHS,
  type HoleCell,
  type HoleRow,
  type Known,
  type Strength,
} from './practice/items/holes';
export {
  itemKey,
  itemOf,
  KEY_GROUPS,
  LAYERS,
  QUALITIES,
  type FormItem,
  type KeyGroup,
  type LayerId,
  type LayerItem,
  type PracticeItem,
  type Quality,
} from './practice/items/items';
export {
  dueFirst,
  planSession,
  type SessionPart,
  type SessionWish,
} from './practice/session/planSession';
export { knownByTune, type TuneKnown } from './practice/items/byTune';
export { formPath, formRequest, isOnStrings } from './practice/items/formEtude';
export { nextLayers } from './practice/items/next';
export { formInWords, itemInWords } from './practice/items/words';
export {
  beginRun,
  finishStep,
  isOver,
  minutesPlayed,
  moveStep,
  spend,
  STEP_KINDS,
  stepBack,
  stepNow,
  tellSession,
  type SessionRun,
  type SessionStep,
} from './practice/session/run';
export {
  dayNumber,
  dayOf,
  LONGEST_ENTRY_TEXT,
  minutesBy,
  mondayOf,
  minutesByWeek,
  MINUTES_A_DAY,
  tempoOverTime,
  type LogEntry,
} from './practice/log/log';
export { readLogCsv, writeLogCsv, type ReadLog } from './practice/log/logCsv';
export { readLogJson, writeLogJson } from './practice/log/logJson';

export type {
  ArrangementFields,
  ArrangementView,
  FieldProblem,
  LickFields,
  LickView,
  ProblemDetails,
  ProfileView,
  SetFields,
  SetView,
  SoloFields,
  SoloView,
  DoorView,
  EnterFields,
  ListedTune,
  NewTuneFields,
  NewTunesFields,
  PassphraseFields,
  PutTuneFields,
  ThrownAway,
  ThrownAwayKind,
  TuneFields,
  TuneGlance,
  TuneMoment,
  TuneThen,
  TuneView,
} from './api/types';
export type {
  EntriesFields,
  EntryFields,
  EntryView,
  NewSessionFields,
  PracticeItemView,
  PracticeNoteFields,
  PracticeNotesFields,
  SessionAim,
  SessionFields,
  SessionView,
} from './api/practice';
export type {
  TrackFields,
  EtudesFields,
  JobKind,
  JobState,
  JobView,
  OtherJobKind,
  PartsFields,
  TrackView,
} from './api/jobs';
export {
  MOMENTS_A_PAGE,
  MOST_AT_ONCE,
  MOST_INCOMING_SOLOS,
  MOST_SOLOS_OF_TUNE,
  TUNES_A_PAGE,
} from './api/types';
export { ENTRIES_A_PAGE, SESSIONS_A_PAGE, ITEMS_A_PAGE } from './api/practice';
export { JOB_DAYS } from './api/jobs';
export { mergeTunes, type MergeOutcome } from './versions/mergeTunes';
export type { Conflict } from './versions/mergeValues';
export { tellChanges } from './versions/tellChanges';
export type { TuneVersion } from './versions/types';

// The written page
export { writeMusicXml } from './formats/musicxml/writeScore';
export { packMusicXml } from './formats/musicxml/packed';
export {
  packParts,
  packScores,
  type NamedScore,
  type ScoreFolder,
} from './formats/musicxml/packedScores';
export { keyOf, noteInKey, signatureOf } from './analysis/base/key';
export { heardLine } from './score/heardLine';
export { soloSheet, type SheetSolo } from './score/soloSheet';
export { scaleSheet, type SheetScales } from './score/scaleSheet';
export { withNumbers, type Frame } from './score/numbers';
export {
  compSheet,
  rhythmSheet,
  leadSheet,
  lineSheet,
  voicingsSheet,
  type SheetChords,
  type SheetHead,
  type SheetNote,
  type SheetTune,
} from './score/documents';
export {
  isCompedKind,
  isForReaders,
  isOfSolo,
  SET_KINDS,
  SHEET_KINDS,
  SHEET_LABELS,
  usualReader,
  type Sheet,
  type SheetKind,
  type SheetRequest,
} from './score/sheets/types';
export { outsideNote } from './score/sheets/outsideNote';
export { compSheetOf, sheetOf, tuneSheet } from './score/sheets/sheetOf';
export { movedByOctaves, octaveOffered, outOfRange, type OutOfRange } from './score/inRange';
export { staffStep, stepsUnder } from './score/staff';
export { READER_IDS, READERS, type ReaderId } from './score/readers';
export type {
  Clef as ScoreClef,
  Moment,
  Score,
  ScoreChord,
  PartMeasure,
  ScoreMeasure,
  ScorePart,
  ScoreVoice,
  WrittenNote,
} from './score/types';

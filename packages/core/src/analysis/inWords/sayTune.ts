/**
 * A tune as a teacher would say it before it is played: its form and key, then each section by its keys and by what
 * the changes do there. Source of the words: common practice.
 */
import { prettyNote } from '../../pitch/spelling';
import type { ChartAnalysis, ChordAnalysis, Landmark, SectionAnalysis } from '../base/types';
import { inWords } from '../landmarks/landmark';
import { likenessInWords } from './likeness';
import { phraseOf, rankOf } from './phrases';

export interface SaidSection {
  /** As `A2`. */
  readonly name: string;
  readonly fromBar: number;
  readonly words: string;
}

export interface SaidTune {
  /** Form and key: "32-bar AABA in E♭ major". */
  readonly whole: string;
  readonly sections: readonly SaidSection[];
}

const FORMS: readonly string[] = ['12-bar blues', 'minor blues', 'AABA', 'ABAC'];

/**
 * The tune in words, section by section; a section that comes again is told as that. A chart of Dm7, G7 and two bars of
 * Cmaj7 is "ii–V–I".
 */
export function sayTune(analysis: ChartAnalysis): SaidTune {
  const { homeKey, landmarks, sections, chords } = analysis;
  const around = { chords, sections, homeKey, told: mostTelling(landmarks) };
  const [form] = landmarks.filter(({ kind }) => FORMS.includes(kind));
  const key = prettyKey(homeKey);
  const bars = sections.reduce((sum, { fromBar, toBar }) => sum + toBar - fromBar + 1, 0);
  return {
    whole: capital(form ? wholeIn(form, key) : `${inBars(bars)} in ${key}`),
    sections: sections.map((section) => ({
      name: section.name,
      fromBar: section.fromBar,
      words: saySection(section, around),
    })),
  };
}

const prettyKey = (key: string): string => {
  const [tonic = '', mode = ''] = key.split(' ');
  return `${prettyNote(tonic)} ${mode}`;
};

const inBars = (count: number): string => `${inWords(count)} bar${count === 1 ? '' : 's'}`;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** A blues names its key itself. */
const wholeIn = ({ label }: Landmark, key: string): string =>
  label.includes(' in ') ? label : `${label} in ${key}`;

/** Of landmarks over the same chords the most telling; they may meet in the chord one ends and the next begins with. */
function mostTelling(landmarks: readonly Landmark[]): Landmark[] {
  const ranked = landmarks
    .filter(({ saidBy }) => saidBy === undefined)
    .flatMap((mark) => {
      const rank = rankOf(mark);
      return rank === undefined ? [] : [{ mark, rank }];
    })
    .sort((a, b) => a.rank - b.rank || a.mark.first - b.mark.first);
  const told: Landmark[] = [];
  for (const { mark } of ranked) {
    if (told.every((other) => mark.first >= other.last || mark.last <= other.first))
      told.push(mark);
  }
  return told.sort((a, b) => a.first - b.first);
}

interface Around {
  readonly chords: readonly ChordAnalysis[];
  readonly sections: readonly SectionAnalysis[];
  readonly homeKey: string;
  readonly told: readonly Landmark[];
}

function saySection(section: SectionAnalysis, around: Around): string {
  const like = likenessInWords(section);
  if (section.sameAs) return like!;
  const bars = section.nearly?.exceptBars;
  const words = sayBars(section, around, bars);
  if (like === undefined) return words || `in ${prettyKey(keyAt(section, around))}`;
  return words ? `${like}: ${words}` : like;
}

const keyAt = ({ fromBar }: SectionAnalysis, { chords, homeKey }: Around): string =>
  chords.find(({ bar }) => bar >= fromBar)?.key ?? homeKey;

/** Landmarks in one key; no key is named where a chain of keys names its own. */
interface InKey {
  readonly key: string | undefined;
  readonly phrases: string[];
}

/** What begins in a section, or in some bars of it; a key is named where another one was before. */
function sayBars(section: SectionAnalysis, around: Around, bars?: readonly number[]): string {
  const { chords, told, homeKey } = around;
  const chains = told.filter(({ kind }) => kind === 'chain of keys');
  const groups: InKey[] = [{ key: homeKey, phrases: [] }];
  chords.forEach(({ bar, key: heard }, at) => {
    const isIn = bars ? bars.includes(bar) : bar >= section.fromBar && bar <= section.toBar;
    if (!isIn) return;
    const named = chains.some(({ first, last }) => at >= first && at <= last);
    const key = named ? undefined : heard;
    if (groups.at(-1)!.key !== key) groups.push({ key, phrases: [] });
    const mark = told.find(({ first }) => first === at);
    if (mark) groups.at(-1)!.phrases.push(phraseIn(mark, section, around));
  });
  return groups
    .map((group, at) => sayGroup(group, at === 0, homeKey))
    .filter(Boolean)
    .join('; ');
}

function phraseIn(mark: Landmark, section: SectionAnalysis, { chords, sections }: Around): string {
  const { bar } = chords[mark.last]!;
  const end = sections.find(({ fromBar, toBar }) => bar >= fromBar && bar <= toBar);
  return phraseOf(mark, { chords, endsIn: end === section ? undefined : end?.name });
}

/** The home key goes without saying at first; coming back to it does not, where anything is said of it. */
function sayGroup({ key, phrases }: InKey, first: boolean, homeKey: string): string {
  const words = counted(phrases).join(', ');
  if (key === undefined || first) return words;
  if (key === homeKey) return words && `back in ${prettyKey(key)}: ${words}`;
  return words ? `in ${prettyKey(key)}: ${words}` : `in ${prettyKey(key)}`;
}

/** "ii–V–I twice" for two in a row. */
function counted(phrases: readonly string[]): string[] {
  const rows: { phrase: string; times: number }[] = [];
  for (const phrase of phrases) {
    const last = rows.at(-1);
    if (last?.phrase === phrase) last.times += 1;
    else rows.push({ phrase, times: 1 });
  }
  return rows.map(({ phrase, times }) => {
    if (times === 1) return phrase;
    return `${phrase} ${times === 2 ? 'twice' : `${inWords(times)} times`}`;
  });
}

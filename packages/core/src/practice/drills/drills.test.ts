import { chord } from '../../testing/builders';
import { connect } from '../../connect/connect';
import { defaultSettings } from '../../connect/base/data';
import { demoTunes } from '../../testing/demo';
import { enumerateVoicings } from '../../voicing/enumerate';
import { defaultGuitar, defaultKeyboard, rooms } from '../../voicing/data';
import { pitchClassOf } from '../../pitch/spelling';
import type { PitchedChord } from '../../chord/types';
import type { ConnectSettings } from '../../connect/base/types';
import type { Voicing } from '../../voicing/base/types';
import { gradeOf } from '../schedule/grades';
import { drill, judge } from './drill';
import { halfSteps } from './motion';
import { sameChord, voiceInWords } from './questions';
import { measureOf } from './measure';
import { gripOptions } from './options';
import { DRILLS, type DrillId, type DrillMaterial, type Question } from './types';

const GUITAR: ConnectSettings = {
  ...defaultSettings,
  instrument: defaultGuitar,
  families: ['drop2', 'drop3'],
  room: rooms.alone,
};
const KEYS: ConnectSettings = {
  ...GUITAR,
  instrument: defaultKeyboard,
  families: ['drop2', 'drop24'],
};

function material(
  chords: readonly PitchedChord[],
  settings: ConnectSettings,
  numerals = chords.map(({ symbol }) => symbol),
  tonic = 'C',
): DrillMaterial {
  const outcome = connect([...chords], settings);
  if (outcome.status !== 'found') throw new Error(outcome.status);
  const known = new Map<string, readonly Voicing[]>();
  const grips = (of: PitchedChord) => {
    const grip = known.get(of.symbol) ?? enumerateVoicings(of, settings);
    known.set(of.symbol, grip);
    return grip;
  };
  return { chords, path: outcome.path, numerals, tonic, grips };
}

const TWO_FIVE_ONE = material(['Dm7', 'G7', 'Cmaj7'].map(chord), GUITAR, ['ii7', 'V7', 'Imaj7']);

/** So many questions of a drill. */
const asked = (id: DrillId, of: DrillMaterial, count: number, seed = 7): Question[] => {
  const next = drill(id, of, seed);
  return Array.from({ length: count }, () => next()!);
};
const find = (id: DrillId, key: string): Question =>
  asked(id, TWO_FIVE_ONE, 200).find((question) => question.key === key)!;

describe('a question, its answer and why', () => {
  // Common practice, spelled by hand.
  it('names a degree', () => {
    const question = find('name the degree', 'G7 F');
    expect(question).toMatchObject({ words: 'What is F in G7?', answer: 'b7' });
    expect(question.because).toBe('F is the ♭7 of G7: it is spelled from G upward.');
    expect(judge(question, { degree: 'b7' })).toEqual({ right: 1 });
    expect(judge(question, { degree: '7' })).toEqual({ right: 0 });
    expect(judge(question, { notes: ['F'] })).toEqual({ right: 0 });
  });

  it('spells a chord, in any spelling and order', () => {
    const question = find('spell the chord', 'Dm7');
    expect(question.answer).toEqual(['D', 'F', 'A', 'C']);
    expect(question.because).toBe('Dm7 is D (R), F (♭3), A (5) and C (♭7).');
    expect(judge(question, { notes: ['C', 'A', 'F', 'D'] }).right).toBe(1);
    expect(judge(question, { notes: ['D', 'F', 'A'] }).right).toBe(3 / 4);
    expect(judge(question, { notes: ['D', 'E#', 'A', 'B#', 'G'] }).right).toBe(4 / 5);
  });

  it('finds guide tones', () => {
    const question = find('find the guide tones', 'Cmaj7');
    expect(question.answer).toEqual(['E', 'B']);
    expect(question.because).toBe('E (3) and B (7) tell Cmaj7 from any other chord.');
  });

  it('counts the dropped voice from the top and shows the close position', () => {
    const grip: Voicing = {
      family: 'drop2',
      ease: 'easy',
      notes: [
        { midi: 55, note: 'G', degree: '5' },
        { midi: 60, note: 'C', degree: 'R' },
        { midi: 64, note: 'E', degree: '3' },
        { midi: 71, note: 'B', degree: '7' },
      ] as unknown as Voicing['notes'],
    };
    const only = { ...TWO_FIVE_ONE, chords: [chord('Cmaj7')], grips: () => [grip] };
    const [question] = asked('which voice was dropped', only, 1);
    expect(question?.words).toBe('Which voices of Cmaj7, G C E B from low to high, were dropped?');
    expect(question?.because).toBe(
      'Close it is C E G B; the second voice from the top went down an octave.',
    );
    expect(judge(question!, { voices: [2] }).right).toBe(1);
    expect(judge(question!, { voices: [2, 4] }).right).toBe(0);
  });

  it('goes by numbers into another key, and takes the same chord by any symbol', () => {
    const question = find('from numbers', 'ii7 V7 Imaj7 Eb');
    expect(question.words).toBe('Play ii7 V7 Imaj7 in E♭.');
    expect(question.answer).toEqual(['Fm7', 'Bb7', 'Ebmaj7']);
    expect(judge(question, { symbols: ['F-7', 'A#7', 'EbΔ7'] }).right).toBe(1);
    expect(judge(question, { symbols: ['Fm7', 'B7'] }).right).toBe(1 / 3);
  });

  it('measures how far a grip lies beyond the nearest', () => {
    const [question] = asked('nearest next grip', TWO_FIVE_ONE, 1);
    if (question?.drill !== 'nearest next grip') throw new Error('another drill');
    expect(judge(question, { grip: question.answer })).toEqual({ right: 1, detour: 1 });
    const { from, least } = question;
    const far = TWO_FIVE_ONE.grips(question.chord).find(
      (grip) => halfSteps(from, grip) > 2 * least + 4,
    );
    const measured = judge(question, { grip: far! });
    expect(measured).toEqual({ right: 1, detour: (halfSteps(from, far!) + 1) / (least + 1) });
    expect(gradeOf(measured)).toBe('hard');
    const [wrong] = TWO_FIVE_ONE.grips(chord('Dm7'));
    expect(judge(question, { grip: wrong! }).right).toBe(0);
  });
});

it.each([
  ['Cmaj7', 'CΔ', true],
  ['C6', 'Am7', false],
  ['C6', 'Am7/C', true],
  ['Gb7', 'F#7', true],
  ['C7', 'Cmaj7', false],
  ['C7', 'nothing', false],
])('%s and %s are one chord: %s', (a, b, same) => {
  expect(sameChord(a, b)).toBe(same);
});

it('a voice is named from the top', () => {
  expect([1, 2, 4].map(voiceInWords)).toEqual([
    'the top voice',
    'the second voice from the top',
    'the fourth voice from the top',
  ]);
});

describe('over every demo tune, on both instruments', () => {
  const all = demoTunes().flatMap(({ chorus, title }) =>
    [GUITAR, KEYS].map((settings) => {
      const chords = chorus.chords.filter((each): each is PitchedChord => each.kind === 'chord');
      return { title, of: material(chords.slice(0, 12), settings) };
    }),
  );
  const questions = all.flatMap(({ of, title }, seed) =>
    DRILLS.flatMap((id) => {
      const own = asked(id, of, 12, seed);
      return own.map((question, at) => ({ question, before: own[at - 1], own, title, of }));
    }),
  );

  it('every drill has its questions', () => {
    expect(all).toHaveLength(24);
    expect(questions).toHaveLength(24 * DRILLS.length * 12);
    for (const id of DRILLS) {
      expect(questions.filter(({ question }) => question.drill === id)).toHaveLength(24 * 12);
    }
  });

  it('no question comes twice in a row where there is another', () => {
    let several = 0;
    for (const { question, before, own } of questions) {
      if (new Set(own.map(({ key }) => key)).size < 2) continue;
      several += 1;
      expect(question.key).not.toBe(before?.key);
    }
    expect(several).toBeGreaterThan(questions.length * 0.9);
  });

  it('the answer it gives is right, at once and by the nearest way', () => {
    for (const { question } of questions) {
      const right = judge(question, answerOf(question));
      expect({ key: question.key, grade: gradeOf(right) }).toEqual({
        key: question.key,
        grade: 'easy',
      });
    }
  });

  it('no grip is nearer than the one it calls nearest', () => {
    for (const { question, of } of questions) {
      if (question.drill !== 'nearest next grip') continue;
      const { from, chord: to, least } = question;
      for (const { notes } of of.grips(to)) {
        if (notes.length !== from.notes.length) continue;
        const sum = notes.reduce(
          (all, note, at) => all + Math.abs(note.midi - from.notes[at]!.midi),
          0,
        );
        expect(sum).toBeGreaterThanOrEqual(least);
      }
    }
  });

  it('a drop that is undone lies within an octave, and only the voice it names has moved', () => {
    for (const { question } of questions) {
      if (question.drill === 'which voice was dropped') {
        const close = /Close it is ([^;]+);/.exec(question.because)?.[1]?.split(' ') ?? [];
        expect(new Set(close).size).toBe(4);
      }
      if (question.drill === 'which voice moved') {
        const [before, after] = question.heard.map(({ notes }) => [...notes].reverse());
        const moved = before!.flatMap(({ midi }, at) =>
          after![at]!.midi === midi ? [] : [at + 1],
        );
        expect(moved).toEqual(question.answer);
      }
    }
  });
});

function answerOf(question: Question): Parameters<typeof judge>[1] {
  switch (question.drill) {
    case 'name the degree':
    case 'what is on top':
      return { degree: question.answer };
    case 'spell the chord':
    case 'find the guide tones':
      return { notes: question.answer };
    case 'which voice was dropped':
    case 'which voice moved':
      return { voices: question.answer };
    case 'from numbers':
      return { symbols: question.answer };
    case 'nearest next grip':
      return { grip: question.answer };
  }
}

it('notes of a spelled chord are those of its symbol', () => {
  for (const question of asked('spell the chord', TWO_FIVE_ONE, 20)) {
    if (question.drill !== 'spell the chord') throw new Error('another drill');
    expect(question.answer.map(pitchClassOf)).toEqual(
      question.chord.tones.map(({ note }) => pitchClassOf(note)),
    );
  }
});

describe.each(DRILLS)('for a player who says do ré mi, "%s"', (id) => {
  it('names no note by its letter', () => {
    const questions = asked(id, { ...TWO_FIVE_ONE, naming: 'do ré mi' }, 30);
    const letters = /(?<![\w♭♯])[A-G][♭♯]?(?![\w#♭♯])/;
    expect(questions.filter(({ words, because }) => letters.test(`${words} ${because}`))).toEqual(
      [],
    );
    const syllable = /\b(do|ré|mi|fa|sol|la|si)(?![a-z])/;
    const spoken = questions.filter(({ words, because }) => syllable.test(`${words} ${because}`));
    expect(spoken.length).toBe(id === 'which voice moved' ? 0 : 30);
  });
});

describe('the grips to choose the nearest from', () => {
  it('hold it and those that come next, each sound once, from low to high', () => {
    const asks = asked('nearest next grip', TWO_FIVE_ONE, 40).flatMap((question) =>
      question.drill === 'nearest next grip' ? [question] : [],
    );
    expect(asks).toHaveLength(40);
    for (const question of asks) {
      const options = gripOptions(question, TWO_FIVE_ONE.grips(question.chord), 6);
      const away = options.map((grip) => halfSteps(question.from, grip));
      expect(options).toHaveLength(6);
      expect(options).toContain(question.answer);
      expect(Math.min(...away)).toBe(question.least);
      const lowest = options.map(({ notes }) => notes.reduce((sum, { midi }) => sum + midi, 0));
      expect(lowest).toEqual([...lowest].sort((a, b) => a - b));
      const sounds = options.map(({ notes }) => notes.map(({ midi }) => midi).join(' '));
      expect(new Set(sounds).size).toBe(6);
    }
  });
});

describe('the answers of a drill together', () => {
  const answer = (right: number, seconds: number, detour?: number) => ({
    ...{ right, seconds },
    ...(detour !== undefined && { detour }),
  });
  it('say nothing while they are few', () => {
    expect(measureOf('spell the chord', Array(4).fill(answer(1, 5)))).toBeUndefined();
  });
  it('are as right, as slow and as far as they are on average', () => {
    const answers = [answer(1, 10), answer(1, 20), answer(0.5, 30), answer(1, 10), answer(1, 5)];
    const measured = measureOf('spell the chord', answers)!;
    expect(measured).toEqual({ right: 0.9, slowness: 1 });
    expect(gradeOf(measured)).toBe('hard');
    const grips = [1, 1, 1, 2, 2].map((detour) => answer(1, 15, detour));
    expect(measureOf('nearest next grip', grips)).toEqual({ right: 1, slowness: 1, detour: 1.4 });
  });
});

import { matchPath } from 'react-router';
import { PRACTISE_KEYS } from '../practise/base/keys';
import { TURNING_KEYS } from '../stand/useTurning';
import { SHEET_KEYS } from '../tune/commands';

/** A key that no command has: it acts where the hand is. */
interface Key {
  readonly shown: string;
  readonly label: string;
}

/** What a screen is for, told to someone who sees it for the first time. */
export interface ScreenNote {
  readonly path: string;
  readonly title: string;
  readonly what: readonly string[];
  /** Keys of parts of the screen, beside those of its commands. */
  readonly keys?: { readonly of: string; readonly list: readonly Key[] };
}

/** In the order of the work; the first that fits an address is its screen. */
export const SCREEN_NOTES: readonly ScreenNote[] = [
  {
    path: '/welcome',
    title: 'The first questions',
    what: [
      'Say what you play, who plays with you, and which tune you begin with. Drop Close voices its changes for your hands and plays the chorus.',
      'You can skip this, and change every answer later.',
    ],
  },
  {
    path: '/book',
    title: 'The book',
    what: [
      'All your tunes, and sets of them in playing order. Each row says the form, the key, how well the tune is known and what of it is due.',
      'Press a title to open the tune. New tune and Bring in add to the book; drag the handle to put tunes in the order of a set.',
    ],
  },
  {
    path: '/tune/:id/chart',
    title: 'Chart',
    what: [
      'The changes, as text and as they read. Over the bars stand the landmarks found in them, under each chord its number in the key; the two threads below are its guide tones, and their lines say how each moves.',
      'Press a chord to see its notes, what may be added, its scales and what can stand in for it. What cannot be read is underlined, with what would be right.',
    ],
    keys: { of: 'On the sheet', list: SHEET_KEYS },
  },
  {
    path: '/tune/:id/voice',
    title: 'Voice',
    what: [
      'Every chord of the chorus as a voicing you can play, joined to the next with as little motion as your choices allow. Each line is one voice: thick where it is held, thin for a half step, dashed for a whole step, dotted for a leap.',
      'Press a chord to see its grip, what was dropped from where, and the alternatives with what each costs the whole chorus. Lock what you like; the rest is voiced round it.',
    ],
  },
  {
    path: '/tune/:id/comp',
    title: 'Comp',
    what: [
      'When each voicing is struck. Choose a rhythm, click hits into the lane under the threads, or let the comp be made for a soloist: it leaves room where they play and answers where they rest.',
      'Press a hit to change its length, touch and loudness. Plan gives a set of choruses a shape.',
    ],
  },
  {
    path: '/tune/:id/practise',
    title: 'Practise this tune',
    what: [
      'The tune in layers, from its numbers to comping in time, each to be played with the band before the next. By heart covers the chart step by step; drills ask one thing at a time.',
      'What you did goes into the logbook, and comes back when it is about to be forgotten.',
    ],
    keys: { of: 'While practising', list: PRACTISE_KEYS },
  },
  {
    path: '/tune/:id/take-away',
    title: 'Take away',
    what: [
      'The tune on paper, as it will be printed: lead sheet, voicings with tab, comp part, a line with its degrees, in the key and clef of whoever reads it.',
      'Print it, save it for any notation program or as MIDI, put the pages on the stand, or make practice tracks as sound files.',
    ],
  },
  {
    path: '/tune/:id/stand',
    title: 'The stand',
    what: [
      'For the music stand: the phrase that sounds, large, each chord with its grip and which voices move into it; the next phrase under it, and the whole form above.',
      'It follows the band while it plays. Without the band, press Next phrase, a key or a foot pedal.',
    ],
    keys: { of: 'Turning', list: TURNING_KEYS },
  },
  {
    path: '/practise',
    title: 'Practise',
    what: [
      'What is due today, worked out from when you last played it and how it went. Play one item, or begin a session of so many minutes.',
    ],
    keys: { of: 'While practising', list: PRACTISE_KEYS },
  },
  {
    path: '/practise/logbook',
    title: 'Logbook',
    what: [
      'What you practised, when, how long and how it went. Sessions write it by themselves; you can add entries and correct every one.',
    ],
  },
  {
    path: '/practise/holes',
    title: 'Map of holes',
    what: [
      'How well each form is known in each group of keys. Dense lines mean firm, thin ones fading, an empty field not yet. Press one to practise it.',
    ],
  },
  {
    path: '/practise/items',
    title: 'All practised',
    what: ['Everything that comes back, with when it is due. Leave out what you no longer need.'],
  },
  {
    path: '/practise/form',
    title: 'A form',
    what: [
      'One inversion of a family on one string set, or in one hand, in three keys: its grips, and an étude round them.',
    ],
    keys: { of: 'While practising', list: PRACTISE_KEYS },
  },
  {
    path: '/set/:id/take-away',
    title: 'Take a set away',
    what: [
      'All tunes of a set as one booklet: contents, then every tune on a page of its own. Print it, put it on the stand, or save every tune for a notation program.',
    ],
  },
  {
    path: '/bring-in',
    title: 'Bring in',
    what: [
      'Paste changes as people write them, or choose files: MusicXML, MIDI with chord symbols, text. You see line by line what was understood before anything is put into the book.',
    ],
  },
  {
    path: '/whole-book',
    title: 'The whole book',
    what: [
      'Everything you have, as one archive of open files, to keep or to move. Brought in again it shows what is new, what is the same and what is different, and you choose.',
    ],
  },
  {
    path: '/player',
    title: 'Hands and instrument',
    what: [
      'What you play and how far your hand reaches. Every voicing is measured against it: easy, a stretch, or out of reach.',
      'Below it: how symbols and notes are written, and your own rooms.',
    ],
  },
  {
    path: '/help',
    title: 'Help',
    what: ['The five tasks of a week, each in six lines with its picture.'],
  },
];

/** The screen at an address; nothing where an address leads nowhere. */
export const screenAt = (pathname: string): ScreenNote | undefined =>
  SCREEN_NOTES.find(({ path }) => matchPath(path, pathname));

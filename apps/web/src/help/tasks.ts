import voice from '../../../../docs/screenshots/voice-guitar.png';
import chart from '../../../../docs/screenshots/chart.png';
import comp from '../../../../docs/screenshots/comp-solo.png';
import practise from '../../../../docs/screenshots/practise.png';
import takeAway from '../../../../docs/screenshots/take-away.png';

import type { Task } from './search';

/** The five tasks of a week, in their order. */
export const TASKS: readonly Task[] = [
  {
    id: 'new-tune',
    title: 'Put in a new tune',
    picture: chart,
    about: 'The Chart screen: the text of the changes, and the sheet with keys and numbers.',
    steps: [
      'In the Book press New tune, or Bring in to paste changes or choose files.',
      'Type chords with bar lines between: | Dm7 G7 | Cmaj7 |. Two chords in a bar share it.',
      '% repeats a bar, . holds a chord, |: :| repeats, [A] begins a section, (1 and (2 are endings.',
      'What cannot be read is listed under the text, with what would be right; the rest goes on working.',
      'Keys, numbers and landmarks stand over the sheet; press a chord for its scales and stand-ins.',
      'Transpose with the arrows over the sheet; locks, hits and marks move along.',
    ],
  },
  {
    id: 'voicings',
    title: 'Find voicings for it',
    picture: voice,
    about:
      'The Voice screen: every voice as a thread, grips under the chords, the chord in hand at the side.',
    steps: [
      'On Voice choose the instrument, the room (who else plays) and the families of voicings.',
      'The whole chorus is voiced at once; thick threads are held, dots are leaps. Space plays it.',
      'Walk from chord to chord with ← and →; the panel shows grip, degrees, fingers and stretch.',
      '↑ and ↓ try the alternatives, ranked by what they cost the whole chorus. L locks one.',
      'D draws the top line you want; T says what matters: smoothness, easy hands, clear sound.',
      'C plays a change; the panel says why it is smooth: what is held, what moves by a half step.',
    ],
  },
  {
    id: 'comp',
    title: 'Comp behind a soloist',
    picture: comp,
    about: 'The Comp screen: hits in a lane under the threads, the solo line above them.',
    steps: [
      'On Comp open Plan (U): choose how many choruses, and a rhythm and density for each section.',
      'Fill the whole plan with hits (S), or click in the lane; drag a hit to move it.',
      'Soloist: bring in a line, record one on a MIDI keyboard, or let the stand-in make one.',
      'With a soloist chosen, S leaves the gaps to your hits and keeps out of the held notes.',
      'The line under the lane counts hits in gaps, clashes and chords told. Q fixes a bar.',
      'Movement tries slides, passing chords and inner lines at the chord in hand; apply what you like.',
    ],
  },
  {
    id: 'practise',
    title: 'Practise for twenty minutes',
    picture: practise,
    about: 'The Practise screen: what is due today, and a session of twenty minutes.',
    steps: [
      'On Practise choose the minutes and press Begin: what is due, one new thing, one tune through.',
      'Play each step with the band; Y says it was clean and goes faster, M goes slower.',
      'Layers take a tune from its numbers over roots and guide tones to comping in all keys.',
      'By heart hides the chart more and more; drills ask one question at a time.',
      'What you missed comes back sooner. The logbook writes itself; correct it freely.',
      'Stop at pain, numbness or tingling, take the breaks, and mind the volume.',
    ],
  },
  {
    id: 'gig',
    title: 'Take it to the gig',
    picture: takeAway,
    about: 'The Take away screen: a part for a tenor saxophone, as it is printed.',
    steps: [
      'On Take away choose a document: lead sheet, voicings, comp part, a line, scales, the threads.',
      'Choose who reads it: a B♭ tenor gets symbols and notes in their key, and is told what lies out of range.',
      'Print, or save MusicXML for any notation program, MIDI, text or a picture.',
      'Practice tracks renders the choruses as sound, with or without your comp, in any keys.',
      'In the Book put tunes into a set, give it its day, and print it as one booklet.',
      'On the stand shows what sounds now and what comes next; a tap, a key or a foot turns.',
    ],
  },
];

import { EXAMPLE, ownTuneOf } from './ownTune';

it('eight bars are read whether or not they have bar lines round them', () => {
  for (const text of [EXAMPLE, `| ${EXAMPLE} |`, EXAMPLE.replaceAll(' | ', '\n')]) {
    const own = ownTuneOf(text);
    expect(own.status).toBe('read');
    expect(own.status === 'read' && own.told).toBe('8 bars, read.');
  }
});

it('a bar that cannot be read is told and does not stand in the way', () => {
  const own = ownTuneOf('Cm7 | Gm77 | Bbmaj7');
  expect(own.status === 'read' && own.told).toMatch(/^3 bars\. To correct later: Gm77: /);
});

it('nothing is said before anything is typed, and where there are no chords what would be right', () => {
  expect(ownTuneOf('  ')).toEqual({ status: 'nothing' });
  expect(ownTuneOf('hello there').status).toBe('unreadable');
});

/** Settings of the page of hands and instrument, by their labels, and the part of the page they stand in. */
export const SETTINGS: readonly {
  readonly label: string;
  readonly at: string;
  readonly words?: string;
}[] = [
  { label: 'Instrument a new tune begins with', at: 'profile-new', words: 'guitar keyboard piano' },
  {
    label: 'Families a new tune begins with',
    at: 'profile-new',
    words: 'shell drop spread rootless',
  },
  {
    label: 'Tuning, frets, capo and scale length',
    at: 'profile-instruments',
    words: 'guitar ukulele strings',
  },
  {
    label: 'Reach of the hands',
    at: 'profile-instruments',
    words: 'stretch comfortable limit mm keys',
  },
  { label: 'Left-handed or right-handed', at: 'profile-instruments', words: 'handed' },
  { label: 'Rooms of your own', at: 'profile-rooms', words: 'register singer bass horn' },
  {
    label: 'How symbols and notes are written',
    at: 'profile-writing',
    words: 'sharps flats german H notation school scales',
  },
];

/** The screens of a tune; some show the bar in hand, which goes with one from each to the next. */
export const SCREENS = [
  { to: 'chart', label: 'Chart', keepsPlace: true },
  { to: 'voice', label: 'Voice', keepsPlace: true },
  { to: 'comp', label: 'Comp', keepsPlace: true },
  { to: 'practise', label: 'Practise', keepsPlace: false },
  { to: 'take-away', label: 'Take away', keepsPlace: false },
] as const;

/** The keys of practising, as the sheet of keys lists them. */
export const PRACTISE_KEYS = [
  { shown: 'Space', label: 'Play the layer or the form, or stop' },
  { shown: 'Y', label: 'A clean pass: the next one is faster' },
  { shown: 'M', label: 'Not a clean pass: the next one is slower' },
  { shown: '1 to 4', label: 'How it went: missed, hard, good, easy' },
  {
    shown: 'Shift N',
    label: 'In a session: this step is done, and went well or as it was measured',
  },
  { shown: 'Shift S', label: 'In a session: skip this step' },
  { shown: 'Shift P', label: 'In a session: pause, or go on' },
  { shown: 'Enter', label: 'In a drill: answer, then the next question' },
  { shown: 'Shift Enter', label: 'In a drill: hear the question again' },
] as const;

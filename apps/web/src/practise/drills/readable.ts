/** Words with chord symbols in them: `Bb7b9` is "B♭7♭9". */
export const readable = (text: string): string =>
  text
    .replace(/\b([A-G])b(?![a-z])/g, '$1♭')
    .replace(/\b([A-G])#/g, '$1♯')
    .replace(/b(?=\d)/g, '♭')
    .replace(/#(?=\d)/g, '♯');

/** A form that is said in letters over parts that are written once: "Form: AABA". */
const SAID = /^form\s*[:=]?\s*([A-D](?:[\s,-]*[A-D])+)\.?$/i;
/** Letters with spaces between them would be chords. */
const ALONE =
  /^\(?(?:(?:32[ -]bars?|[Ss]ong)[ ,]+)?(?:[Ff]orm\s*[:=]?\s+)?([A-D]{3,}|\[[A-D]\](?:\s*\[[A-D]\]){2,})(?:[ -]form)?\)?$/;

/** The letters of a form; nothing where words say none, or repeat nothing. @example formIn('Form: A-A-B-A') // 'AABA' */
export function formIn(words: string): string | undefined {
  const letters = (SAID.exec(words) ?? ALONE.exec(words))?.[1]?.replace(/[^A-D]/gi, '');
  const form = letters?.toUpperCase();
  return form?.startsWith('A') && new Set(form).size < form.length ? form : undefined;
}

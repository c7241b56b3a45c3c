/** What a player should know of some tunes of a booklet. */
export function BookletNotes({ notes }: { readonly notes: readonly string[] }) {
  if (!notes.length) return null;
  return (
    <ul className="outside-note" role="status">
      {notes.map((note) => (
        <li key={note}>{note}</li>
      ))}
    </ul>
  );
}

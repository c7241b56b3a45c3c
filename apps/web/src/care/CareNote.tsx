/** The usual cautions about strain. Source: common practice of those who treat musicians. */
export function CareNote({ about }: { about: 'stretch' | 'hands' }) {
  return (
    <p className="quiet care" role="note">
      {about === 'stretch' ? 'Near the limit of your hand: warm up first' : 'Warm up, take breaks'},
      stop at pain, numbness or tingling, and mind the volume. If it lasts, see a clinician who
      treats musicians.
    </p>
  );
}

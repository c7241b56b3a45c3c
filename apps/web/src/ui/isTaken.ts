/** Text goes to its field, and a focused control keeps the keys that work it. */
export function isTaken(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement;
  if (document.querySelector('.ant-modal-wrap:not([style*="display: none"])')) return true;
  const typed = target.closest(
    'input:not([type=checkbox], [type=radio]), textarea, [contenteditable=true]',
  );
  if (typed) return true;
  const works = target.closest('[role=slider], [role=radiogroup], .ant-select');
  if (works && event.key.startsWith('Arrow')) return true;
  // Space presses no link, so it plays even right after one was followed.
  const pressing =
    event.key === ' ' ? 'button, [role=switch], input' : 'button, [role=switch], input, a';
  const pressed = target.closest(pressing) && !target.closest('.chord-button, .slot');
  return !!pressed && (event.key === ' ' || event.key === 'Enter');
}

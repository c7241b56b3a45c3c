import { computeAccessibleName } from 'dom-accessibility-api';
import type { Command } from '../ui/commands';
import { heldBy } from '../ui/holds';

/**
 * Whatever can be pressed, chosen or written in on the page, found as a screen reader finds it: by its name. So
 * nothing has to be listed for the palette, and nothing that is added to a screen is missing from it.
 */
const USABLE = 'button, a[href], input:not([type=file]), textarea, [role=tab], [role=slider]';

/** What opens in place; it stands outside the screen, last opened last. */
const OPENED = '.ant-popover, .ant-dropdown';
const IN_OPENED = `${USABLE}, [role=menuitem], [role=radiogroup], [role=group]`;
/** How long what was opened may take to be there, in milliseconds. */
const OPENS_WITHIN = 1500;

/** Whether it is pressed, and not written in or set. */
const PRESSED = 'button:not([role=switch]), a, [role=menuitem], [role=tab]';

const isUsable = (element: Element): boolean =>
  element.checkVisibility() &&
  !element.matches(':disabled, [aria-disabled=true]') &&
  !element.closest('.palette');

/** The name; of one of several choices that of its group before it. */
function nameOf(element: HTMLElement): string {
  const name = computeAccessibleName(element);
  const group = element.matches('[type=radio]') && element.closest('[role=radiogroup]');
  const groupName = group ? computeAccessibleName(group) : '';
  return name && groupName ? `${groupName}: ${name}` : name;
}

/** How it stands now, of what is on or off, chosen or not. */
function stateOf(element: HTMLElement): string | undefined {
  if (element instanceof HTMLInputElement && element.type === 'radio')
    return element.checked ? 'chosen' : undefined;
  if (element instanceof HTMLInputElement && element.type === 'checkbox')
    return element.checked ? 'on' : 'off';
  const checked = element.getAttribute('aria-checked');
  if (checked !== null) return checked === 'true' ? 'on' : 'off';
  return element.getAttribute('aria-pressed') === 'true' ? 'on' : undefined;
}

const isWritten = (element: HTMLElement): boolean =>
  element.matches('textarea, [role=slider], input:not([type=radio], [type=checkbox])');

/** Presses it; what is written in or drawn along gets the focus. */
function press(element: HTMLElement): void {
  element.scrollIntoView({ block: 'nearest' });
  element.focus();
  if (!isWritten(element)) element.click();
}

const found = (selector: string, root: ParentNode = document): HTMLElement[] =>
  [...root.querySelectorAll<HTMLElement>(selector)].filter(isUsable);

/** Opens what holds something, and goes to it there: a button is pressed, all else only gets the focus. */
async function openAndUse(opener: HTMLElement, held: string): Promise<void> {
  opener.scrollIntoView({ block: 'nearest' });
  if (opener.getAttribute('aria-expanded') !== 'true') opener.click();
  for (let waited = 0; waited < OPENS_WITHIN; waited += 50) {
    const element = found(OPENED)
      .flatMap((opened) => found(IN_OPENED, opened))
      .find((each) => computeAccessibleName(each) === held);
    if (element) {
      const inGroup = element.querySelector<HTMLElement>('input:checked, input, button');
      (inGroup ?? element).focus();
      if (element.matches(PRESSED)) element.click();
      return;
    }
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
}

/** "Voicings: Lowest note": what is held, after the name of its opener without what is chosen there now. */
function withPlace(held: string, opener: string): string {
  const place = `${opener.replace(/(: .*|…)$/, '')}: `;
  return held.startsWith(place) ? held : place + held;
}

/** A command for everything on the page that can be used, and for what each of its openers holds. */
export function commandsOnPage(): readonly Command[] {
  const commands = found(USABLE).flatMap((element, at): Command[] => {
    const label = nameOf(element).trim();
    if (!label) return [];
    const state = stateOf(element);
    const own: Command = {
      ...{ id: `page ${at}`, group: 'On this page', label },
      ...(element.title && { words: element.title }),
      ...(state !== undefined && { shown: state }),
      run: () => {
        press(element);
      },
    };
    const inside = heldBy(element).map((held): Command => ({
      ...{ id: `page ${at} ${held}`, group: 'On this page', label: withPlace(held, label) },
      run: () => void openAndUse(element, held),
    }));
    return [own, ...inside];
  });
  const names = commands.map(({ label }) => label);
  // Some stand in every line of the page: of those with one name, the first.
  return commands.filter(({ label }, at) => names.indexOf(label) === at);
}

import type { MenuProps } from 'antd';

interface Holds {
  readonly 'data-holds': string;
}

/** Says on what opens something in place which choices are in it, so that they are found before it is opened. */
export const holds = (labels: readonly string[]): Holds => ({ 'data-holds': labels.join('\n') });

/** The same for what opens a menu. */
export const holdsMenu = ({ items = [] }: MenuProps): Holds =>
  holds(
    items.flatMap((item) =>
      item &&
      'label' in item &&
      typeof item.label === 'string' &&
      !('disabled' in item && item.disabled)
        ? [item.label]
        : [],
    ),
  );

/** The names of the choices that something opens onto; none where it opens nothing. */
export const heldBy = (opener: HTMLElement): readonly string[] =>
  opener.dataset['holds']?.split('\n').filter(Boolean) ?? [];

import { DownOutlined } from '@ant-design/icons';
import { Button, Popover } from 'antd';
import { useState, type ReactNode } from 'react';
import { holds } from './holds';
import './choice.css';

interface ChoiceProps {
  /** What is chosen, as a player says it: "Room". */
  readonly name: string;
  /** What it is now: "alone". */
  readonly value: string;
  readonly title?: string;
  /** The names of what is chosen in it, to be found by. */
  readonly inside: readonly string[];
  /** The choices; `close` puts them away. */
  readonly children: (close: () => void) => ReactNode;
}

/** Moved sideways, where else it would hang over the edge; the library's type has no word for it. */
const ON_THE_PAGE = { adjustY: 1, shiftX: true } as const;

/** A button that says what it is about and what is chosen, and opens the choices in place. */
export function Choice({ name, value, title, inside, children }: ChoiceProps) {
  const [open, setOpen] = useState(false);
  const content = children(() => {
    setOpen(false);
  });
  return (
    <Popover
      trigger="click"
      placement="bottomLeft"
      autoAdjustOverflow={ON_THE_PAGE}
      classNames={{ root: 'choice-popover' }}
      arrow={false}
      open={open}
      onOpenChange={setOpen}
      content={<div className="choice-panel">{content}</div>}
    >
      <ChoiceButton name={name} value={value} title={title} open={open} {...holds(inside)} />
    </Popover>
  );
}

interface ChoiceButtonProps {
  readonly name: string;
  readonly value: string;
  readonly title?: string | undefined;
  readonly open: boolean;
  readonly onClick?: () => void;
}

/** Longer values are cut where the row is too narrow; shorter ones never. */
const SHORT = 14;

/** The button alone, for choices that stand elsewhere on the page. */
export function ChoiceButton({ name, value, title, open, ...rest }: ChoiceButtonProps) {
  return (
    <Button
      className={value.length > SHORT ? 'choice-button' : 'choice-button whole'}
      aria-label={value ? `${name}: ${value}` : name}
      aria-expanded={open}
      title={title}
      {...rest}
    >
      <span className="choice-name">{value ? `${name}:` : name}</span>
      {value && <span className="choice-value">{value}</span>}
      <DownOutlined aria-hidden />
    </Button>
  );
}

import { CaretRightFilled, MoreOutlined } from '@ant-design/icons';
import { A_DAY, itemKey, knownAt, type Known } from '@drop-close/core';
import { Button, Dropdown } from 'antd';
import { Link, useNavigate } from 'react-router';
import { useNoting } from '../items/useNoting';
import { useItemWords } from '../items/usePractice';
import { capital } from '../base/capital';
import { startOfDay } from '../base/localDay';
import { holds } from '../../ui/holds';
import { placeOfItem } from '../session/steps';
import { BEGIN } from '../base/useBeginAtOnce';

/** How far an item can be put off, in days. */
const OTHER_DAYS = [
  { days: 3, label: 'In three days' },
  { days: 7, label: 'In a week' },
  { days: 14, label: 'In two weeks' },
  { days: 30, label: 'In a month' },
  { days: 90, label: 'In three months' },
] as const;

interface DueRowProps {
  readonly known: Known;
  /** In ms since 1970. */
  readonly now: number;
}

/** An item that is due, why, and what can be done with it. */
export function DueRow({ known: { item, schedule }, now }: DueRowProps) {
  const words = useItemWords()(item);
  const noting = useNoting();
  const navigate = useNavigate();
  if (!schedule) return null;
  const isPlayed = item.kind === 'form' || item.layer !== 'memory';
  const put = (days: number, title: string): void => {
    void noting.put(item, startOfDay(now) + A_DAY * days, title);
  };
  return (
    <li className="due-row">
      <Button
        type="text"
        className="due-play"
        icon={<CaretRightFilled aria-hidden />}
        aria-label={`${isPlayed ? 'Play' : 'Begin'}: ${words}`}
        onClick={() => void navigate(placeOfItem(item), { state: BEGIN })}
      />
      <span className="due-what">
        <Link to={placeOfItem(item)}>{capital(words)}</Link>
        <span className="quiet due-why">
          {overdue(schedule.due, now)}, {Math.round(knownAt(schedule, now) * 100)}% known
          {schedule.tempo !== undefined && `, last at ${schedule.tempo}`}
          {schedule.lapses > 0 && `, missed ${times(schedule.lapses)}`}
        </span>
      </span>
      <Button
        type="text"
        aria-label={`Not today: ${words}`}
        onClick={() => {
          put(1, 'It comes tomorrow');
        }}
      >
        Not today
      </Button>
      <Dropdown
        trigger={['click']}
        placement="bottomRight"
        menu={{
          items: OTHER_DAYS.map(({ days, label }) => ({
            key: itemKey(item) + label,
            label,
            onClick: () => {
              put(days, `It comes ${label.toLowerCase()}`);
            },
          })),
        }}
      >
        <Button
          type="text"
          icon={<MoreOutlined aria-hidden />}
          aria-label={`Another day for “${words}”`}
          {...holds(OTHER_DAYS.map(({ label }) => label))}
        />
      </Dropdown>
    </li>
  );
}

function overdue(due: number, now: number): string {
  const days = Math.round((startOfDay(now) - startOfDay(due)) / A_DAY);
  if (days <= 0) return 'due today';
  return days === 1 ? 'due since yesterday' : `due for ${days} days`;
}

const times = (count: number): string => (count === 1 ? 'once' : `${count} times`);

import { LONGEST_TITLE } from '@drop-close/core';
import { Checkbox, Input } from 'antd';
import { wish } from './bringInStore';
import type { OfferedTune } from './sources';
import { useNotation } from '../profile/useNotation';

/** Of its changes, as many lines are seen. */
const LINES = 4;

interface OfferedRowProps {
  readonly offered: OfferedTune;
  /** Whether the book has one of this title. */
  readonly isThere: boolean;
}

/** A tune that was read: its name, what is known of it, the beginning of its changes. */
export function OfferedRow({ offered, isThere }: OfferedRowProps) {
  const { id, title, isWanted, tune } = offered;
  const { key, meter, tempo, feel, text } = tune.fields;
  const { name } = useNotation();
  const lines = text.split('\n').filter((line) => line && !/^[a-z]+:/.test(line));
  const { length } = tune.problems;
  return (
    <li className={isWanted ? 'offered' : 'offered is-left-out'}>
      <Checkbox
        checked={isWanted}
        aria-label={`Put “${title}” into the book`}
        onChange={({ target }) => {
          wish(id, { leftOut: !target.checked });
        }}
      />
      <div className="offered-tune">
        <Input
          aria-label="Title"
          variant="borderless"
          className="offered-title"
          value={title}
          maxLength={LONGEST_TITLE}
          onChange={({ target }) => {
            wish(id, { title: target.value });
          }}
        />
        <p className="quiet offered-facts">
          {name(key)}, {meter}, {tempo} a minute, {feel}, {tune.bars}{' '}
          {tune.bars === 1 ? 'bar' : 'bars'}
          {tune.solos.map(({ name }) => `, with the line “${name}”`)}
          {length > 0 && (
            <b className="offered-problems">
              . {length === 1 ? 'One place' : `${length} places`} cannot be read
            </b>
          )}
          {isThere && '. The book has a tune of this title already.'}
        </p>
        <pre className="offered-text">
          {lines.slice(0, LINES).join('\n')}
          {lines.length > LINES && '\n…'}
        </pre>
      </div>
    </li>
  );
}

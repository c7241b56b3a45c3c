import { DeleteOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link } from 'react-router';
import type { TuneGlance } from '../api/types';
import { keyName } from '../ui/keyName';

interface TuneRowProps {
  readonly tune: TuneGlance;
  readonly onRemove: () => void;
}

/** One tune at a glance. */
export function TuneRow({ tune, onRemove }: TuneRowProps) {
  const bars = `${tune.bars} ${tune.bars === 1 ? 'bar' : 'bars'}`;
  return (
    <tr>
      <th scope="row">
        <Link to={`/tune/${tune.id}/voice`}>{tune.title}</Link>
        {tune.problems > 0 && (
          <Link className="book-problems" to={`/tune/${tune.id}/chart`}>
            {tune.problems} to mend
          </Link>
        )}
      </th>
      <td>
        {tune.form && <span className="book-form">{tune.form}</span>}
        <span className="quiet">{bars}</span>
      </td>
      <td className="book-key">{keyName(tune.key)}</td>
      <td>
        {tune.feel} <span className="quiet">{tune.meter}</span>
      </td>
      <td className="book-tempo">{tune.tempo}</td>
      <td>
        <Button
          type="text"
          icon={<DeleteOutlined aria-hidden />}
          onClick={onRemove}
          aria-label={`Take “${tune.title}” out of the book`}
        />
      </td>
    </tr>
  );
}

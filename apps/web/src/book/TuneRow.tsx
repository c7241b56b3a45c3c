import type { TuneGlance } from '@drop-close/core';
import { MoreOutlined } from '@ant-design/icons';
import { Button, Dropdown, type MenuProps } from 'antd';
import { Link } from 'react-router';
import { useKnownTunes } from './KnownTunes';
import { useNotation } from '../profile/useNotation';
import { holdsMenu } from '../ui/holds';

/** How much of a tune is known, and what of it is due: one press from practising it. */
function KnownCell({ tuneId }: { tuneId: string }) {
  const known = useKnownTunes().get(tuneId);
  if (!known) return <Link to={`/tune/${tuneId}/practise`}>begin</Link>;
  return (
    <Link to={`/tune/${tuneId}/practise`} className="book-known">
      <span>{Math.round(known.share * 100)}%</span>
      {known.due > 0 && <b>{known.due} due</b>}
    </Link>
  );
}

/** One tune at a glance, as the cells of its row. */
export function TuneCells({ tune, menu }: { tune: TuneGlance; menu: MenuProps }) {
  const { name, sentence } = useNotation();
  const formName = tune.formName && sentence(tune.formName);
  const bars = `${tune.bars} ${tune.bars === 1 ? 'bar' : 'bars'}`;
  return (
    <>
      <th scope="row">
        <Link to={`/tune/${tune.id}/voice`}>{tune.title}</Link>
        {tune.problems > 0 && (
          <Link className="book-problems" to={`/tune/${tune.id}/chart`}>
            {tune.problems} to correct
          </Link>
        )}
        {/* Where there is no room for columns of their own. */}
        <span className="book-under quiet">
          {formName || `${tune.form} ${bars}`.trim()}, {tune.feel} {tune.meter}, {tune.tempo}
        </span>
      </th>
      <td className="book-wide">
        {formName || (
          <>
            {tune.form && <span className="book-form">{tune.form}</span>}
            <span className="quiet book-short">{bars}</span>
          </>
        )}
      </td>
      <td className="book-short">{name(tune.homeKey)}</td>
      <td className="book-wide book-feel">
        {tune.feel} <span className="quiet">{tune.meter}</span>
      </td>
      <td className="book-tempo book-wide">{tune.tempo}</td>
      <td>
        <KnownCell tuneId={tune.id} />
      </td>
      <td>
        <Dropdown menu={menu} trigger={['click']} placement="bottomRight">
          <Button
            type="text"
            icon={<MoreOutlined aria-hidden />}
            aria-label={`What to do with “${tune.title}”`}
            {...holdsMenu(menu)}
          />
        </Dropdown>
      </td>
    </>
  );
}

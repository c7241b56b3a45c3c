import { HistoryOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEffect } from 'react';
import { NavLink } from 'react-router';
import { SaveNote } from '../document/SaveNote';
import { useDocument } from '../document/store';
import { formatMeter } from '@drop-close/core';
import { useHeading } from '../place/heading';
import { useHistorySheet } from './history/useHistory';
import { NoLongerFits } from './NoLongerFits';
import { SCREENS } from './screens';
import { useTuneCommands } from './useTuneCommands';
import { usePlaceSearch } from '../place/selection';
import { useKeyName } from '../profile/useKeyName';

/** Title, screens, and the state of the tune. */
export function TuneHead() {
  const { title, key, meter, tempo, feel } = useHeading();
  const keyName = useKeyName();
  const search = usePlaceSearch();
  const history = useDocument((state) => state.history);
  const { undo, redo } = useDocument.getState();
  useTuneCommands(title);
  useEffect(() => {
    document.title = `${title} – Drop Close`;
    return () => {
      document.title = 'Drop Close';
    };
  }, [title]);
  return (
    <div className="tune-head">
      <h1>{title}</h1>
      <span className="quiet tune-facts">
        {keyName(key)}, {formatMeter(meter)}, {feel}, {tempo}
      </span>
      <nav aria-label="Screens of this tune">
        {SCREENS.map(({ to, label, keepsPlace }) => (
          <NavLink key={to} to={keepsPlace ? { pathname: to, search } : to}>
            {label}
          </NavLink>
        ))}
      </nav>
      <SaveNote />
      <NoLongerFits />
      <span className="tune-tools">
        <Button
          type="text"
          icon={<UndoOutlined aria-hidden />}
          disabled={!history?.past.length}
          onClick={undo}
          aria-label="Undo"
          title="Undo (Z)"
        />
        <Button
          type="text"
          icon={<RedoOutlined aria-hidden />}
          disabled={!history?.future.length}
          onClick={redo}
          aria-label="Redo"
          title="Redo (Shift Z)"
        />
        <Button
          type="text"
          icon={<HistoryOutlined aria-hidden />}
          onClick={() => {
            useHistorySheet.setState({ open: true });
          }}
          aria-label="Earlier versions"
          title="Earlier versions (Shift H)"
        />
      </span>
    </div>
  );
}

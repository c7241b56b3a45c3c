import { HistoryOutlined, QuestionOutlined, RedoOutlined, UndoOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useEffect } from 'react';
import { NavLink } from 'react-router';
import { SaveNote } from '../document/SaveNote';
import { useDocument } from '../document/store';
import { formatMeter } from '@drop-close/core';
import { keyName } from '../ui/keyName';
import { useHeading } from '../place/heading';
import { useHistorySheet } from './history/useHistory';
import { useKeysSheet } from './KeysSheet';
import { NoLongerFits } from './NoLongerFits';
import { usePlaceSearch } from '../place/selection';

/** Title, screens, and the state of the tune. */
export function TuneHead() {
  const { title, key, meter, tempo, feel } = useHeading();
  const search = usePlaceSearch();
  const history = useDocument((state) => state.history);
  const { undo, redo } = useDocument.getState();
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
        <NavLink to={{ pathname: 'chart', search }}>Chart</NavLink>
        <NavLink to={{ pathname: 'voice', search }}>Voice</NavLink>
        <NavLink to={{ pathname: 'comp', search }}>Comp</NavLink>
        <NavLink to="practise">Practise</NavLink>
        <NavLink to="take-away">Take away</NavLink>
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
        <Button
          type="text"
          icon={<QuestionOutlined aria-hidden />}
          onClick={() => {
            useKeysSheet.setState({ open: true });
          }}
          aria-label="Keys"
          title="Keys (?)"
        />
      </span>
    </div>
  );
}

import { BulbOutlined, QuestionOutlined, SearchOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, Outlet } from 'react-router';
import { openPalette, Palette } from '../palette/Palette';
import { useAppCommands } from '../palette/useAppCommands';
import { ScreenHelp } from '../help/ScreenHelp';
import { openScreenHelp } from '../ui/screenHelp';
import { useLight } from './light';
import { SessionBar } from '../practise/session/SessionBar';
import { useFinished } from '../jobs/useFinished';
import { useTaken } from '../practise/items/useNoting';
import { NewVersionNote } from './NewVersionNote';

/** What stands round every screen: the name, and the light. */
export function Shell() {
  const { light, toggle } = useLight();
  useTaken();
  useFinished();
  const other = light === 'house' ? 'Stage light' : 'House lights';
  useAppCommands(other, toggle);
  return (
    <>
      <header className="shell">
        <Link to="/book" className="brand">
          Drop Close
        </Link>
        <div className="shell-place" id="shell-place" />
        <NewVersionNote />
        <Button
          type="text"
          icon={<SearchOutlined aria-hidden />}
          aria-label="Find anything"
          title="Find anything: actions, tunes, settings (Ctrl K)"
          onClick={openPalette}
        />
        <Button
          type="text"
          icon={<QuestionOutlined aria-hidden />}
          aria-label="About this screen, and its keys"
          title="About this screen, and its keys (?)"
          onClick={openScreenHelp}
        />
        <NavLink to="/practise" className="shell-link">
          Practise
        </NavLink>
        <NavLink to="/player" className="shell-link">
          Hands<span className="wider-only"> and instrument</span>
        </NavLink>
        <NavLink to="/help" className="shell-link wider-only">
          Help
        </NavLink>
        <Button
          type="text"
          icon={<BulbOutlined aria-hidden />}
          onClick={toggle}
          aria-label={other}
          title={other}
        >
          <span className="wide-only">{other}</span>
        </Button>
      </header>
      <SessionBar />
      <Outlet />
      <Palette />
      <ScreenHelp />
    </>
  );
}

import { BulbOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, Outlet } from 'react-router';
import { useLight } from './light';
import { SessionBar } from '../practise/session/SessionBar';
import { useTaken } from '../practise/items/useNoting';
import { NewVersionNote } from './NewVersionNote';

/** What stands round every screen: the name, and the light. */
export function Shell() {
  const { light, toggle } = useLight();
  useTaken();
  const other = light === 'house' ? 'Stage light' : 'House lights';
  return (
    <>
      <header className="shell">
        <Link to="/book" className="brand">
          Drop Close
        </Link>
        <div className="shell-place" id="shell-place" />
        <NewVersionNote />
        <NavLink to="/practise" className="shell-link">
          Practise
        </NavLink>
        <NavLink to="/player" className="shell-link">
          Hands<span className="wider-only"> and instrument</span>
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
    </>
  );
}

import { BulbOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { Link, NavLink, Outlet } from 'react-router';
import { useLight } from './light';
import { NewVersionNote } from './NewVersionNote';

/** What stands round every screen: the name, and the light. */
export function Shell() {
  const { light, toggle } = useLight();
  const other = light === 'house' ? 'Stage light' : 'House lights';
  return (
    <>
      <header className="shell">
        <Link to="/book" className="brand">
          Drop Close
        </Link>
        <div className="shell-place" id="shell-place" />
        <NewVersionNote />
        <NavLink to="/player" className="shell-link">
          Hands and instrument
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
      <Outlet />
    </>
  );
}

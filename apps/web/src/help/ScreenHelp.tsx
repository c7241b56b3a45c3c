import { Modal } from 'antd';
import { useEffect } from 'react';
import { Link, useLocation } from 'react-router';
import { tinykeys } from 'tinykeys';
import { useCommands } from '../ui/commands';
import { isTaken } from '../ui/isTaken';
import { closeScreenHelp, openScreenHelp, useScreenHelp } from '../ui/screenHelp';
import { screenAt } from './screens';
import './help.css';

/** What the screen is for and every key that works on it; `?` opens it from anywhere. */
export function ScreenHelp() {
  const { open } = useScreenHelp();
  const { pathname } = useLocation();
  useEffect(
    () =>
      tinykeys(globalThis.window, {
        'Shift+?': (event) => {
          if (!isTaken(event)) openScreenHelp();
        },
      }),
    [],
  );
  return (
    <Modal
      open={open}
      destroyOnHidden
      onCancel={closeScreenHelp}
      footer={null}
      title={screenAt(pathname)?.title ?? 'This screen'}
      width={560}
    >
      <About pathname={pathname} />
    </Modal>
  );
}

function About({ pathname }: { readonly pathname: string }) {
  const note = screenAt(pathname);
  const keyed = useCommands().flatMap(({ group, shown, label }) =>
    shown === undefined ? [] : [{ group, shown, label }],
  );
  // What is of this screen alone stands before what every screen of a tune has.
  const own = new Set(keyed.map(({ group }) => group).filter((group) => group !== 'Here'));
  const groups = [...own, 'Here'];
  return (
    <>
      {note?.what.map((paragraph) => (
        <p key={paragraph}>{paragraph}</p>
      ))}
      {note?.keys && <Keys head={note.keys.of} keys={note.keys.list} />}
      {groups.map((group) => (
        <Keys
          key={group}
          head={group === 'Here' ? 'Keys' : `${group} keys`}
          keys={keyed.filter((each) => each.group === group)}
        />
      ))}
      <p className="quiet">
        <kbd>Ctrl K</kbd> finds any action, tune or setting.{' '}
        <Link to="/help" className="text-link" onClick={closeScreenHelp}>
          Help: the five tasks of a week
        </Link>
      </p>
    </>
  );
}

interface KeysProps {
  readonly head: string;
  readonly keys: readonly { readonly shown: string; readonly label: string }[];
}

const Keys = ({ head, keys }: KeysProps) => (
  <>
    <h3 className="keys-head">{head}</h3>
    <table className="keys-sheet">
      <tbody>
        {keys.map(({ shown, label }) => (
          <tr key={shown}>
            <th scope="row">
              <kbd>{shown}</kbd>
            </th>
            <td>{label}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </>
);

import { App, Button } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { useServer } from '../api/client';
import { keepAsNew } from '../document/keepAsNew';
import { forgetEdit, keepEdit, keptEdits, type KeptEdit } from '../document/keptEdits';
import { unsentKey, useUnsent, type Unsent } from '../document/outbox';
import { dayAndTime } from '../ui/moments';

/** An edit that is on its way is not listed at once, in ms. */
const ON_ITS_WAY = 3000;
const LOOK_EVERY = 2000;
const KEY = ['unsent'];

/** What is kept in this browser alone: edits that wait for the server, or that the book cannot take. */
export function NotYetInBook() {
  const { data = [] } = useQuery({
    queryKey: KEY,
    queryFn: async () => {
      const edits = await keptEdits();
      return edits.filter(({ at }) => Date.now() - at > ON_ITS_WAY);
    },
    refetchInterval: LOOK_EVERY,
  });
  if (!data.length) return null;
  return (
    <section className="book-unsent" aria-label="Not yet in the book">
      <h2>Not yet in the book</h2>
      <p className="quiet">These edits are kept in this browser alone.</p>
      <ul>
        {data.map((edit) => (
          <Unsaved key={unsentKey(edit)} edit={edit} />
        ))}
      </ul>
    </section>
  );
}

function Unsaved({ edit }: { edit: KeptEdit }) {
  const why = useUnsent((state) => state.why[unsentKey(edit)]);
  const away = useServer((state) => state.away);
  const { notification } = App.useApp();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const look = () => queries.invalidateQueries({ queryKey: KEY });
  const { document, origin, tab, at } = edit;
  const keepIt = async (): Promise<void> => {
    try {
      await navigate(`/tune/${await keepAsNew(document, origin.tuneId, tab)}/chart`);
    } catch (error) {
      notification.error({ title: 'That did not work', description: String(error) });
    }
  };
  const throwAway = async (): Promise<void> => {
    await forgetEdit(origin.tuneId, tab);
    await look();
    const onClick = (): void => {
      void keepEdit(edit).then(look);
      notification.destroy(unsentKey(edit));
    };
    notification.open({
      key: unsentKey(edit),
      title: `The unsaved edit of “${document.title}” is thrown away`,
      actions: <Button onClick={onClick}>Put it back</Button>,
      duration: 12,
    });
  };
  return (
    <li>
      <Link to={`/tune/${origin.tuneId}/chart`}>{document.title}</Link>{' '}
      <span className="quiet">
        {at > 0 && `${dayAndTime(at)}: `}
        {away ? WAITING : reasonOf(why)}
      </span>
      <span>
        <Button size="small" type="link" onClick={() => void keepIt()}>
          Keep as a new tune
        </Button>
        <Button size="small" type="link" onClick={() => void throwAway()}>
          Throw away
        </Button>
      </span>
    </li>
  );
}

const WAITING = 'waits for the server';

function reasonOf(why: Unsent | undefined): string {
  switch (why?.kind) {
    case 'gone':
      return 'its tune was thrown away';
    case 'conflict':
      return 'its tune was changed in two places: open it to choose';
    case 'refused':
      return `the book did not take it: ${why.detail}`;
    case 'waiting':
    case undefined:
      return WAITING;
  }
}

import { Button, Popover } from 'antd';
import { prettyText } from '../ui/symbol';
import { useMisfitEntries, type MisfitEntry } from './misfitEntries';
import { usePlaceInHand, type PlaceInHand } from './placeInHand';

/** What was decided about bars and chords that are gone or are others now: a word while there is any. */
export function NoLongerFits() {
  const place = usePlaceInHand();
  const entries = useMisfitEntries(place);
  if (!entries.length) return null;
  return (
    <Popover
      trigger="click"
      placement="bottom"
      title="No longer fits the chart"
      content={<MisfitList entries={entries} place={place} />}
    >
      <Button type="link" size="small" className="misfits-button">
        {entries.length === 1 ? '1 no longer fits' : `${entries.length} no longer fit`}
      </Button>
    </Popover>
  );
}

interface MisfitListProps {
  readonly entries: readonly MisfitEntry[];
  readonly place: PlaceInHand | undefined;
}

function MisfitList({ entries, place }: MisfitListProps) {
  const here = place && `bar ${place.number}, ${prettyText(place.symbol)}`;
  return (
    <div className="misfits">
      <p className="quiet">
        Nothing is lost: each is kept, and comes back with its bar or chord.
        {here && ` “Put here” means ${here}, the chord you are at.`}
      </p>
      <ul aria-label="No longer fits">
        {entries.map(({ key, name, why, put, refusal, throwAway }) => (
          <li key={key}>
            <span>
              <b>{name}</b>
              <br />
              <span className="quiet">{why}</span>
            </span>
            <Button
              size="small"
              disabled={!put}
              title={refusal}
              aria-label={`Put here: ${name}`}
              onClick={put}
            >
              Put here
            </Button>
            <Button size="small" type="text" aria-label={`Throw away: ${name}`} onClick={throwAway}>
              Throw away
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

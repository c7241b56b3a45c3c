import {
  A_DAY,
  itemKey,
  plainLetters,
  searchedWords,
  strengthOf,
  type Known,
} from '@drop-close/core';
import { Button, DatePicker, Input } from 'antd';
import dayjs from 'dayjs';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { capital } from '../base/capital';
import { startOfDay } from '../base/localDay';
import { placeOfItem } from '../session/steps';
import { StrengthMark } from '../base/StrengthMark';
import { useNow } from '../base/useNow';
import { ItemHistory } from './ItemHistory';
import { useNoting } from '../items/useNoting';
import { useItemWords, usePractised } from '../items/usePractice';
import { Term } from '../../ui/terms/Term';
import './items.css';

/** So many rows at first; more when they are asked for. */
const SHOWN = 40;

/** Everything that was practised: how well it is known, when it comes back, and another day for it. */
export default function ItemsPage() {
  const { known, isHere } = usePractised();
  const words = useItemWords();
  const [search, setSearch] = useState('');
  const [shown, setShown] = useState(SHOWN);
  const found = useMemo(() => {
    const wanted = searchedWords(search);
    return known
      .filter(({ item, schedule }) => {
        const text = plainLetters(words(item));
        return schedule && wanted.every((word) => text.includes(word));
      })
      .sort((a, b) => a.schedule!.due - b.schedule!.due);
  }, [known, search, words]);
  if (!isHere) return <p className="quiet">Looking up what was practised…</p>;
  return (
    <>
      <div className="practise-bar">
        <Input.Search
          aria-label="Look for"
          className="practise-search"
          placeholder="Look for a tune, a layer, a form"
          allowClear
          value={search}
          onChange={({ target }) => {
            setSearch(target.value);
          }}
        />
        <span className="quiet" role="status">
          {found.length} {found.length === 1 ? 'thing' : 'things'} practised, what comes back first
          on top
        </span>
      </div>
      <table className="items">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">
              <Term of="strength">Known</Term>
            </th>
            <th scope="col">
              <Term of="due">Comes back</Term>
            </th>
            <th scope="col" className="items-wide">
              Practised
            </th>
            <th scope="col" className="items-wide">
              Tempo
            </th>
          </tr>
        </thead>
        <tbody>
          {found.slice(0, shown).map((each) => (
            <ItemRow key={itemKey(each.item)} known={each} words={capital(words(each.item))} />
          ))}
        </tbody>
      </table>
      {found.length > shown && (
        <Button
          onClick={() => {
            setShown(shown + SHOWN);
          }}
        >
          Show {Math.min(SHOWN, found.length - shown)} more
        </Button>
      )}
    </>
  );
}

function ItemRow({ known: { item, schedule }, words }: { known: Known; words: string }) {
  const now = useNow();
  const noting = useNoting();
  if (!schedule) return null;
  const days = Math.round((startOfDay(schedule.due) - startOfDay(now)) / A_DAY);
  return (
    <tr>
      <th scope="row">
        <Link to={placeOfItem(item)}>{words}</Link>
      </th>
      <td>
        <StrengthMark strength={strengthOf(schedule, now)} />
      </td>
      <td>
        <DatePicker
          aria-label={`${words} comes back on`}
          size="small"
          allowClear={false}
          format="D MMM YYYY"
          minDate={dayjs(startOfDay(now))}
          value={dayjs(schedule.due)}
          onChange={(day: dayjs.Dayjs | null) => {
            if (day)
              void noting.put(
                item,
                day.startOf('day').valueOf(),
                `${words} comes on ${day.format('D MMMM')}`,
              );
          }}
        />{' '}
        <span className="quiet">{daysInWords(days)}</span>
      </td>
      <td className="items-wide">
        <ItemHistory item={item} words={words} reviews={schedule.reviews} />
        {schedule.lapses > 0 && <span className="quiet">{schedule.lapses} missed</span>}
      </td>
      <td className="items-wide">{schedule.tempo}</td>
    </tr>
  );
}

function daysInWords(days: number): string {
  if (days < 0) return days === -1 ? 'since yesterday' : `for ${-days} days`;
  if (days === 0) return 'today';
  return days === 1 ? 'tomorrow' : `in ${days} days`;
}

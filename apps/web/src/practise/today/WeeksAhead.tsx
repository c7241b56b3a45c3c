import dayjs from 'dayjs';

const DAYS = 7;

/** How many items come due on each of the coming days, week by week. @param counts from today on */
export function WeeksAhead({ counts }: { counts: readonly number[] }) {
  const most = Math.max(1, ...counts);
  const weeks = Array.from({ length: Math.ceil(counts.length / DAYS) }, (_, at) =>
    counts.slice(at * DAYS, (at + 1) * DAYS),
  );
  return (
    <section aria-labelledby="weeks-ahead">
      <h2 id="weeks-ahead">The weeks ahead</h2>
      <table className="weeks-ahead">
        <tbody>
          {weeks.map((days, week) => (
            <tr key={week}>
              <th scope="row" className="quiet">
                {week === 0
                  ? 'The next 7 days'
                  : `From ${dayjs()
                      .add(week * DAYS, 'day')
                      .format('D MMM')}`}
              </th>
              {days.map((count, day) => (
                <td
                  key={day}
                  aria-label={dayjs()
                    .add(week * DAYS + day, 'day')
                    .format('dddd, D MMMM')}
                >
                  <span className="ahead-bar" style={{ height: `${(count / most) * 100}%` }} />
                  <span className="ahead-count">{count || ''}</span>
                </td>
              ))}
              <td className="quiet ahead-sum">{days.reduce((sum, count) => sum + count, 0)} due</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

import { useEffect, useState } from 'react';

const A_MINUTE = 60_000;

/** The time, to the minute, in ms since 1970: a page that is left open overnight knows that it is another day. */
export function useNow(): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(Date.now());
    }, A_MINUTE);
    return () => {
      clearInterval(timer);
    };
  }, []);
  return now;
}

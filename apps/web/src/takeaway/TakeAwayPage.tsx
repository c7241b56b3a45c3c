import { Segmented } from 'antd';
import { useSearchParams } from 'react-router';
import { PagesSide } from './PagesSide';
import { TracksSide } from './tracks/TracksSide';
import './takeaway.css';

const SIDES = [
  { value: 'pages', label: 'Pages' },
  { value: 'tracks', label: 'Practice tracks' },
] as const;

/** What leaves the screen: pages to read, files, tracks to practise to. */
export default function TakeAwayPage() {
  const [parameters, setParameters] = useSearchParams();
  const side = SIDES.find(({ value }) => value === parameters.get('side'))?.value ?? 'pages';
  return (
    <main className="page takeaway">
      <Segmented
        aria-label="What is taken away"
        className="takeaway-sides"
        value={side}
        options={[...SIDES]}
        onChange={(value) => {
          setParameters(value === 'pages' ? {} : { side: value }, { replace: true });
        }}
      />
      {side === 'pages' ? <PagesSide /> : <TracksSide />}
    </main>
  );
}

import { Select } from 'antd';
import { usePreferences } from '../../ui/preferences';
import { READERS } from './reader';

/** For whom the sheet is written. */
export function ReaderChoice() {
  const { reader } = usePreferences();
  return (
    <Select
      aria-label="Written for"
      value={reader}
      options={[...READERS]}
      onChange={(value) => {
        usePreferences.setState({ reader: value });
      }}
    />
  );
}

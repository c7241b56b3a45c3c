import { Segmented } from 'antd';
import { changeProfile, useProfile } from '../../profile/profileStore';
import { SCHOOLS } from './schools';

/** Whose scales stand first; kept with the player. */
export function SchoolChoice({ labelledBy }: { labelledBy: string }) {
  const { writing } = useProfile();
  return (
    <Segmented
      block
      size="small"
      aria-labelledby={labelledBy}
      value={writing.school}
      options={SCHOOLS.map(({ value, label }) => ({ value, label }))}
      onChange={(school) => {
        changeProfile({ writing: { ...writing, school } });
      }}
    />
  );
}

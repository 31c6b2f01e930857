import { useQuery } from '@tanstack/react-query';
import { served } from '../api/served';
import { Select } from '../design/Controls';
import { formatMessage } from '../words/intl';

/** Where no class, set or paper is chosen. */
export const NOBODY = 'nobody';

/** Who draws it; nobody yet too. */
export function ClassChoice({ value, onChange }: { value: string; onChange: (id: string) => void }) {
  const classes = useQuery(served.taught);
  return (
    <Select
      label={formatMessage({ id: 'projects.class' })}
      value={value}
      onChange={onChange}
      choices={[{ id: NOBODY, name: formatMessage({ id: 'projects.class.none' }) }, ...(classes.data ?? []).map((c) => ({ id: c.id, name: c.name }))]}
    />
  );
}

import type { Schemas } from '../api/client';
import { Select } from '../design/Controls';
import { formatMessage } from '../words/intl';

export type Medium = Schemas['PencilRequest']['binder'];

/** What a stick is made of, as a teacher calls it. */
export const mediumNames: Record<Medium, string> = {
  WAX: formatMessage({ id: 'kit.waxPencil' }),
  OIL: formatMessage({ id: 'kit.oilPencil' }),
  GRAPHITE: formatMessage({ id: 'kit.graphite' }),
  CRAYON: formatMessage({ id: 'kit.waxCrayon' }),
  OIL_PASTEL: formatMessage({ id: 'kit.oilPastel' }),
  SOFT_PASTEL: formatMessage({ id: 'kit.softPastel' }),
  MARKER: formatMessage({ id: 'kit.marker' }),
};

const choices = (Object.keys(mediumNames) as Medium[]).map((id) => ({ id, name: mediumNames[id] }));

/** Which of them. */
export function MediumChoice({ value, onChange }: { value: Medium; onChange: (medium: Medium) => void }) {
  return <Select label={formatMessage({ id: 'kit.pencil.medium' })} value={value} onChange={(id) => onChange(id as Medium)} choices={choices} />;
}

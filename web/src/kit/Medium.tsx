import type { Schemas } from '../api/client';
import { Select } from '../design/Controls';

export type Medium = Schemas['PencilRequest']['binder'];

/** What a stick is made of, as a teacher calls it. */
export const mediumNames: Record<Medium, string> = {
  WAX: 'wax pencil',
  OIL: 'oil pencil',
  GRAPHITE: 'graphite',
  CRAYON: 'wax crayon',
  OIL_PASTEL: 'oil pastel',
  SOFT_PASTEL: 'soft pastel',
  MARKER: 'marker',
};

const choices = (Object.keys(mediumNames) as Medium[]).map((id) => ({ id, name: mediumNames[id] }));

/** Which of them. */
export function MediumChoice({ value, onChange }: { value: Medium; onChange: (medium: Medium) => void }) {
  return <Select label="Medium" value={value} onChange={(id) => onChange(id as Medium)} choices={choices} />;
}

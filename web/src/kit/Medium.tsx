import type { Schemas } from '../api/client';
import { Select } from '../design/Controls';
import { say } from '../words/say';

export type Medium = Schemas['PencilRequest']['binder'];

/** What a stick is made of, as a teacher calls it. */
export const mediumNames: Record<Medium, string> = {
  WAX: say('kit.wax-pencil'),
  OIL: say('kit.oil-pencil'),
  GRAPHITE: say('kit.graphite'),
  CRAYON: say('kit.wax-crayon'),
  OIL_PASTEL: say('kit.oil-pastel'),
  SOFT_PASTEL: say('kit.soft-pastel'),
  MARKER: say('kit.marker'),
};

const choices = (Object.keys(mediumNames) as Medium[]).map((id) => ({ id, name: mediumNames[id] }));

/** Which of them. */
export function MediumChoice({ value, onChange }: { value: Medium; onChange: (medium: Medium) => void }) {
  return <Select label={say('kit.medium')} value={value} onChange={(id) => onChange(id as Medium)} choices={choices} />;
}

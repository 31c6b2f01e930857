import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { served } from '../api/served';
import { Select } from '../design/Controls';
import type { Lane } from './words';
import { formatMessage } from '../words/intl';

const ALL = 'all';

/** Pencils and paper that new sheets are planned for: at first the class's own. */
export function useMaterials(lane: Lane) {
  const kit = useQuery(served.kit);
  const [set, setSet] = useState<string>();
  const [paper, setPaper] = useState<string>();
  const papers = kit.data?.papers ?? [];
  const sets = kit.data?.sets ?? [];
  const chosenSet = set ?? sets.find((s) => s.users.some((u) => u.schoolClass === lane.schoolClass))?.id ?? ALL;
  const chosenPaper = paper ?? (papers.find((p) => p.tooth === 1) ?? papers[0])?.id;
  return {
    materials: chosenPaper === undefined ? undefined : { ...(chosenSet === ALL ? {} : { set: chosenSet }), paper: chosenPaper },
    choices: (
      <>
        <Select
          label={formatMessage({ id: 'course.pencils.set' })}
          value={chosenSet}
          onChange={setSet}
          choices={[{ id: ALL, name: formatMessage({ id: 'course.pencils.wholeKit' }) }, ...sets.map((s) => ({ id: s.id, name: s.name }))]}
        />
        <Select label={formatMessage({ id: 'course.paper' })} value={chosenPaper ?? null} onChange={setPaper} choices={papers.map((p) => ({ id: p.id, name: p.name }))} />
      </>
    ),
  };
}

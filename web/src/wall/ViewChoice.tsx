import { useNavigate } from 'react-router';
import { Segments } from '../design/Controls';
import { formatMessage } from '../words/intl';

const views = [
  { id: 'printing', name: formatMessage({ id: 'wall.filter.oneAssignment' }) },
  { id: 'time', name: formatMessage({ id: 'wall.overTime' }) },
  { id: 'then', name: formatMessage({ id: 'wall.sort.firstAndLatest' }) },
] as const;
type View = (typeof views)[number]['id'];

/** Which of its walls a class hangs on. @param schoolClass the class whose wall is shown */
export function ViewChoice({ view, schoolClass }: { view: View; schoolClass: string | undefined }) {
  const navigate = useNavigate();
  const of = schoolClass ?? '';
  const paths: Record<View, string> = { printing: '/wall', time: `/wall/class/${of}`, then: of === '' ? '/wall/class' : `/wall/class/${of}/first-and-latest` };
  return <Segments label={formatMessage({ id: 'wall.show' })} value={view} onChange={(next) => void navigate(paths[next])} choices={views} />;
}

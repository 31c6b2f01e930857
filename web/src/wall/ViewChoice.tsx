import { useNavigate } from 'react-router';
import { Segments } from '../design/Controls';
import { say } from '../words/say';

const views = [
  { id: 'printing', name: say('wall.one-printing') },
  { id: 'time', name: say('wall.over-time') },
  { id: 'then', name: say('wall.first-and-latest') },
] as const;
type View = (typeof views)[number]['id'];

/** Which of its walls a class hangs on. @param schoolClass the class whose wall is shown */
export function ViewChoice({ view, schoolClass }: { view: View; schoolClass: string | undefined }) {
  const navigate = useNavigate();
  const of = schoolClass ?? '';
  const paths: Record<View, string> = { printing: '/wall', time: `/wall/class/${of}`, then: of === '' ? '/wall/class' : `/wall/class/${of}/first-and-latest` };
  return <Segments label={say('wall.show')} value={view} onChange={(next) => void navigate(paths[next])} choices={views} />;
}

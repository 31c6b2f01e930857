import { useNavigate } from 'react-router';
import { Segments } from '../design/Controls';

const views = [
  { id: 'printing', name: 'one printing' },
  { id: 'time', name: 'over time' },
] as const;

/** Which of its walls a class hangs on. @param schoolClass the class whose wall is shown */
export function ViewChoice({ view, schoolClass }: { view: 'printing' | 'time'; schoolClass: string | undefined }) {
  const navigate = useNavigate();
  return (
    <Segments
      label="Show"
      value={view}
      onChange={(next) => void navigate(next === 'time' ? `/wall/class/${schoolClass ?? ''}` : '/wall')}
      choices={views}
    />
  );
}

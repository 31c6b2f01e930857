import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, body, type Schemas } from '../../api/client';
import { dateWords, skillNames } from '../../course/words';
import { decimals } from '../../words/words';
import { count, formatMessage } from '../../words/intl';

type Lesson = Schemas['RetaughtView'];

/** What lessons that taught something once more have changed. */
export function Retaught({ schoolClass }: { schoolClass: string }) {
  const taught = useQuery({
    queryKey: ['courses', schoolClass, 'retaught'],
    queryFn: () => body(api.GET('/api/courses/{schoolClass}/retaught', { params: { path: { schoolClass } } })),
  });
  if (!taught.data || taught.data.length === 0) {
    return null;
  }
  return (
    <>
      <h2>{formatMessage({ id: 'wall.reteach.done' })}</h2>
      {taught.data.map((l) => (
        <section key={l.lesson}>
          <h3>
            <Link to={`/course/${schoolClass}/${l.lesson}`}>{skillNames[l.skill]}</Link>, {dateWords(l.starts.slice(0, 10))}
          </h3>
          <p>{changed(l)}</p>
          {l.goals.map((g) => (
            <small key={g.goal}>
              {g.label}: {decimals(g.before, g.digits)} → {decimals(g.after, g.digits)} {g.unit} ({count(g.students, 'student')})
              <br />
            </small>
          ))}
        </section>
      ))}
    </>
  );
}

const changed = (l: Lesson) =>
  l.before == null || l.after == null
    ? formatMessage({ id: 'wall.reteach.noneSince' })
    : formatMessage({ id: 'wall.reteach.result' }, { students: l.students, before: decimals(l.before, 1), after: decimals(l.after, 1), secure: l.secure });

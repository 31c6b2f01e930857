import { Link } from 'react-router';
import { LinkButton } from '../design/Controls';
import { useCourse } from './useCourse';
import { dateWords, type Lesson } from './words';
import { formatMessage } from '../words/intl';

/** What groups do while the others are at a lesson. */
export function GroupWork({ groups, onRemove }: { groups: Lesson['beside']; onRemove?: (at: number) => void }) {
  return groups.map((g, i) => (
    <span key={`${g.title}${g.students.join()}`} title={g.notes}>
      {formatMessage({ id: 'course.beside.group' }, { names: g.names.join(', '), title: g.title })}{' '}
      {g.run && (
        <a href={`/api/sheets/runs/${g.run}/pages.pdf`} target="_blank" rel="noreferrer">
          {formatMessage({ id: 'course.beside.print' })}
        </a>
      )}
      {onRemove && (
        <LinkButton aria-label={formatMessage({ id: 'course.beside.remove' }, { title: g.title })} onPress={() => onRemove(i)}>
          ×
        </LinkButton>
      )}
    </span>
  ));
}

interface NextProps {
  schoolClass: string;
  students: string[];
  title: string;
  notes?: string;
  /** The printing the group works on. */
  run?: string;
}

/** Gives a group something of its own to do beside the class's next lesson. */
export function AddGroupWork({ schoolClass, ...group }: NextProps) {
  const { add } = useCourse();
  if (add.data) {
    const { lesson, at, starts } = add.data.made;
    return (
      <Link to={`/course/${schoolClass}/${lesson}`}>
        {formatMessage({ id: 'course.beside.added' }, { number: at + 1, date: starts ? dateWords(starts.slice(0, 10)) : 'none' })}
      </Link>
    );
  }
  return (
    <>
      <LinkButton isDisabled={add.isPending} onPress={() => add.mutate({ schoolClass, group })}>
        {formatMessage({ id: 'course.beside.add' })}
      </LinkButton>
      {add.error && <span role="alert">▲ {add.error.message}</span>}
    </>
  );
}

import { Link } from 'react-router';
import styled from 'styled-components';
import type { Schemas } from '../../api/client';
import { AddGroupWork } from '../../course/GroupWork';
import { useCourse } from '../../course/useCourse';
import { dateWords, skillNames } from '../../course/words';
import { LinkButton } from '../../design/Controls';
import { colour, sizes, space } from '../../design/tokens';
import { Retaught } from './Retaught';
import { count, formatMessage } from '../../words/intl';

type Progress = Schemas['ClassProgressView'];
type Group = Progress['groups'][number];

/** Work of a lesson that teaches one thing once more, min. */
const WORK = 20;

/** Who is taught together what is missing. */
export function Groups({ of }: { of: Progress }) {
  const name = (id: string) => of.students.find((s) => s.student === id)?.name ?? '';
  return (
    <Aside aria-label={formatMessage({ id: 'wall.groups' })}>
      <h2>{formatMessage({ id: 'wall.groups' })}</h2>
      {of.groups.length === 0 && <p>{formatMessage({ id: 'wall.reteach.allSecure' })}</p>}
      {of.groups.map((g) => (
        <section key={`${g.skill} ${g.cause?.code} ${g.students[0]}`}>
          <h3>
            {skillNames[g.skill]} · {count(g.students.length, 'student')}
          </h3>
          {g.cause && (
            <p>
              {g.cause.sign}. <i>“{g.cause.next}”</i>
            </p>
          )}
          <small>{g.students.map(name).join(', ')}</small>
          <Actions>
            <IntoCourse group={g} schoolClass={of.schoolClass} names={g.students.map(name)} />
            <Link to={`/wall/class/${of.schoolClass}/redo?students=${g.students.join(',')}`}>{formatMessage({ id: 'wall.redo.title' })}</Link>
          </Actions>
        </section>
      ))}
      <Retaught schoolClass={of.schoolClass} />
      <small>{formatMessage({ id: 'wall.ready.help' }, { share: Math.round(of.readyShare * 100), link: (words) => <Link to={`/classes/${of.schoolClass}`}>{words}</Link> })}</small>
    </Aside>
  );
}

/** A lesson that teaches the group's mistake once more, for all or beside the class's own, in one press: it comes next. */
function IntoCourse({ group, schoolClass, names }: { group: Group; schoolClass: string; names: string[] }) {
  const { add } = useCourse();
  const title = formatMessage({ id: 'wall.reteach.title' }, { skill: skillNames[group.skill] });
  const advice = group.cause && formatMessage({ id: 'wall.advice.show' }, { next: group.cause.next });
  const lesson = {
    title,
    aim: group.cause ? formatMessage({ id: 'wall.advice.stop' }, { sign: group.cause.sign }) : '',
    notes: [advice, formatMessage({ id: 'wall.reteach.together' }, { students: names.join(', ') }), formatMessage({ id: 'wall.reteach.others' })].filter(Boolean).join('\n'),
    workMinutes: WORK,
    again: group.skill,
  };
  if (add.data) {
    const { made } = add.data;
    return (
      <Link to={`/course/${schoolClass}/${made.lesson}`}>
        {formatMessage({ id: 'wall.lesson.number' }, { number: made.at + 1, date: made.starts && `, ${dateWords(made.starts.slice(0, 10))}` })}
      </Link>
    );
  }
  return (
    <>
      <LinkButton isDisabled={add.isPending} onPress={() => add.mutate({ schoolClass, lesson })}>
        {formatMessage({ id: 'wall.reteach.intoCourse' })}
      </LinkButton>
      <AddGroupWork schoolClass={schoolClass} students={group.students} title={title} notes={advice ?? ''} />
      {add.error && <span role="alert">▲ {add.error.message}</span>}
    </>
  );
}

const Aside = styled.aside`
  padding: ${space(4)};
  border-left: 1px solid ${colour.line};
  overflow: auto;
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  & h3 { font-size: ${sizes.text}; }
  & p, & small { font-size: ${sizes.small}; }
  & small { color: ${colour.muted}; }
`;
const Actions = styled.div`display: flex; flex-wrap: wrap; gap: ${space(3)}; font-size: ${sizes.small};`;

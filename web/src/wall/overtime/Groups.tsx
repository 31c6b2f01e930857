import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { served } from '../../api/served';
import { api, body, type Schemas } from '../../api/client';
import { dateWords, skillNames } from '../../course/words';
import { LinkButton } from '../../design/Controls';
import { colour, sizes, space } from '../../design/tokens';
import { count } from '../../words/words';
import { Retaught } from './Retaught';

type Progress = Schemas['ClassProgressView'];
type Group = Progress['groups'][number];

/** Work of a lesson that teaches one thing once more, min. */
const WORK = 20;

/** Who is taught together what is missing. */
export function Groups({ of }: { of: Progress }) {
  const name = (id: string) => of.students.find((s) => s.student === id)?.name ?? '';
  return (
    <Aside aria-label="Groups">
      <h2>Groups</h2>
      {of.groups.length === 0 && <p>Everyone is secure in what was tried.</p>}
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
            <Link to={`/wall/class/${of.schoolClass}/redo?students=${g.students.join(',')}`}>Redo pages</Link>
          </Actions>
        </section>
      ))}
      <Retaught schoolClass={of.schoolClass} />
      <small>
        A skill is ready for what builds on it where {Math.round(of.readyShare * 100)} % of those who tried are secure. <Link to={`/classes/${of.schoolClass}`}>Change</Link>
      </small>
    </Aside>
  );
}

/** A lesson that teaches the group's fault once more, in one press: it comes next. */
function IntoCourse({ group, schoolClass, names }: { group: Group; schoolClass: string; names: string[] }) {
  const queries = useQueryClient();
  const add = useMutation({
    mutationFn: () =>
      body(
        api.POST('/api/courses/{schoolClass}/next-lesson', {
          params: { path: { schoolClass } },
          body: {
            title: `Once more: ${skillNames[group.skill]}`,
            aim: group.cause ? `No more of this: ${group.cause.sign}.` : '',
            notes: [group.cause && `Show: ${group.cause.next}`, `Together: ${names.join(', ')}.`, 'The others go on where they are.'].filter(Boolean).join('\n'),
            workMinutes: WORK,
            again: group.skill,
          },
        }),
      ),
    onSuccess: () => queries.invalidateQueries({ queryKey: served.courses.queryKey }),
  });
  if (add.data) {
    return (
      <Link to={`/course/${schoolClass}/${add.data.lesson}`}>
        Lesson {add.data.at + 1}
        {add.data.starts && `, ${dateWords(add.data.starts.slice(0, 10))}`}
      </Link>
    );
  }
  return (
    <>
      <LinkButton isDisabled={add.isPending} onPress={() => add.mutate()}>
        Into the course
      </LinkButton>
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

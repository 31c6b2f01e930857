import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { served } from '../api/served';
import { Button, LinkButton, Select } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { dayOf } from '../words/words';
import { formatMessage } from '../words/intl';

interface Props {
  schoolClass: string;
  student: Schemas['StudentView'];
  isOpen: boolean;
  onOpen: (open: boolean) => void;
}

/** A student who goes to another class, leaves the school, or is deleted. */
export function StudentMoves({ schoolClass, student, isOpen, onOpen }: Props) {
  const queries = useQueryClient();
  const others = (useQuery(served.taught).data ?? []).filter((c) => c.id !== schoolClass);
  const [to, setTo] = useState<string>();
  const [deleting, setDeleting] = useState(false);
  const path = { id: schoolClass, student: student.id };
  const onSuccess = () => queries.invalidateQueries();
  const move = useMutation({
    mutationFn: (other: string) => body(api.POST('/api/classes/{id}/moves', { params: { path }, body: { students: [student.id], to: other } })),
    onSuccess,
  });
  const leave = useMutation({ mutationFn: () => body(api.POST('/api/classes/{id}/students/{student}/leaving', { params: { path } })), onSuccess });
  const remove = useMutation({ mutationFn: () => body(api.DELETE('/api/classes/{id}/students/{student}', { params: { path } })), onSuccess });
  const error = move.error ?? leave.error ?? remove.error;
  const { name } = student;
  if (!isOpen) {
    return (
      <Quiet aria-label={formatMessage({ id: 'classes.moves.of' }, { name })} onPress={() => onOpen(true)}>
        {formatMessage({ id: 'classes.moves.open' })}
      </Quiet>
    );
  }
  return (
    <Choices role="group" aria-label={formatMessage({ id: 'classes.moves.of' }, { name })}>
      {deleting ? (
        <>
          <span>▲ {formatMessage({ id: 'classes.students.removeWarning' }, { name })}</span>
          <LinkButton onPress={() => remove.mutate()}>{formatMessage({ id: 'classes.deletion.confirm' })}</LinkButton>
        </>
      ) : (
        <>
          {others.length > 0 && (
            <>
              <Select
                label={formatMessage({ id: 'classes.moves.to' })}
                value={to ?? null}
                onChange={setTo}
                placeholder={formatMessage({ id: 'classes.moves.choose' })}
                choices={others.map((c) => ({ id: c.id, name: c.name }))}
              />
              <Button isDisabled={to === undefined || move.isPending} onPress={() => to !== undefined && move.mutate(to)}>
                {formatMessage({ id: 'classes.moves.move' })}
              </Button>
            </>
          )}
          <LinkButton onPress={() => leave.mutate()}>{formatMessage({ id: 'classes.moves.left' })}</LinkButton>
          <a href={`/api/progress/students/${student.id}/archive`}>{formatMessage({ id: 'classes.moves.archive' })}</a>
          <LinkButton onPress={() => setDeleting(true)}>{formatMessage({ id: 'classes.moves.delete' })}</LinkButton>
        </>
      )}
      <LinkButton
        onPress={() => {
          setDeleting(false);
          onOpen(false);
        }}
      >
        {formatMessage({ id: 'classes.deletion.cancel' })}
      </LinkButton>
      {error && <span role="alert">▲ {error.message}</span>}
    </Choices>
  );
}

/** Who was in the class. */
export function Former({ schoolClass, former }: { schoolClass: string; former: Schemas['FormerStudentView'][] }) {
  const queries = useQueryClient();
  const back = useMutation({
    mutationFn: (student: string) => body(api.DELETE('/api/classes/{id}/students/{student}/leaving', { params: { path: { id: schoolClass, student } } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  if (former.length === 0) {
    return null;
  }
  return (
    <section>
      <h3>{formatMessage({ id: 'classes.former.title' })}</h3>
      <Names>
        {former.map(({ id, name, at, now }) => (
          <li key={id}>
            <Link to={`/students/${id}`}>{name}</Link>
            <span>
              {now
                ? formatMessage({ id: 'classes.former.now' }, { className: now.name, link: (words) => <Link to={`/classes/${now.id}`}>{words}</Link> })
                : formatMessage({ id: 'classes.former.left' }, { day: dayOf(at) })}
            </span>
            {!now && (
              <Quiet aria-label={formatMessage({ id: 'classes.former.backOf' }, { name })} onPress={() => back.mutate(id)}>
                {formatMessage({ id: 'classes.former.back' })}
              </Quiet>
            )}
          </li>
        ))}
      </Names>
      {back.error && <p role="alert">▲ {back.error.message}</p>}
    </section>
  );
}

const Quiet = styled(LinkButton)`color: ${colour.muted}; font-size: ${sizes.small};`;
const Choices = styled.div`
  flex-basis: 100%;
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: ${space(2)} ${space(4)};
  padding: ${space(2)} 0;
  font-size: ${sizes.small};
`;
const Names = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  font-size: ${sizes.small};
  li { display: flex; gap: ${space(3)}; padding: ${space(1)} 0; }
  span { color: ${colour.muted}; }
`;

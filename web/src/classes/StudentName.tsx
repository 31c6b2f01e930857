import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { ApiError, api, body } from '../api/client';
import { Button, LinkButton, Words } from '../design/Controls';
import { colour, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

interface Props {
  schoolClass: string;
  id: string;
  name: string;
  /** What stands behind the name. */
  children?: ReactNode;
}

/** A student's name, to be opened or written otherwise. */
export function StudentName({ schoolClass, id, name, children }: Props) {
  const queries = useQueryClient();
  const [written, setWritten] = useState<string>();
  const rename = useMutation({
    mutationFn: (to: string) => body(api.PUT('/api/classes/{id}/students/{student}', { params: { path: { id: schoolClass, student: id } }, body: { name: to, seen: name } })),
    onSuccess: () => {
      setWritten(undefined);
      return queries.invalidateQueries();
    },
  });
  if (written === undefined) {
    return (
      <>
        <Link to={`/students/${id}`}>{name}</Link>
        {children}
        <Quiet aria-label={formatMessage({ id: 'classes.rename.of' }, { name })} onPress={() => setWritten(name)}>
          {formatMessage({ id: 'classes.rename.open' })}
        </Quiet>
      </>
    );
  }
  const to = written.trim();
  return (
    <Form
      onSubmit={(e) => {
        e.preventDefault();
        rename.mutate(to);
      }}
    >
      <Words
        label={formatMessage({ id: 'classes.rename.label' })}
        value={written}
        onChange={setWritten}
        error={rename.error instanceof ApiError ? (rename.error.fields[0]?.message ?? rename.error.message) : rename.error?.message}
      />
      <Button type="submit" isDisabled={to === '' || to === name || rename.isPending}>
        {formatMessage({ id: 'classes.students.save' })}
      </Button>
      <LinkButton onPress={() => setWritten(undefined)}>{formatMessage({ id: 'classes.rename.cancel' })}</LinkButton>
    </Form>
  );
}

const Quiet = styled(LinkButton)`color: ${colour.muted}; font-size: ${sizes.small};`;
const Form = styled.form`display: flex; align-items: flex-end; gap: ${space(2)};`;

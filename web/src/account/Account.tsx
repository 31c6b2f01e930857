import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Place } from '../design/Place';
import { Notice } from '../design/States';
import { Small } from '../design/Text';
import { space } from '../design/tokens';
import { Backups } from './Backups';
import { Colleagues } from './Colleagues';
import { SignIns } from './SignIns';
import { formatMessage } from '../words/intl';

/** A teacher's own account, and for the administrator everyone's. */
export default function Account({ teacher }: { teacher: Schemas['TeacherView'] }) {
  return (
    <Place
      title={formatMessage({ id: 'account.account' })}
      about={formatMessage({ id: 'account.teachers.signsInAs' }, { displayName: teacher.displayName, name: teacher.name, administrator: teacher.administrator })}
    >
      <Layout>
        <PasswordChange />
        {teacher.administrator && (
          <Column>
            <Colleagues />
            <SignIns />
            <Backups />
          </Column>
        )}
      </Layout>
    </Place>
  );
}

function PasswordChange() {
  const queries = useQueryClient();
  const [old, setOld] = useState('');
  const [password, setPassword] = useState('');
  const change = useMutation({
    mutationFn: () => body(api.PUT('/api/account/password', { body: { old, password } })),
    onSuccess: () => {
      setOld('');
      setPassword('');
      return queries.invalidateQueries({ queryKey: ['session'] });
    },
  });
  const error = change.error instanceof ApiError ? change.error : undefined;
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        change.mutate();
      }}
    >
      <Column>
        <h2>{formatMessage({ id: 'account.password.heading' })}</h2>
        <Words
          label={formatMessage({ id: 'account.password.current' })}
          type="password"
          value={old}
          onChange={setOld}
          required
          error={error?.field('old')}
          autoComplete="current-password"
        />
        <Words
          label={formatMessage({ id: 'account.password.new' })}
          type="password"
          value={password}
          onChange={setPassword}
          required
          hint={formatMessage({ id: 'account.password.advice' })}
          error={error?.field('password')}
          autoComplete="new-password"
        />
        {change.error && !error?.fields.length && <Notice role="alert">▲ {change.error.message}</Notice>}
        {change.isSuccess && <p role="status">{formatMessage({ id: 'account.password.changed' })}</p>}
        <MainButton type="submit" isDisabled={change.isPending || !old || !password}>
          {formatMessage({ id: 'account.password.submit' })}
        </MainButton>
        <Small>{formatMessage({ id: 'account.signIn.forgotten' })}</Small>
      </Column>
    </Form>
  );
}

const Layout = styled.div`
  display: grid;
  grid-template-columns: minmax(240px, 320px) minmax(320px, 640px);
  gap: ${space(10)};
  padding: ${space(5)} ${space(6)};
  overflow: auto;
  @media (max-width: 720px) { grid-template-columns: minmax(0, 1fr); }
`;
const Column = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; & > button { align-self: flex-start; }`;

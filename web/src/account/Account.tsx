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
import { say } from '../words/say';

/** A teacher's own account, and for the administrator everyone's. */
export default function Account({ teacher }: { teacher: Schemas['TeacherView'] }) {
  return (
    <Place
      title={say('account.account')}
      about={say('account.signs-in-as', { displayName: teacher.displayName, name: teacher.name, more: teacher.administrator ? say('account.administrator') : '' })}
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
        <h2>{say('account.change-the-password')}</h2>
        <Words label={say('account.present-password')} type="password" value={old} onChange={setOld} required error={error?.field('old')} autoComplete="current-password" />
        <Words
          label={say('account.new-password')}
          type="password"
          value={password}
          onChange={setPassword}
          required
          hint={say('account.three-or-four-unrelated-words')}
          error={error?.field('password')}
          autoComplete="new-password"
        />
        {change.error && !error?.fields.length && <Notice role="alert">▲ {change.error.message}</Notice>}
        {change.isSuccess && <p role="status">{say('account.changed-other-browsers-you-were')}</p>}
        <MainButton type="submit" isDisabled={change.isPending || !old || !password}>
          {say('account.change-it')}
        </MainButton>
        <Small>{say('account.forgotten-it-the-administrator-of')}</Small>
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

import { useState } from 'react';
import { Form } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, space } from '../design/tokens';
import { EntranceFields, EntrancePage } from './EntrancePage';
import { NewAccount } from './NewAccount';
import { useEnter, type Session } from './session';
import { said, say } from '../words/say';

/** Signing in; on the first start, making the teacher's account. */
export function Entrance({ session }: { session: Session }) {
  const enter = useEnter();
  if (session.firstStart && !session.isDemo) {
    return (
      <EntrancePage title={say('account.welcome')} lead={say('account.make-the-teachers-account-it')}>
        <NewAccount onMake={enter.mutate} failed={enter.error} isPending={enter.isPending} />
      </EntrancePage>
    );
  }
  return (
    <EntrancePage title={say('account.sign-in')} lead={say('account.coloured-pencil-lessons-from-plan')}>
      <SignIn session={session} enter={enter} />
      {session.demo && (
        <Demo>
          {said('account.demo-saltmere-community-school-invented', {
            strong: (words) => <strong>{words}</strong>,
            name: session.demo.name,
            strong2: (words) => <b>{words}</b>,
            password: session.demo.password,
            strong3: (words) => <b>{words}</b>,
          })}
        </Demo>
      )}
    </EntrancePage>
  );
}

function SignIn({ session, enter }: { session: Session; enter: ReturnType<typeof useEnter> }) {
  const [name, setName] = useState(session.demo?.name ?? '');
  const [password, setPassword] = useState(session.demo?.password ?? '');
  const error = enter.error instanceof ApiError ? enter.error : undefined;
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        enter.mutate({ name, password });
      }}
    >
      <EntranceFields>
        <Words label={say('account.sign-in-name')} value={name} onChange={setName} required error={error?.field('name')} autoComplete="username" />
        <Words label={say('account.password')} type="password" value={password} onChange={setPassword} required error={error?.field('password')} autoComplete="current-password" />
        {enter.error && !error?.fields.length && <Notice role="alert">▲ {error ? error.message : say('account.grastel-cannot-be-reached-is')}</Notice>}
        <MainButton type="submit" isDisabled={enter.isPending}>
          {say('account.sign-in')}
        </MainButton>
      </EntranceFields>
    </Form>
  );
}

const Demo = styled.p`margin-top: ${space(8)}; padding-top: ${space(3)}; border-top: 1px solid ${colour.line}; color: ${colour.muted};`;

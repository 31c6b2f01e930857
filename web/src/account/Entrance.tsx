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
import { formatMessage } from '../words/intl';

/** Signing in; on the first start, making the teacher's account. */
export function Entrance({ session }: { session: Session }) {
  const enter = useEnter();
  if (session.firstStart && !session.isDemo) {
    return (
      <EntrancePage title={formatMessage({ id: 'account.welcome' })} lead={formatMessage({ id: 'account.register.first' })}>
        <NewAccount onMake={enter.mutate} failed={enter.error} isPending={enter.isPending} />
      </EntrancePage>
    );
  }
  return (
    <EntrancePage title={formatMessage({ id: 'account.signIn' })} lead={formatMessage({ id: 'account.signIn.tagline' })}>
      <SignIn session={session} enter={enter} />
      {session.demo && (
        <Demo>
          {formatMessage(
            { id: 'account.signIn.demo' },
            {
              strong: (words) => <strong>{words}</strong>,
              name: session.demo.name,
              strong2: (words) => <b>{words}</b>,
              password: session.demo.password,
              strong3: (words) => <b>{words}</b>,
            },
          )}
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
        <Words label={formatMessage({ id: 'account.signInName' })} value={name} onChange={setName} required error={error?.field('name')} autoComplete="username" />
        <Words
          label={formatMessage({ id: 'account.password' })}
          type="password"
          value={password}
          onChange={setPassword}
          required
          error={error?.field('password')}
          autoComplete="current-password"
        />
        {enter.error && !error?.fields.length && <Notice role="alert">▲ {error ? error.message : formatMessage({ id: 'account.signIn.unreachable' })}</Notice>}
        <MainButton type="submit" isDisabled={enter.isPending}>
          {formatMessage({ id: 'account.signIn' })}
        </MainButton>
      </EntranceFields>
    </Form>
  );
}

const Demo = styled.p`margin-top: ${space(8)}; padding-top: ${space(3)}; border-top: 1px solid ${colour.line}; color: ${colour.muted};`;

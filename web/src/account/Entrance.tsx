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

/** Signing in; on the first start, making the teacher's account. */
export function Entrance({ session }: { session: Session }) {
  const enter = useEnter();
  if (session.firstStart && !session.isDemo) {
    return (
      <EntrancePage title="Welcome" lead="Make the teacher’s account. It stays on this machine, and so does everything you do here.">
        <NewAccount onMake={enter.mutate} failed={enter.error} isPending={enter.isPending} />
      </EntrancePage>
    );
  }
  return (
    <EntrancePage title="Sign in" lead="Coloured pencil lessons, from plan to wall.">
      <SignIn session={session} enter={enter} />
      {session.demo && (
        <Demo>
          <strong>Demo.</strong> Saltmere Community School, invented from end to end. Sign in as <b>{session.demo.name}</b> with the password <b>{session.demo.password}</b>.
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
        <Words label="Sign-in name" value={name} onChange={setName} required error={error?.field('name')} autoComplete="username" />
        <Words label="Password" type="password" value={password} onChange={setPassword} required error={error?.field('password')} autoComplete="current-password" />
        {enter.error && !error?.fields.length && <Notice role="alert">▲ {error ? error.message : 'Grastel cannot be reached. Is it still running?'}</Notice>}
        <MainButton type="submit" isDisabled={enter.isPending}>
          Sign in
        </MainButton>
      </EntranceFields>
    </Form>
  );
}

const Demo = styled.p`margin-top: ${space(8)}; padding-top: ${space(3)}; border-top: 1px solid ${colour.line}; color: ${colour.muted};`;

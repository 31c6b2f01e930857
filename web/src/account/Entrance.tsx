import { useState } from 'react';
import { Form } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, levelGreys, sizes, space } from '../design/tokens';
import { useEnter, type Session } from './session';

/** Signing in; on the first start, making the teacher's account. */
export function Entrance({ session }: { session: Session }) {
  const enter = useEnter();
  const [name, setName] = useState(session.demo?.name ?? '');
  const [displayName, setDisplayName] = useState('');
  const [password, setPassword] = useState(session.demo?.password ?? '');
  const first = session.firstStart && !session.isDemo;
  const error = enter.error instanceof ApiError ? enter.error : undefined;

  return (
    <Page>
      <title>{first ? 'Welcome – Grastel' : 'Sign in – Grastel'}</title>
      <Strip aria-hidden>
        {levelGreys.slice(1).map((g) => (
          <i key={g} style={{ background: g }} />
        ))}
      </Strip>
      <Sheet>
        <h1>Grastel</h1>
        <Lead>
          {first
            ? 'Make the teacher’s account. It stays on this machine, and so does everything you do here.'
            : 'Coloured pencil lessons, from plan to wall.'}
        </Lead>
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            enter.mutate(first ? { name, displayName, password } : { name, password });
          }}
        >
          <Fields>
            {first && (
              <Words label="Your name, as colleagues know it" value={displayName} onChange={setDisplayName} required error={error?.field('displayName')} autoComplete="name" />
            )}
            <Words label="Sign-in name" value={name} onChange={setName} required error={error?.field('name')} autoComplete="username" />
            <Words
              label="Password"
              type="password"
              value={password}
              onChange={setPassword}
              required
              hint={first ? 'Three or four unrelated words make a good one.' : undefined}
              error={error?.field('password')}
              autoComplete={first ? 'new-password' : 'current-password'}
            />
            {enter.error && !error?.fields.length && (
              <Notice role="alert">▲ {error ? error.message : 'Grastel cannot be reached. Is it still running?'}</Notice>
            )}
            <MainButton type="submit" isDisabled={enter.isPending}>
              {first ? 'Make the account' : 'Sign in'}
            </MainButton>
          </Fields>
        </Form>
        {session.demo && (
          <Demo>
            <strong>Demo.</strong> Saltmere Community School, invented from end to end. Sign in as <b>{session.demo.name}</b> with the
            password <b>{session.demo.password}</b>.
          </Demo>
        )}
      </Sheet>
    </Page>
  );
}

const Page = styled.main`
  display: grid;
  grid-template-columns: 22vw minmax(0, 1fr);
  height: 100%;
  @media (max-width: 720px) { grid-template-columns: 16px minmax(0, 1fr); }
`;
const Strip = styled.div`display: flex; flex-direction: column; i { flex: 1; }`;
const Sheet = styled.div`
  align-self: center;
  max-width: 400px;
  margin: ${space(6)} ${space(12)};
  @media (max-width: 720px) { margin: ${space(6)} ${space(4)}; }
`;
const Lead = styled.p`font-size: ${sizes.lead}; margin: ${space(2)} 0 ${space(8)};`;
const Fields = styled.div`display: flex; flex-direction: column; gap: ${space(4)}; & > button { align-self: flex-start; min-width: 140px; }`;
const Demo = styled.p`margin-top: ${space(8)}; padding-top: ${space(3)}; border-top: 1px solid ${colour.line}; color: ${colour.muted};`;

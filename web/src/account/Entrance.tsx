import styled from 'styled-components';
import { colour, space } from '../design/tokens';
import { EntrancePage } from './EntrancePage';
import { NewAccount } from './NewAccount';
import { useEnter, type Session } from './session';
import { SignInForm } from './SignInForm';
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
      <SignInForm start={session.demo ?? { name: '', password: '' }} error={enter.error} isPending={enter.isPending} onSignIn={enter.mutate} />
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

const Demo = styled.p`margin-top: ${space(8)}; padding-top: ${space(3)}; border-top: 1px solid ${colour.line}; color: ${colour.muted};`;

import { useState } from 'react';
import { Form } from 'react-aria-components';
import { ApiError, type Schemas } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { EntranceFields } from './EntrancePage';
import { formatMessage } from '../words/intl';

type Request = Schemas['SignInRequest'];

interface Props {
  start: Request;
  error: Error | null;
  isPending: boolean;
  onSignIn: (request: Request) => void;
}

/** Name and password. */
export function SignInForm({ start, error: failed, isPending, onSignIn }: Props) {
  const [name, setName] = useState(start.name);
  const [password, setPassword] = useState(start.password);
  const error = failed instanceof ApiError ? failed : undefined;
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        onSignIn({ name, password });
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
        {failed && !error?.fields.length && <Notice role="alert">▲ {error ? error.message : formatMessage({ id: 'account.signIn.unreachable' })}</Notice>}
        <MainButton type="submit" isDisabled={isPending}>
          {formatMessage({ id: 'account.signIn' })}
        </MainButton>
      </EntranceFields>
    </Form>
  );
}

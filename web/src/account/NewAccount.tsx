import { useState } from 'react';
import { Form } from 'react-aria-components';
import { ApiError, type Schemas } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { EntranceFields } from './EntrancePage';
import { formatMessage } from '../words/intl';

/** A teacher makes their account: the first one, or by an invitation. */
export function NewAccount({ onMake, failed, isPending }: { onMake: (request: Schemas['JoinRequest']) => void; failed: Error | null; isPending: boolean }) {
  const [request, setRequest] = useState({ name: '', displayName: '', password: '' });
  const error = failed instanceof ApiError ? failed : undefined;
  const set = (change: Partial<typeof request>) => setRequest({ ...request, ...change });
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        onMake(request);
      }}
    >
      <EntranceFields>
        <Words
          label={formatMessage({ id: 'account.register.displayName' })}
          value={request.displayName}
          onChange={(displayName) => set({ displayName })}
          required
          error={error?.field('displayName')}
          autoComplete="name"
        />
        <Words
          label={formatMessage({ id: 'account.signInName' })}
          value={request.name}
          onChange={(name) => set({ name })}
          required
          error={error?.field('name')}
          autoComplete="username"
        />
        <Words
          label={formatMessage({ id: 'account.password' })}
          type="password"
          value={request.password}
          onChange={(password) => set({ password })}
          required
          hint={formatMessage({ id: 'account.password.advice' })}
          error={error?.field('password')}
          autoComplete="new-password"
        />
        {failed && !error?.fields.length && <Notice role="alert">▲ {error ? error.message : formatMessage({ id: 'account.signIn.unreachable' })}</Notice>}
        <MainButton type="submit" isDisabled={isPending}>
          {formatMessage({ id: 'account.register.submit' })}
        </MainButton>
      </EntranceFields>
    </Form>
  );
}

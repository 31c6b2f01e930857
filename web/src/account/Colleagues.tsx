import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Form } from 'react-aria-components';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, MainButton, Words } from '../design/Controls';
import { Failed, Loading, Notice } from '../design/States';
import { Small } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { Invitations } from './Invitations';
import { formatMessage } from '../words/intl';

type Colleague = Schemas['ColleagueView'];
const key = ['teachers'];

/** Everyone with an account: added, given a new password, let in no longer or again. For the administrator. */
export function Colleagues() {
  const all = useQuery({ queryKey: key, queryFn: () => body(api.GET('/api/account/teachers')) });
  if (all.isError) {
    return <Failed error={all.error} />;
  }
  if (!all.data) {
    return <Loading what={formatMessage({ id: 'account.loading.accounts' })} />;
  }
  return (
    <section aria-label={formatMessage({ id: 'account.teachers.heading' })}>
      <h2>{formatMessage({ id: 'account.teachers.heading' })}</h2>
      <List>
        {all.data.map((c) => (
          <Row key={c.id} colleague={c} />
        ))}
      </List>
      <Add />
      <Invitations />
    </section>
  );
}

function Row({ colleague }: { colleague: Colleague }) {
  const queries = useQueryClient();
  const [resetting, setResetting] = useState(false);
  const [password, setPassword] = useState('');
  const path = { id: colleague.id };
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const stand = useMutation({
    mutationFn: (disabled: boolean) => api.PUT('/api/account/teachers/{id}/standing', { params: { path }, body: { disabled } }),
    onSuccess: refresh,
  });
  const reset = useMutation({
    mutationFn: () => api.PUT('/api/account/teachers/{id}/password', { params: { path }, body: { password } }),
    onSuccess: () => {
      setPassword('');
      setResetting(false);
      return refresh();
    },
  });
  const error = reset.error instanceof ApiError ? reset.error : undefined;
  return (
    <li>
      <Line>
        <span>
          <b>{colleague.displayName}</b> {colleague.name}
          {colleague.administrator && ` · ${formatMessage({ id: 'account.teachers.administratorMark' })}`}
          {colleague.disabled && ` · ${formatMessage({ id: 'account.teachers.disabledMark' })}`}
        </span>
        {!colleague.administrator && (
          <Acts>
            <LinkButton onPress={() => setResetting(!resetting)}>{formatMessage({ id: 'account.password.new' })}</LinkButton>
            <LinkButton onPress={() => stand.mutate(!colleague.disabled)} isDisabled={stand.isPending}>
              {colleague.disabled ? formatMessage({ id: 'account.enable' }) : formatMessage({ id: 'account.disable' })}
            </LinkButton>
          </Acts>
        )}
      </Line>
      {resetting && (
        <Form
          onSubmit={(event) => {
            event.preventDefault();
            reset.mutate();
          }}
        >
          <Reset>
            <Words
              label={formatMessage({ id: 'account.teachers.newPasswordFor' }, { teacher: colleague.displayName })}
              type="password"
              value={password}
              onChange={setPassword}
              required
              error={error?.field('password')}
              autoComplete="new-password"
            />
            <Button type="submit" isDisabled={reset.isPending || !password}>
              {formatMessage({ id: 'account.teachers.setPassword' })}
            </Button>
          </Reset>
        </Form>
      )}
      {(stand.error ?? (error && error.fields.length === 0 ? error : null)) && <Notice role="alert">▲ {(stand.error ?? error)?.message}</Notice>}
    </li>
  );
}

function Add() {
  const queries = useQueryClient();
  const [request, setRequest] = useState({ name: '', displayName: '', password: '' });
  const add = useMutation({
    mutationFn: () => body(api.POST('/api/account/teachers', { body: request })),
    onSuccess: () => {
      setRequest({ name: '', displayName: '', password: '' });
      return queries.invalidateQueries({ queryKey: key });
    },
  });
  const error = add.error instanceof ApiError ? add.error : undefined;
  const set = (change: Partial<typeof request>) => setRequest({ ...request, ...change });
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        add.mutate();
      }}
    >
      <Fields>
        <h3>{formatMessage({ id: 'account.add.heading' })}</h3>
        <Words
          label={formatMessage({ id: 'account.add.name' })}
          value={request.displayName}
          onChange={(displayName) => set({ displayName })}
          required
          error={error?.field('displayName')}
        />
        <Words label={formatMessage({ id: 'account.add.signInName' })} value={request.name} onChange={(name) => set({ name })} required error={error?.field('name')} />
        <Words
          label={formatMessage({ id: 'account.add.firstPassword' })}
          type="password"
          value={request.password}
          onChange={(password) => set({ password })}
          required
          error={error?.field('password')}
          autoComplete="new-password"
        />
        {error && error.fields.length === 0 && <Notice role="alert">▲ {error.message}</Notice>}
        <MainButton type="submit" isDisabled={add.isPending || !request.name || !request.displayName || !request.password}>
          {formatMessage({ id: 'account.add.submit' })}
        </MainButton>
        <Small>{formatMessage({ id: 'account.teachers.help' })}</Small>
      </Fields>
    </Form>
  );
}

const List = styled.ul`
  margin: ${space(3)} 0 ${space(6)};
  padding: 0;
  list-style: none;
  border-top: 1px solid ${colour.line};
  li { border-bottom: 1px solid ${colour.line}; padding: ${space(2)} 0; }
`;
const Line = styled.div`display: flex; justify-content: space-between; gap: ${space(4)}; flex-wrap: wrap;`;
const Acts = styled.span`display: flex; gap: ${space(4)}; font-size: ${sizes.small};`;
const Reset = styled.div`display: flex; align-items: flex-end; gap: ${space(3)}; padding: ${space(2)} 0; & > :first-child { flex: 1; }`;
const Fields = styled.div`display: flex; flex-direction: column; gap: ${space(3)}; max-width: 360px; & > button { align-self: flex-start; }`;

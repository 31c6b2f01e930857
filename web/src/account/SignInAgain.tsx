import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { MainButton, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, space } from '../design/tokens';
import { EntranceFields } from './EntrancePage';
import { formatMessage } from '../words/intl';

/** The session has ended: signing in again over the page, which stays as it is. Whoever else signs in begins afresh. */
export function SignInAgain({ teacher }: { teacher: string }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [password, setPassword] = useState('');
  const enter = useMutation({
    mutationFn: () => body(api.POST('/api/account/session', { body: { name, password } })),
    onSuccess: (entered) => {
      if (entered.displayName === teacher) {
        return queries.invalidateQueries();
      }
      window.location.assign('/');
      return undefined;
    },
  });
  return (
    <Cover isOpen>
      <Modal>
        <Dialog>
          <Sheet
            onSubmit={(e) => {
              e.preventDefault();
              enter.mutate();
            }}
          >
            <Heading slot="title">{formatMessage({ id: 'account.again.title' })}</Heading>
            <p>{formatMessage({ id: 'account.again.help' }, { teacher })}</p>
            <EntranceFields>
              <Words label={formatMessage({ id: 'account.signInName' })} value={name} onChange={setName} required autoComplete="username" />
              <Words label={formatMessage({ id: 'account.password' })} type="password" value={password} onChange={setPassword} required autoComplete="current-password" />
              {enter.error && <Notice role="alert">▲ {enter.error.message}</Notice>}
              <MainButton type="submit" isDisabled={enter.isPending}>
                {formatMessage({ id: 'account.signIn' })}
              </MainButton>
            </EntranceFields>
          </Sheet>
        </Dialog>
      </Modal>
    </Cover>
  );
}

const Cover = styled(ModalOverlay)`
  position: fixed;
  inset: 0;
  z-index: 20;
  display: grid;
  place-items: center;
  background: rgb(0 0 0 / 45%);
`;
const Sheet = styled.form`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  width: min(400px, 92vw);
  padding: ${space(6)};
  background: ${colour.paper};
  color: ${colour.ink};
`;

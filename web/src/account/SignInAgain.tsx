import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Dialog, Heading, Modal, ModalOverlay } from 'react-aria-components';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { keepDraftsOf } from '../design/useDraft';
import { colour, space } from '../design/tokens';
import { SignInForm } from './SignInForm';
import { formatMessage } from '../words/intl';

/**
 * The session has ended: signing in again over the page, which stays as it is and is covered until then. Whoever else signs in
 * begins afresh and finds no drafts.
 */
export function SignInAgain({ teacher }: { teacher: Schemas['TeacherView'] }) {
  const queries = useQueryClient();
  const enter = useMutation({
    mutationFn: (request: Schemas['SignInRequest']) => body(api.POST('/api/account/session', { body: request })),
    onSuccess: (entered, request) => {
      keepDraftsOf(request.name);
      if (entered.name === teacher.name) {
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
          <Sheet>
            <Heading slot="title">{formatMessage({ id: 'account.again.title' })}</Heading>
            <p>{formatMessage({ id: 'account.again.help' }, { teacher: teacher.displayName })}</p>
            <SignInForm start={{ name: '', password: '' }} error={enter.error} isPending={enter.isPending} onSignIn={enter.mutate} />
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
  background: ${colour.wash};
`;
const Sheet = styled.div`
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  width: min(400px, 92vw);
  padding: ${space(6)};
  background: ${colour.paper};
  color: ${colour.ink};
`;

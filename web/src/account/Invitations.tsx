import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Button, LinkButton } from '../design/Controls';
import { Failed, Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { dayOf } from '../words/words';
import { formatMessage } from '../words/intl';

const key = ['invites'];

/** Links by which colleagues make their accounts themselves. For the administrator. */
export function Invitations() {
  const queries = useQueryClient();
  const refresh = () => queries.invalidateQueries({ queryKey: key });
  const open = useQuery({ queryKey: key, queryFn: () => body(api.GET('/api/account/invites')) });
  const make = useMutation({ mutationFn: () => body(api.POST('/api/account/invites')), onSuccess: refresh });
  const takeBack = useMutation({
    mutationFn: (id: string) => api.DELETE('/api/account/invites/{id}', { params: { path: { id } } }),
    onSuccess: () => {
      make.reset();
      return refresh();
    },
  });
  const failed = make.error ?? takeBack.error;
  return (
    <Section aria-label={formatMessage({ id: 'account.invite.heading' })}>
      <h3>{formatMessage({ id: 'account.invite.orInvite' })}</h3>
      <Small>{formatMessage({ id: 'account.invite.linkHelp' })}</Small>
      {make.data && (
        <Made aria-live="polite">
          {formatMessage({ id: 'account.invite.link' }, { link: `${window.location.origin}/join/${make.data.token}`, code: (words) => <code>{words}</code> })}
        </Made>
      )}
      <Button onPress={() => make.mutate()} isDisabled={make.isPending}>
        {make.data ? formatMessage({ id: 'account.invite.makeAnotherLink' }) : formatMessage({ id: 'account.invite.makeLink' })}
      </Button>
      {failed && <Notice role="alert">▲ {failed.message}</Notice>}
      {open.isError && <Failed error={open.error} />}
      {open.data && open.data.length > 0 && (
        <List aria-label={formatMessage({ id: 'account.invite.open' })}>
          {open.data.map((i) => (
            <li key={i.id}>
              <span>{formatMessage({ id: 'account.invite.validity' }, { created: dayOf(i.made), until: dayOf(i.until) })}</span>
              <LinkButton onPress={() => takeBack.mutate(i.id)} isDisabled={takeBack.isPending}>
                {formatMessage({ id: 'account.invite.withdraw' })}
              </LinkButton>
            </li>
          ))}
        </List>
      )}
    </Section>
  );
}

const Section = styled.section`margin-top: ${space(6)};`;
const Small = styled.p`margin: ${space(1)} 0 ${space(3)}; font-size: ${sizes.small}; color: ${colour.muted};`;
const Made = styled.p`margin-bottom: ${space(3)}; code { display: block; padding: ${space(2)} 0; overflow-wrap: anywhere; user-select: all; }`;
const List = styled.ul`
  margin: ${space(3)} 0 0;
  padding: 0;
  list-style: none;
  border-top: 1px solid ${colour.line};
  font-size: ${sizes.small};
  li { display: flex; justify-content: space-between; gap: ${space(4)}; padding: ${space(1)} 0; border-bottom: 1px solid ${colour.line}; }
`;

import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import styled from 'styled-components';
import { ApiError, api, body, type Schemas } from '../api/client';
import { Button, LinkButton, Segments, Words } from '../design/Controls';
import { Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

type Right = Schemas['ShareView']['right'];

const rights = [
  { id: 'LOOK', name: formatMessage({ id: 'classes.sharing.mayLook' }) },
  { id: 'MARK', name: formatMessage({ id: 'classes.sharing.mayMark' }) },
] as const;

/** Which colleagues see the class, and what they may do there. */
export function Sharing({ schoolClass }: { schoolClass: string }) {
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [right, setRight] = useState<Right>('LOOK');
  const key = ['classes', schoolClass, 'shares'];
  const shares = useQuery({ queryKey: key, queryFn: () => body(api.GET('/api/classes/{id}/shares', { params: { path: { id: schoolClass } } })) });
  const allow = useMutation({
    mutationFn: () => body(api.PUT('/api/classes/{id}/shares', { params: { path: { id: schoolClass } }, body: { name, right } })),
    onSuccess: (all) => {
      setName('');
      queries.setQueryData(key, all);
    },
  });
  const takeBack = useMutation({
    mutationFn: (share: string) => api.DELETE('/api/classes/{id}/shares/{share}', { params: { path: { id: schoolClass, share } } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: key }),
  });
  const error = allow.error ?? takeBack.error ?? shares.error;
  return (
    <Part aria-label={formatMessage({ id: 'classes.sharing' })}>
      <h3>{formatMessage({ id: 'classes.sharing' })}</h3>
      <p>{formatMessage({ id: 'classes.sharing.help' })}</p>
      {(shares.data?.length ?? 0) > 0 && (
        <List>
          {shares.data?.map((share) => (
            <li key={share.id}>
              <b>{share.colleague}</b> <span>{share.right === 'MARK' ? formatMessage({ id: 'classes.sharing.lookAndMark' }) : formatMessage({ id: 'classes.sharing.look' })}</span>
              <LinkButton onPress={() => takeBack.mutate(share.id)} aria-label={formatMessage({ id: 'classes.sharing.stopWith' }, { name: share.colleague })}>
                {formatMessage({ id: 'classes.sharing.stop' })}
              </LinkButton>
            </li>
          ))}
        </List>
      )}
      <Words label={formatMessage({ id: 'classes.sharing.name' })} value={name} onChange={setName} />
      <Segments label={formatMessage({ id: 'classes.sharing.permission' })} value={right} onChange={setRight} choices={rights} />
      <Button onPress={() => allow.mutate()} isDisabled={name.trim() === '' || allow.isPending}>
        {formatMessage({ id: 'classes.share' })}
      </Button>
      {error && <Notice role="alert">▲ {(error instanceof ApiError && error.field('name')) || error.message}</Notice>}
    </Part>
  );
}

const Part = styled.section`
  display: flex;
  flex-direction: column;
  gap: ${space(2)};
  h3 { margin: 0; font-size: ${sizes.text}; }
  p { margin: 0; font-size: ${sizes.small}; color: ${colour.muted}; }
  & > button { align-self: flex-start; }
`;
const List = styled.ul`
  margin: 0;
  padding: 0;
  list-style: none;
  li { display: flex; flex-wrap: wrap; gap: 0 ${space(2)}; align-items: baseline; padding: ${space(1)} 0; border-bottom: 1px solid ${colour.line}; }
  li > span { font-size: ${sizes.small}; color: ${colour.muted}; flex: 1; }
`;

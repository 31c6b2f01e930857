import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Button } from '../design/Controls';
import { Failed, Loading, Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { dayOf, timeOf } from '../words/words';
import { formatMessage } from '../words/intl';

const key = ['backups'];
const MB = 1024 * 1024;

/** Copies of all data, made while the program runs. For the administrator. */
export function Backups() {
  const queries = useQueryClient();
  const all = useQuery({ queryKey: key, queryFn: () => body(api.GET('/api/backups')) });
  const make = useMutation({
    mutationFn: () => body(api.POST('/api/backups')),
    onSuccess: (data) => queries.setQueryData(key, data),
  });
  if (all.isError) {
    return <Failed error={all.error} />;
  }
  if (!all.data) {
    return <Loading what={formatMessage({ id: 'account.loading.backups' })} />;
  }
  const { made, folder, kept, problem } = all.data;
  const failed = make.error?.message ?? problem;
  return (
    <Section aria-label={formatMessage({ id: 'account.backups' })}>
      <h2>{formatMessage({ id: 'account.backups' })}</h2>
      <p>{made ? formatMessage({ id: 'account.backups.automatic' }) : formatMessage({ id: 'account.backups.automaticOff' })}</p>
      {failed && <Notice role="alert">▲ {failed}</Notice>}
      {kept.length > 0 && (
        <List>
          {kept.map((k) => (
            <li key={k.name}>
              <span>
                {dayOf(k.at)}, {timeOf(k.at)}
              </span>
              <span>{formatMessage({ id: 'account.backups.size' }, { megabytes: Math.max(1, Math.round(k.bytes / MB)) })}</span>
            </li>
          ))}
        </List>
      )}
      <Button onPress={() => make.mutate()} isDisabled={make.isPending}>
        {make.isPending ? formatMessage({ id: 'account.register.creating' }) : formatMessage({ id: 'account.backups.makeNow' })}
      </Button>
      <Small>{formatMessage({ id: 'account.backups.place' }, { folder, code: (words) => <code>{words}</code> })}</Small>
    </Section>
  );
}

const Section = styled.section`& > h2 { margin-bottom: ${space(3)}; } & > p + button { margin-top: ${space(3)}; }`;
const List = styled.ul`
  margin: ${space(3)} 0;
  padding: 0;
  list-style: none;
  border-top: 1px solid ${colour.line};
  font-variant-numeric: tabular-nums;
  li { display: flex; justify-content: space-between; border-bottom: 1px solid ${colour.line}; padding: ${space(1)} 0; }
`;
const Small = styled.p`margin-top: ${space(3)}; font-size: ${sizes.small}; color: ${colour.muted}; overflow-wrap: anywhere;`;

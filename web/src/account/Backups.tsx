import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { Button } from '../design/Controls';
import { Failed, Loading, Notice } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { dayOf, timeOf } from '../words/words';
import { said, say } from '../words/say';

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
    return <Loading what={say('account.the-backups')} />;
  }
  const { made, folder, kept, problem } = all.data;
  const failed = make.error?.message ?? problem;
  return (
    <Section aria-label={say('account.backups')}>
      <h2>{say('account.backups')}</h2>
      <p>{made ? say('account.made-by-themselves-on-every') : say('account.none-are-made-by-themselves')}</p>
      {failed && <Notice role="alert">▲ {failed}</Notice>}
      {kept.length > 0 && (
        <List>
          {kept.map((k) => (
            <li key={k.name}>
              <span>
                {dayOf(k.at)}, {timeOf(k.at)}
              </span>
              <span>{say('account.mb', { more: Math.max(1, Math.round(k.bytes / MB)) })}</span>
            </li>
          ))}
        </List>
      )}
      <Button onPress={() => make.mutate()} isDisabled={make.isPending}>
        {make.isPending ? say('account.making-it') : say('account.back-up-now')}
      </Button>
      <Small>{said('account.they-lie-in-a-disk', { folder, code: (words) => <code>{words}</code> })}</Small>
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

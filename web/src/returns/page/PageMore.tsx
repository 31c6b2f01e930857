import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { useClassAccess } from '../../account/useClassAccess';
import { api, body, type Schemas } from '../../api/client';
import { Button, Select } from '../../design/Controls';
import { Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, faces, sizes, space } from '../../design/tokens';
import { dayOf, timeOf, decimals } from '../../words/words';
import { formatMessage } from '../../words/intl';

interface Props {
  page: Schemas['PageRow'];
  others: Schemas['PageRow'][];
  history: Schemas['DecisionView'][];
}

/** What is seldom wanted of a page: who decided what, another look with the present reader, whose page it really is. */
export function PageMore({ page, others, history }: Props) {
  const { isOwn } = useClassAccess();
  return (
    <Disclosure>
      <Heading level={3}>
        <Opener slot="trigger">{isOwn ? formatMessage({ id: 'returns.page.more' }) : formatMessage({ id: 'returns.agreement.decisions' })}</Opener>
      </Heading>
      <DisclosurePanel>
        <History decisions={history} />
        {isOwn && <Reread id={page.id} confirmed={page.confirmed} />}
        {isOwn && !page.confirmed && <Swap page={page} others={others} />}
      </DisclosurePanel>
    </Disclosure>
  );
}

function History({ decisions }: { decisions: Schemas['DecisionView'][] }) {
  if (decisions.length === 0) {
    return <Small>{formatMessage({ id: 'returns.history.empty' })}</Small>;
  }
  return (
    <List aria-label={formatMessage({ id: 'returns.history.title' })}>
      {decisions.map((d, i) => (
        <li key={i}>
          {dayOf(d.when)} {timeOf(d.when)} {d.by}: {d.exercise && `${d.exercise}, `}
          <b>{d.goal}</b>{' '}
          {d.to == null
            ? formatMessage({ id: 'returns.history.undone' }, { level: String(d.from) })
            : d.from == null
              ? formatMessage({ id: 'returns.history.set' }, { level: d.to, suggested: d.proposed })
              : formatMessage({ id: 'returns.history.changed' }, { before: d.from, level: d.to, suggested: d.proposed })}
        </li>
      ))}
    </List>
  );
}

/** Shows what another reading would change before anything changes. */
function Reread({ id, confirmed }: { id: string; confirmed: boolean }) {
  const queries = useQueryClient();
  const look = useMutation({ mutationFn: () => body(api.GET('/api/returns/pages/{id}/rereading', { params: { path: { id } } })) });
  const adopt = useMutation({
    mutationFn: () => body(api.POST('/api/returns/pages/{id}/rereading', { params: { path: { id } } })),
    onSuccess: () => {
      look.reset();
      return queries.invalidateQueries();
    },
  });
  const changes = look.data;
  return (
    <Block>
      <Button onPress={() => look.mutate()} isDisabled={look.isPending}>
        {look.isPending ? formatMessage({ id: 'returns.reading' }) : formatMessage({ id: 'returns.reread.preview' })}
      </Button>
      {changes?.length === 0 && <Small>{formatMessage({ id: 'returns.reread.noChange' })}</Small>}
      {changes && changes.length > 0 && (
        <>
          <List aria-label={formatMessage({ id: 'returns.changes' })}>
            {changes.map((c) => (
              <li key={c.goal}>
                {formatMessage(
                  { id: 'returns.reread.goal' },
                  {
                    goal: c.goal,
                    strong: (words) => <b>{words}</b>,
                    before: c.before ?? '–',
                    after: c.after ?? '–',
                    measured: c.figureAfter != null,
                    figureBefore: c.figureBefore == null ? '–' : decimals(c.figureBefore, 1),
                    figureAfter: c.figureAfter == null ? '–' : decimals(c.figureAfter, 1),
                    decided: c.decided ?? 'none',
                  },
                )}
              </li>
            ))}
          </List>
          <Button onPress={() => adopt.mutate()} isDisabled={adopt.isPending}>
            {formatMessage({ id: 'returns.reread.use' })}
          </Button>
          {confirmed && <Small>{formatMessage({ id: 'returns.reread.marksStay' })}</Small>}
        </>
      )}
      {(look.error ?? adopt.error) && <Notice role="alert">▲ {(look.error ?? adopt.error)?.message}</Notice>}
    </Block>
  );
}

/** Two students who got one another's sheet. */
function Swap({ page, others }: { page: Schemas['PageRow']; others: Schemas['PageRow'][] }) {
  const queries = useQueryClient();
  const [other, setOther] = useState<string | null>(null);
  const swap = useMutation({
    mutationFn: (id: string) => body(api.POST('/api/returns/pages/{id}/swap', { params: { path: { id: page.id } }, body: { with: id } })),
    onSuccess: () => queries.invalidateQueries(),
  });
  const choices = others
    .filter((o) => o.state === 'READ' && !o.confirmed && o.place && o.place.student.id !== page.place?.student.id)
    .map((o) => ({ id: o.id, name: o.place?.student.name ?? '' }));
  if (choices.length === 0) {
    return null;
  }
  return (
    <Block>
      <Select
        label={formatMessage({ id: 'returns.page.swappedWith' })}
        value={other}
        onChange={setOther}
        placeholder={formatMessage({ id: 'returns.student.choose' })}
        choices={choices}
      />
      <Button isDisabled={other === null || swap.isPending} onPress={() => other && swap.mutate(other)}>
        {formatMessage({ id: 'returns.page.swap' })}
      </Button>
      {swap.error && <Notice role="alert">▲ {swap.error.message}</Notice>}
    </Block>
  );
}

const Opener = styled(AriaButton)`
  margin-top: ${space(3)};
  padding: ${space(1)} 0;
  border: 0;
  background: none;
  color: ${colour.ink};
  font-family: ${faces.text};
  font-size: ${sizes.small};
  text-decoration: underline;
  cursor: pointer;
`;
const List = styled.ul`margin: ${space(1)} 0; padding-left: ${space(4)}; font-size: ${sizes.small};`;
const Block = styled.div`margin-top: ${space(3)}; display: flex; flex-direction: column; gap: ${space(2)}; align-items: flex-start; & > button { white-space: normal; text-align: left; }`;

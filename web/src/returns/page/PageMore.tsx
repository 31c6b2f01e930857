import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { useDesk } from '../../account/useDesk';
import { api, body, type Schemas } from '../../api/client';
import { Button, Select } from '../../design/Controls';
import { Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, faces, sizes, space } from '../../design/tokens';
import { dayOf, timeOf, decimals } from '../../words/words';
import { said, say } from '../../words/say';

interface Props {
  page: Schemas['PageRow'];
  others: Schemas['PageRow'][];
  history: Schemas['DecisionView'][];
}

/** What is seldom wanted of a page: who decided what, another look with the present reader, whose page it really is. */
export function PageMore({ page, others, history }: Props) {
  const { isOwn } = useDesk();
  return (
    <Disclosure>
      <Heading level={3}>
        <Opener slot="trigger">{isOwn ? say('returns.decisions-another-reading-somebody-elses') : say('returns.decisions-2')}</Opener>
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
    return <Small>{say('returns.nothing-decided-yet')}</Small>;
  }
  return (
    <List aria-label={say('returns.decisions')}>
      {decisions.map((d, i) => (
        <li key={i}>
          {dayOf(d.when)} {timeOf(d.when)} {d.by}: {d.exercise && `${d.exercise}, `}
          <b>{d.goal}</b>{' '}
          {d.to == null
            ? say('returns.taken-back-was', { from: String(d.from) })
            : d.from == null
              ? say('returns.proposed-2', { to: d.to, proposed: d.proposed })
              : say('returns.proposed-3', { from: d.from, to: d.to, proposed: d.proposed })}
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
        {look.isPending ? say('returns.reading') : say('returns.see-what-another-reading-would')}
      </Button>
      {changes?.length === 0 && <Small>{say('returns.nothing-would-change')}</Small>}
      {changes && changes.length > 0 && (
        <>
          <List aria-label={say('returns.changes')}>
            {changes.map((c) => (
              <li key={c.goal}>
                {said('returns.proposed-4', {
                  goal: c.goal,
                  strong: (words) => <b>{words}</b>,
                  before: c.before ?? '–',
                  after: c.after ?? '–',
                  figureAfter:
                    c.figureAfter != null &&
                    say('returns.figure', { figureBefore: c.figureBefore == null ? '–' : decimals(c.figureBefore, 1), figureAfter: decimals(c.figureAfter, 1) }),
                  decided: c.decided != null && say('returns.your-stays', { decided: c.decided }),
                })}
              </li>
            ))}
          </List>
          <Button onPress={() => adopt.mutate()} isDisabled={adopt.isPending}>
            {say('returns.take-the-new-reading-over')}
          </Button>
          {confirmed && <Small>{say('returns.marks-you-have-confirmed-stay')}</Small>}
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
      <Select label={say('returns.swapped-sheets-with')} value={other} onChange={setOther} placeholder={say('returns.choose-a-student')} choices={choices} />
      <Button isDisabled={other === null || swap.isPending} onPress={() => other && swap.mutate(other)}>
        {say('returns.swap-the-two-and-read')}
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

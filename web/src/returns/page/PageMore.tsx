import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button as AriaButton, Disclosure, DisclosurePanel, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { api, body, type Schemas } from '../../api/client';
import { Button, Select } from '../../design/Controls';
import { Notice } from '../../design/States';
import { Small } from '../../design/Text';
import { colour, faces, sizes, space } from '../../design/tokens';
import { dayOf, timeOf, decimals } from '../../words/words';

interface Props {
  page: Schemas['PageRow'];
  others: Schemas['PageRow'][];
  history: Schemas['DecisionView'][];
}

/** What is seldom wanted of a page: who decided what, another look with the present reader, whose page it really is. */
export function PageMore({ page, others, history }: Props) {
  return (
    <Disclosure>
      <Heading level={3}>
        <Opener slot="trigger">Decisions, another reading, somebody else’s page</Opener>
      </Heading>
      <DisclosurePanel>
        <History decisions={history} />
        <Reread id={page.id} confirmed={page.confirmed} />
        {!page.confirmed && <Swap page={page} others={others} />}
      </DisclosurePanel>
    </Disclosure>
  );
}

function History({ decisions }: { decisions: Schemas['DecisionView'][] }) {
  if (decisions.length === 0) {
    return <Small>Nothing decided yet.</Small>;
  }
  return (
    <List aria-label="Decisions">
      {decisions.map((d, i) => (
        <li key={i}>
          {dayOf(d.when)} {timeOf(d.when)} {d.by}: {d.exercise && `${d.exercise}, `}
          <b>{d.goal}</b> {d.to == null ? `taken back (was ${String(d.from)})` : d.from == null ? `${d.to}, proposed ${d.proposed}` : `${d.from} → ${d.to}, proposed ${d.proposed}`}
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
        {look.isPending ? 'Reading …' : 'See what another reading would change'}
      </Button>
      {changes?.length === 0 && <Small>Nothing would change.</Small>}
      {changes && changes.length > 0 && (
        <>
          <List aria-label="Changes">
            {changes.map((c) => (
              <li key={c.goal}>
                <b>{c.goal}</b>: proposed {c.before ?? '–'} → {c.after ?? '–'}
                {c.figureAfter != null && `, figure ${c.figureBefore == null ? '–' : decimals(c.figureBefore, 1)} → ${decimals(c.figureAfter, 1)}`}
                {c.decided != null && `; your ${c.decided} stays`}
              </li>
            ))}
          </List>
          <Button onPress={() => adopt.mutate()} isDisabled={adopt.isPending}>
            Take the new reading over
          </Button>
          {confirmed && <Small>Marks you have confirmed stay as you set them.</Small>}
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
      <Select label="Swapped sheets with" value={other} onChange={setOther} placeholder="Choose a student" choices={choices} />
      <Button isDisabled={other === null || swap.isPending} onPress={() => other && swap.mutate(other)}>
        Swap the two and read again
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

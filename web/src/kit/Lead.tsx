import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keysOf, served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Button } from '../design/Controls';
import { Empty, Failed, Loading, Notice } from '../design/States';
import { colour, levelGreys, sizes, space } from '../design/tokens';
import { dateWords } from '../course/words';
import { decimals } from '../words/words';
import { count, say } from '../words/say';

type Line = Schemas['LeadLineView'];

/** Lengths of a pencil, mm: new, and too short to be held. */
const NEW = 170;
const STUB = 40;

/** What the courses take of each pencil, when one runs short, and what to order. */
export function Lead() {
  const queries = useQueryClient();
  const lead = useQuery({ queryKey: ['today', 'lead'], queryFn: () => body(api.GET('/api/courses/lead')) });
  const see = useMutation({
    mutationFn: ({ id, leadMm }: { id: string; leadMm: number }) => body(api.POST('/api/kit/pencils/{id}/lead', { params: { path: { id } }, body: { leadMm } })),
    onSuccess: () => Promise.all([queries.invalidateQueries({ queryKey: keysOf.today }), queries.invalidateQueries({ queryKey: served.kit.queryKey })]),
  });
  if (lead.isPending) {
    return <Loading what={say('kit.what-the-courses-take')} />;
  }
  if (lead.isError) {
    return <Failed error={lead.error} />;
  }
  if (lead.data.length === 0) {
    return (
      <Empty title={say('kit.nothing-is-planned-yet')}>
        <p>{say('kit.when-a-class-has-lessons')}</p>
        <Link to="/course">{say('kit.plan-a-course')}</Link>
      </Empty>
    );
  }
  const orders = lead.data.filter((l) => l.order > 0);
  return (
    <Sheet>
      <Order>
        {orders.length === 0 ? (
          say('kit.everything-lasts-for-what-is')
        ) : (
          <>
            <b>{say('kit.to-order')}</b> {orders.map((l) => `${l.order} × ${l.code} ${l.name}`).join(', ')}
          </>
        )}
      </Order>
      {see.error && <Notice role="alert">▲ {see.error.message}</Notice>}
      <table>
        <thead>
          <tr>
            <th>{say('kit.pencil')}</th>
            <th>{say('kit.copies')}</th>
            <th>{say('kit.left-of-each')}</th>
            <th>{say('kit.planned-takes-of-each')}</th>
            <th>{say('kit.runs-short')}</th>
            <th>{say('kit.when-you-have-looked')}</th>
          </tr>
        </thead>
        <tbody>
          {lead.data.map((l) => (
            <Row key={l.pencil} line={l} busy={see.isPending} onSeen={(leadMm) => see.mutate({ id: l.pencil, leadMm })} />
          ))}
        </tbody>
      </table>
      <Small>{say('kit.estimated-from-what-was-logged')}</Small>
    </Sheet>
  );
}

function Row({ line, busy, onSeen }: { line: Line; busy: boolean; onSeen: (leadMm: number) => void }) {
  const name = `${line.code} ${line.name}`;
  const after = line.leftMm - line.neededMm;
  return (
    <tr>
      <th scope="row">
        <i style={{ background: line.colour }} aria-hidden /> {name}
      </th>
      <td>{line.copies}</td>
      <td>
        <Bar role="img" aria-label={say('kit.mm-left-mm-after-what', { leftMm: decimals(line.leftMm), more: decimals(Math.max(0, after)) })}>
          <span style={{ width: `${Math.min(100, (Math.max(0, after) / NEW) * 100)}%`, background: levelGreys[4] }} />
          <span style={{ width: `${Math.min(100, (Math.min(line.leftMm, line.neededMm) / NEW) * 100)}%`, background: levelGreys[2] }} />
        </Bar>
        {say('kit.mm', { leftMm: decimals(line.leftMm) })}
      </td>
      <td>{say('kit.mm-2', { neededMm: decimals(line.neededMm) })}</td>
      <td>
        {line.shortOn ? (
          <b>
            ▲ {dateWords(line.shortOn)}, {count(line.order, 'new one')}
          </b>
        ) : (
          say('kit.lasts')
        )}
      </td>
      <td>
        <Button isDisabled={busy} aria-label={say('kit.is-worn-out', { name })} onPress={() => onSeen(STUB)}>
          {say('kit.worn-out')}
        </Button>{' '}
        <Button isDisabled={busy} aria-label={say('kit.is-new', { name })} onPress={() => onSeen(NEW)}>
          {say('kit.new-2')}
        </Button>
      </td>
    </tr>
  );
}

const Sheet = styled.section`
  padding: ${space(4)} ${space(6)} ${space(8)};
  display: flex;
  flex-direction: column;
  gap: ${space(4)};
  table { max-width: 980px; }
  th, td { text-align: left; padding: ${space(1)} ${space(4)} ${space(1)} 0; border-bottom: 1px solid ${colour.line}; font-weight: 400; }
  thead th { font-size: ${sizes.small}; color: ${colour.muted}; }
  tbody th i { display: inline-block; width: 16px; height: 16px; border: 1px solid ${colour.line}; vertical-align: -3px; margin-right: ${space(1)}; }
`;
const Order = styled.p`font-size: ${sizes.lead};`;
const Small = styled.p`font-size: ${sizes.small}; color: ${colour.muted}; max-width: 70ch;`;
const Bar = styled.span`
  display: inline-flex;
  width: 120px;
  height: 10px;
  margin-right: ${space(2)};
  border: 1px solid ${colour.line};
`;

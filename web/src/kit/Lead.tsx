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
import { count, formatMessage } from '../words/intl';

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
    return <Loading what={formatMessage({ id: 'kit.loading.stock' })} />;
  }
  if (lead.isError) {
    return <Failed error={lead.error} />;
  }
  if (lead.data.length === 0) {
    return (
      <Empty title={formatMessage({ id: 'kit.stock.nothingPlanned' })}>
        <p>{formatMessage({ id: 'kit.stock.empty' })}</p>
        <Link to="/course">{formatMessage({ id: 'kit.stock.planCourse' })}</Link>
      </Empty>
    );
  }
  const orders = lead.data.filter((l) => l.order > 0);
  return (
    <Sheet>
      <Order>
        {orders.length === 0 ? (
          formatMessage({ id: 'kit.stock.enough' })
        ) : (
          <>
            <b>{formatMessage({ id: 'kit.stock.toOrder' })}</b> {orders.map((l) => `${l.order} × ${l.code} ${l.name}`).join(', ')}
          </>
        )}
      </Order>
      {see.error && <Notice role="alert">▲ {see.error.message}</Notice>}
      <table>
        <thead>
          <tr>
            <th>{formatMessage({ id: 'kit.pencil' })}</th>
            <th>{formatMessage({ id: 'kit.copies' })}</th>
            <th>{formatMessage({ id: 'kit.stock.left' })}</th>
            <th>{formatMessage({ id: 'kit.stock.planned' })}</th>
            <th>{formatMessage({ id: 'kit.stock.runsShort' })}</th>
            <th>{formatMessage({ id: 'kit.stock.looked' })}</th>
          </tr>
        </thead>
        <tbody>
          {lead.data.map((l) => (
            <Row key={l.pencil} line={l} busy={see.isPending} onSeen={(leadMm) => see.mutate({ id: l.pencil, leadMm })} />
          ))}
        </tbody>
      </table>
      <Small>{formatMessage({ id: 'kit.stock.help' })}</Small>
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
        <Bar role="img" aria-label={formatMessage({ id: 'kit.stock.summary' }, { leftMm: decimals(line.leftMm), afterMm: decimals(Math.max(0, after)) })}>
          <span style={{ width: `${Math.min(100, (Math.max(0, after) / NEW) * 100)}%`, background: levelGreys[4] }} />
          <span style={{ width: `${Math.min(100, (Math.min(line.leftMm, line.neededMm) / NEW) * 100)}%`, background: levelGreys[2] }} />
        </Bar>
        {formatMessage({ id: 'kit.stock.leftMm' }, { leftMm: decimals(line.leftMm) })}
      </td>
      <td>{formatMessage({ id: 'kit.stock.neededMm' }, { neededMm: decimals(line.neededMm) })}</td>
      <td>
        {line.shortOn ? (
          <b>
            ▲ {dateWords(line.shortOn)}, {count(line.order, 'newOne')}
          </b>
        ) : (
          formatMessage({ id: 'kit.stock.lasts' })
        )}
      </td>
      <td>
        <Button isDisabled={busy} aria-label={formatMessage({ id: 'kit.stock.isWornOut' }, { name })} onPress={() => onSeen(STUB)}>
          {formatMessage({ id: 'kit.stock.wornOut' })}
        </Button>{' '}
        <Button isDisabled={busy} aria-label={formatMessage({ id: 'kit.stock.isNew' }, { name })} onPress={() => onSeen(NEW)}>
          {formatMessage({ id: 'kit.stock.new' })}
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

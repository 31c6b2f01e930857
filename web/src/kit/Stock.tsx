import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keysOf, served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Button, LinkButton } from '../design/Controls';
import { Empty, Failed, Loading, Notice } from '../design/States';
import { ScrollRegion } from '../design/Table';
import { colour, levelGreys, sizes, space } from '../design/tokens';
import { dateWords } from '../course/words';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';

type Line = Schemas['StockLineView'];

/** Lengths of a pencil, mm: new, and too short to be held. */
const NEW = 170;
const STUB = 40;

/** How many there are of each pencil, what the courses want of it, when it runs short and what to order. */
export function Stock() {
  const queries = useQueryClient();
  const stock = useQuery({ queryKey: ['today', 'stock'], queryFn: () => body(api.GET('/api/courses/stock')) });
  const changed = () => Promise.all([queries.invalidateQueries({ queryKey: keysOf.today }), queries.invalidateQueries({ queryKey: served.kit.queryKey })]);
  const see = useMutation({
    mutationFn: ({ id, leadMm }: { id: string; leadMm: number }) => body(api.POST('/api/kit/pencils/{id}/lead', { params: { path: { id } }, body: { leadMm } })),
    onSuccess: changed,
  });
  const count = useMutation({
    mutationFn: ({ id, copies }: { id: string; copies: number }) => body(api.POST('/api/kit/pencils/{id}/copies', { params: { path: { id } }, body: { copies } })),
    onSuccess: changed,
  });
  if (stock.isPending) {
    return <Loading what={formatMessage({ id: 'kit.loading.stock' })} />;
  }
  if (stock.isError) {
    return <Failed error={stock.error} />;
  }
  if (stock.data.length === 0) {
    return (
      <Empty title={formatMessage({ id: 'kit.stock.nothingPlanned' })}>
        <p>{formatMessage({ id: 'kit.stock.empty' })}</p>
        <Link to="/course">{formatMessage({ id: 'kit.stock.planCourse' })}</Link>
      </Empty>
    );
  }
  const orders = stock.data.filter((l) => l.order > 0);
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
      <Lists>
        <a href="/api/courses/stock.csv" download>
          {formatMessage({ id: 'kit.stock.spreadsheet' })}
        </a>
        <LinkButton onPress={() => window.print()}>{formatMessage({ id: 'kit.stock.print' })}</LinkButton>
      </Lists>
      {(see.error ?? count.error) && <Notice role="alert">▲ {(see.error ?? count.error)?.message}</Notice>}
      <ScrollRegion label={formatMessage({ id: 'kit.stock.table' })}>
        <table>
          <thead>
            <tr>
              <th>{formatMessage({ id: 'kit.pencil' })}</th>
              <th>{formatMessage({ id: 'kit.copies' })}</th>
              <th>{formatMessage({ id: 'kit.stock.left' })}</th>
              <th>{formatMessage({ id: 'kit.stock.planned' })}</th>
              <th>{formatMessage({ id: 'kit.stock.runsShort' })}</th>
              <th>{formatMessage({ id: 'kit.stock.toOrderHead' })}</th>
              <th data-screen>{formatMessage({ id: 'kit.stock.looked' })}</th>
            </tr>
          </thead>
          <tbody>
            {stock.data.map((l) => (
              <Row
                key={l.pencil}
                line={l}
                busy={see.isPending || count.isPending}
                onSeen={(leadMm) => see.mutate({ id: l.pencil, leadMm })}
                onCounted={(copies) => count.mutate({ id: l.pencil, copies })}
              />
            ))}
          </tbody>
        </table>
      </ScrollRegion>
      <Small>{formatMessage({ id: 'kit.stock.help' })}</Small>
    </Sheet>
  );
}

interface RowProps {
  line: Line;
  busy: boolean;
  onSeen: (leadMm: number) => void;
  onCounted: (copies: number) => void;
}

function Row({ line, busy, onSeen, onCounted }: RowProps) {
  const name = `${line.code} ${line.name}`;
  const after = line.leftMm - line.neededMm;
  const copies = line.copies ?? null;
  return (
    <tr>
      <th scope="row">
        <i style={{ background: line.colour }} aria-hidden /> {name}
      </th>
      <td>
        {copies === null ? (
          formatMessage({ id: 'kit.stock.uncounted' })
        ) : (
          <Copies>
            <Button isDisabled={busy || copies === 0} aria-label={formatMessage({ id: 'kit.stock.oneLost' }, { name })} onPress={() => onCounted(copies - 1)}>
              −
            </Button>
            <b>{copies}</b>
            <Button isDisabled={busy} aria-label={formatMessage({ id: 'kit.stock.oneMore' }, { name })} onPress={() => onCounted(copies + 1)}>
              +
            </Button>
          </Copies>
        )}
        {line.fewest != null && <Small>{formatMessage({ id: 'kit.stock.fewest' }, { copies: line.fewest })}</Small>}
      </td>
      <td>
        <Bar role="img" aria-label={formatMessage({ id: 'kit.stock.summary' }, { leftMm: decimals(line.leftMm), afterMm: decimals(Math.max(0, after)) })}>
          <span style={{ width: `${Math.min(100, (Math.max(0, after) / NEW) * 100)}%`, background: levelGreys[4] }} />
          <span style={{ width: `${Math.min(100, (Math.min(line.leftMm, line.neededMm) / NEW) * 100)}%`, background: levelGreys[2] }} />
        </Bar>
        {formatMessage({ id: 'kit.stock.leftMm' }, { leftMm: decimals(line.leftMm) })}
      </td>
      <td>{formatMessage({ id: 'kit.stock.usedBy' }, { students: line.students, neededMm: decimals(line.neededMm) })}</td>
      <td>{line.shortOn ? <b>{formatMessage({ id: 'kit.stock.runsShortOn' }, { date: dateWords(line.shortOn) })}</b> : formatMessage({ id: 'kit.stock.lasts' })}</td>
      <td>
        {line.order > 0 && <b>{line.order}</b>}
        {line.moreForOneEach > 0 && <Small>{formatMessage({ id: 'kit.stock.oneEach' }, { pencils: line.moreForOneEach })}</Small>}
      </td>
      <td data-screen>
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
  table { max-width: 1180px; }
  @media print { button, [data-screen] { display: none; } }
  th, td { text-align: left; padding: ${space(1)} ${space(4)} ${space(1)} 0; border-bottom: 1px solid ${colour.line}; font-weight: 400; }
  thead th { font-size: ${sizes.small}; color: ${colour.muted}; }
  tbody th i { display: inline-block; width: 16px; height: 16px; border: 1px solid ${colour.line}; vertical-align: -3px; margin-right: ${space(1)}; }
`;
const Order = styled.p`font-size: ${sizes.lead};`;
const Small = styled.p`font-size: ${sizes.small}; color: ${colour.muted}; max-width: 70ch;`;
const Lists = styled.p`display: flex; gap: ${space(4)}; @media print { display: none; }`;
const Copies = styled.span`display: inline-flex; align-items: center; gap: ${space(2)}; white-space: nowrap;`;
const Bar = styled.span`
  display: inline-flex;
  width: 120px;
  height: 10px;
  margin-right: ${space(2)};
  border: 1px solid ${colour.line};
`;

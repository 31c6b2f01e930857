import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keysOf, served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { Button } from '../design/Controls';
import { Empty, Failed, Loading, Notice } from '../design/States';
import { colour, levelGreys, sizes, space } from '../design/tokens';
import { dateWords } from '../course/words';
import { count, decimals } from '../words/words';

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
    return <Loading what="what the courses take" />;
  }
  if (lead.isError) {
    return <Failed error={lead.error} />;
  }
  if (lead.data.length === 0) {
    return (
      <Empty title="Nothing is planned yet">
        <p>When a class has lessons on its periods, this says which pencils they take and which run short.</p>
        <Link to="/course">Plan a course</Link>
      </Empty>
    );
  }
  const orders = lead.data.filter((l) => l.order > 0);
  return (
    <Sheet>
      <Order>
        {orders.length === 0 ? (
          'Everything lasts for what is planned.'
        ) : (
          <>
            <b>To order:</b> {orders.map((l) => `${l.order} × ${l.code} ${l.name}`).join(', ')}
          </>
        )}
      </Order>
      {see.error && <Notice role="alert">▲ {see.error.message}</Notice>}
      <table>
        <thead>
          <tr>
            <th>Pencil</th>
            <th>Copies</th>
            <th>Left of each</th>
            <th>Planned takes of each</th>
            <th>Runs short</th>
            <th>When you have looked</th>
          </tr>
        </thead>
        <tbody>
          {lead.data.map((l) => (
            <Row key={l.pencil} line={l} busy={see.isPending} onSeen={(leadMm) => see.mutate({ id: l.pencil, leadMm })} />
          ))}
        </tbody>
      </table>
      <Small>Estimated from what was logged and what is planned: 0.7 mm a sharpening, a sharpening every 9 cm² of one layer. Rules of thumb; looking corrects them.</Small>
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
        <Bar role="img" aria-label={`${decimals(line.leftMm)} mm left, ${decimals(Math.max(0, after))} mm after what is planned`}>
          <span style={{ width: `${Math.min(100, (Math.max(0, after) / NEW) * 100)}%`, background: levelGreys[4] }} />
          <span style={{ width: `${Math.min(100, (Math.min(line.leftMm, line.neededMm) / NEW) * 100)}%`, background: levelGreys[2] }} />
        </Bar>
        {decimals(line.leftMm)} mm
      </td>
      <td>{decimals(line.neededMm)} mm</td>
      <td>
        {line.shortOn ? (
          <b>
            ▲ {dateWords(line.shortOn)}, {count(line.order, 'new one', 'new ones')}
          </b>
        ) : (
          'lasts'
        )}
      </td>
      <td>
        <Button isDisabled={busy} aria-label={`${name} is worn out`} onPress={() => onSeen(STUB)}>
          Worn out
        </Button>{' '}
        <Button isDisabled={busy} aria-label={`${name} is new`} onPress={() => onSeen(NEW)}>
          New
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

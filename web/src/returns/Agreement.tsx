import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { served } from '../api/served';
import { api, body, type Schemas } from '../api/client';
import { useThreshold } from '../classes/useThreshold';
import { Button, LinkButton, Select } from '../design/Controls';
import { MetricHelp } from '../design/MetricHelp';
import { Place } from '../design/Place';
import { Empty, Failed, Loading, Notice } from '../design/States';
import { Under } from '../design/Text';
import { colour, sizes, space } from '../design/tokens';
import { decimals } from '../words/words';
import { formatMessage } from '../words/intl';
import { DataTable } from '../design/Table';

type Row = Schemas['AgreementView'];
const ALL = 'all';

/** Where the teacher's decisions and the proposals part, goal by goal, and what other thresholds would have done. */
export default function Agreement() {
  const [search, setSearch] = useSearchParams();
  const classes = useQuery(served.classes);
  const classId = search.get('class');
  const chosen = classes.data?.find((c) => c.id === classId);
  const rows = useQuery({
    queryKey: ['agreement', classId],
    queryFn: () => body(api.GET('/api/returns/agreement', { params: { query: classId ? { schoolClass: classId } : {} } })),
  });
  const hold = useThreshold();
  const error = classes.error ?? rows.error;
  if (error) {
    return <Failed error={error} />;
  }
  if (!classes.data || !rows.data) {
    return <Loading what={formatMessage({ id: 'returns.loading.decisions' })} />;
  }
  const decided = rows.data.reduce((sum, r) => sum + r.marks, 0);
  const same = rows.data.reduce((sum, r) => sum + r.same, 0);
  return (
    <Place
      title={formatMessage({ id: 'returns.agreement.title' })}
      about={decided > 0 && formatMessage({ id: 'returns.agreement.share' }, { same, decisions: decided })}
      actions={
        <>
          <Picker>
            <Select
              label={formatMessage({ id: 'returns.class' })}
              value={chosen?.id ?? ALL}
              onChange={(id) => setSearch(id === ALL ? {} : { class: id })}
              choices={[{ id: ALL, name: formatMessage({ id: 'returns.allClasses' }) }, ...classes.data.map((c) => ({ id: c.id, name: c.name }))]}
            />
          </Picker>
          <Back to="/returns">{formatMessage({ id: 'returns.agreement.back' })}</Back>
        </>
      }
    >
      {rows.data.length === 0 ? (
        <Empty title={formatMessage({ id: 'returns.agreement.nothingConfirmed' })}>
          <p>{formatMessage({ id: 'returns.agreement.empty' }, { link: (words) => <Link to="/returns">{words}</Link> })}</p>
        </Empty>
      ) : (
        <Body>
          <Table>
            <thead>
              <tr>
                <th>{formatMessage({ id: 'returns.goal' })}</th>
                <th>
                  <Ends>
                    <span>{formatMessage({ id: 'returns.agreement.lower' })}</span>
                    <span>{formatMessage({ id: 'returns.agreement.asProposed' })}</span>
                    <span>{formatMessage({ id: 'returns.agreement.higher' })}</span>
                  </Ends>
                </th>
                <th>{formatMessage({ id: 'returns.agreement.secureIs' })}</th>
                <th>{formatMessage({ id: 'returns.agreement.suggestion' })}</th>
              </tr>
            </thead>
            <tbody>
              {rows.data.map((r) => (
                <tr key={r.goal}>
                  <td>
                    <b>
                      <MetricHelp code={r.goal} label={r.label} />
                    </b>
                    <Under>
                      {r.figureName}, {r.unit}
                    </Under>
                  </td>
                  <td>
                    <Balance row={r} />
                  </td>
                  <td>
                    {decimals(r.inUse, r.digits)}
                    {Math.abs(r.inUse - r.secure) > 1e-6 && <Under>{formatMessage({ id: 'returns.agreement.usually' }, { limit: decimals(r.secure, r.digits) })}</Under>}
                  </td>
                  <td>
                    <Suggestion row={r} to={chosen} pending={hold.isPending} onHold={(factor) => chosen && hold.mutate({ of: chosen, goal: r.goal, factor })} />
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          {hold.error && <Notice role="alert">▲ {hold.error.message}</Notice>}
          <Foot>{formatMessage({ id: 'returns.agreement.help' }, { link: (words) => <Link to="/sheets">{words}</Link> })}</Foot>
        </Body>
      )}
    </Place>
  );
}

/** Decisions either side of the proposal, to scale: lower to the left, higher to the right. */
function Balance({ row }: { row: Row }) {
  const share = (n: number) => `${String((100 * n) / row.marks)}%`;
  return (
    <div>
      <Track role="img" aria-label={formatMessage({ id: 'returns.agreement.summary' }, { lower: String(row.lower), same: String(row.same), higher: String(row.higher) })}>
        <span data-part="lower" style={{ width: share(row.lower) }} />
        <span data-part="same" style={{ width: share(row.same) }} />
        <span data-part="higher" style={{ width: share(row.higher) }} />
      </Track>
      <Ends aria-hidden>
        <span>{row.lower || ''}</span>
        <span>{row.same}</span>
        <span>{row.higher || ''}</span>
      </Ends>
    </div>
  );
}

interface SuggestionProps {
  row: Row;
  to: Schemas['ClassView'] | undefined;
  pending: boolean;
  onHold: (factor: number | undefined) => void;
}

function Suggestion({ row, to, pending, onHold }: SuggestionProps) {
  const held = to?.thresholds[row.goal];
  const asSuggested = row.factor != null && held !== undefined && Math.abs(held - row.factor) < 1e-3;
  return (
    <>
      {row.factor == null ? (
        <Under>{row.lower + row.higher === 0 ? formatMessage({ id: 'returns.agreement.same' }) : formatMessage({ id: 'returns.agreement.noBetter' })}</Under>
      ) : (
        <>
          {formatMessage(
            { id: 'returns.agreement.effect' },
            {
              limit: decimals(row.secure * row.factor, row.digits),
              strong: (words) => <b>{words}</b>,
              agreeThen: row.agreeThen,
              marks: row.marks,
              agreeNow: row.agreeNow,
            },
          )}{' '}
          {to && !asSuggested && (
            <Button onPress={() => onHold(row.factor ?? undefined)} isDisabled={pending}>
              {formatMessage({ id: 'returns.agreement.useFor' }, { name: to.name })}
            </Button>
          )}
          {!to && <Under>{formatMessage({ id: 'returns.agreement.chooseClass' })}</Under>}
        </>
      )}
      {to && held !== undefined && (
        <Under>
          {formatMessage({ id: 'returns.agreement.newSheets' }, { className: to.name, limit: decimals(row.secure * held, row.digits) })}{' '}
          <LinkButton onPress={() => onHold(undefined)} isDisabled={pending}>
            {formatMessage({ id: 'returns.agreement.reset' })}
          </LinkButton>
        </Under>
      )}
    </>
  );
}

const Picker = styled.div`width: 200px;`;
const Back = styled(Link)`align-self: flex-end; padding-bottom: 8px; white-space: nowrap;`;
const Body = styled.div`padding: ${space(4)} ${space(6)}; overflow: auto;`;
const Table = styled(DataTable)`
  width: 100%;
  max-width: 1180px;
  td, th { padding: ${space(2)} ${space(4)} ${space(2)} 0; }
  td:nth-child(2), th:nth-child(2) { width: 30%; }
  td:last-child { width: 34%; }
  td:last-child button { margin-left: ${space(1)}; }
`;
const Ends = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr 1fr;
  font-size: ${sizes.small};
  color: ${colour.muted};
  font-variant-numeric: tabular-nums;
  span:nth-child(2) { text-align: center; }
  span:nth-child(3) { text-align: right; }
`;
const Track = styled.div`
  display: flex;
  height: 12px;
  margin-bottom: 2px;
  border: 1px solid ${colour.ink};
  span { display: block; }
  [data-part='lower'] { background: ${colour.ink}; }
  [data-part='same'] { background: ${colour.wash}; }
  [data-part='higher'] { background: repeating-linear-gradient(135deg, ${colour.ink} 0 1px, ${colour.paper} 1px 4px); }
`;
const Foot = styled.p`max-width: 720px; margin-top: ${space(4)}; color: ${colour.muted};`;

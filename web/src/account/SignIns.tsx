import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Failed, Loading } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { dayOf, timeOf } from '../words/words';
import { formatMessage } from '../words/intl';

const outcomes: Record<Schemas['SignInView']['outcome'], string> = {
  LET_IN: formatMessage({ id: 'account.signIns.succeeded' }),
  WRONG: formatMessage({ id: 'account.signIns.wrongPassword' }),
  DISABLED: formatMessage({ id: 'account.signIns.disabled' }),
};

/** Who was let in lately, and who was not. For the administrator. */
export function SignIns() {
  const all = useQuery({ queryKey: ['sign-ins'], queryFn: () => body(api.GET('/api/account/sign-ins')) });
  if (all.isError) {
    return <Failed error={all.error} />;
  }
  if (!all.data) {
    return <Loading what={formatMessage({ id: 'account.loading.signIns' })} />;
  }
  return (
    <section aria-label={formatMessage({ id: 'account.signingIn' })}>
      <h2>{formatMessage({ id: 'account.signingIn' })}</h2>
      {all.data.length === 0 ? (
        <p>{formatMessage({ id: 'account.signIns.empty' })}</p>
      ) : (
        <Scroll tabIndex={0} role="region" aria-label={formatMessage({ id: 'account.signIns.heading' })}>
          <table>
            <thead>
              <tr>
                <th>{formatMessage({ id: 'account.when' })}</th>
                <th>{formatMessage({ id: 'account.who' })}</th>
                <th>{formatMessage({ id: 'account.signIns.address' })}</th>
                <th>{formatMessage({ id: 'account.signIns.result' })}</th>
              </tr>
            </thead>
            <tbody>
              {all.data.map((s, i) => (
                <tr key={i} data-out={s.outcome !== 'LET_IN'}>
                  <td>
                    {dayOf(s.at)}, {timeOf(s.at)}
                  </td>
                  <td>{s.name ?? formatMessage({ id: 'account.signIns.unknownName' })}</td>
                  <td>{s.address}</td>
                  <td>{s.name || s.outcome !== 'WRONG' ? outcomes[s.outcome] : formatMessage({ id: 'account.signIns.refused' })}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scroll>
      )}
      <Small>{formatMessage({ id: 'account.signIns.help' })}</Small>
    </section>
  );
}

const Scroll = styled.div`
  max-height: 260px;
  margin-top: ${space(3)};
  overflow: auto;
  table { width: 100%; border-collapse: collapse; font-size: ${sizes.small}; font-variant-numeric: tabular-nums; }
  th { position: sticky; top: 0; background: ${colour.paper}; text-align: left; font-weight: 400; color: ${colour.muted}; }
  th, td { padding: ${space(1)} ${space(3)} ${space(1)} 0; border-bottom: 1px solid ${colour.line}; white-space: nowrap; }
  [data-out='true'] td { font-weight: 600; }
`;
const Small = styled.p`margin-top: ${space(3)}; font-size: ${sizes.small}; color: ${colour.muted};`;

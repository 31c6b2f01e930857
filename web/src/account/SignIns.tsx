import { useQuery } from '@tanstack/react-query';
import styled from 'styled-components';
import { api, body, type Schemas } from '../api/client';
import { Failed, Loading } from '../design/States';
import { colour, sizes, space } from '../design/tokens';
import { dayOf, timeOf } from '../words/words';
import { say } from '../words/say';

const outcomes: Record<Schemas['SignInView']['outcome'], string> = { LET_IN: say('account.let-in'), WRONG: say('account.wrong-password'), DISABLED: say('account.disabled-2') };

/** Who was let in lately, and who was not. For the administrator. */
export function SignIns() {
  const all = useQuery({ queryKey: ['sign-ins'], queryFn: () => body(api.GET('/api/account/sign-ins')) });
  if (all.isError) {
    return <Failed error={all.error} />;
  }
  if (!all.data) {
    return <Loading what={say('account.who-signed-in')} />;
  }
  return (
    <section aria-label={say('account.signing-in')}>
      <h2>{say('account.signing-in')}</h2>
      {all.data.length === 0 ? (
        <p>{say('account.nobody-has-signed-in-yet')}</p>
      ) : (
        <Scroll tabIndex={0} role="region" aria-label={say('account.who-signed-in-lately')}>
          <table>
            <thead>
              <tr>
                <th>{say('account.when')}</th>
                <th>{say('account.who')}</th>
                <th>{say('account.from')}</th>
                <th>{say('account.what-came-of-it')}</th>
              </tr>
            </thead>
            <tbody>
              {all.data.map((s, i) => (
                <tr key={i} data-out={s.outcome !== 'LET_IN'}>
                  <td>
                    {dayOf(s.at)}, {timeOf(s.at)}
                  </td>
                  <td>{s.name ?? say('account.a-name-nobody-here-has')}</td>
                  <td>{s.address}</td>
                  <td>{s.name || s.outcome !== 'WRONG' ? outcomes[s.outcome] : say('account.not-let-in')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Scroll>
      )}
      <Small>{say('account.kept-for-90-days-a')}</Small>
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

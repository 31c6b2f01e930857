import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { api, body, type Schemas } from '../api/client';
import { Failed, Loading } from '../design/States';
import { dayOf } from '../words/words';
import { EntrancePage } from './EntrancePage';
import { NewAccount } from './NewAccount';
import { useSession } from './session';
import { formatMessage } from '../words/intl';

/** Where an invitation leads: a colleague makes their own account. */
export default function Join() {
  const { token = '' } = useParams();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const session = useSession();
  const invited = useQuery({ queryKey: ['invited', token], queryFn: () => body(api.GET('/api/account/invites/{token}', { params: { path: { token } } })), retry: false });
  const join = useMutation({
    mutationFn: (request: Schemas['JoinRequest']) => body(api.POST('/api/account/invites/{token}', { params: { path: { token } }, body: request })),
    onSuccess: async () => {
      await navigate('/');
      await queries.resetQueries();
    },
  });
  if (session.isPending || invited.isPending) {
    return <Loading what={formatMessage({ id: 'account.loading.invitation' })} />;
  }
  if (invited.isError) {
    return (
      <EntrancePage title={formatMessage({ id: 'account.invitation' })} lead={formatMessage({ id: 'account.signIn.tagline' })}>
        <Failed error={invited.error} />
      </EntrancePage>
    );
  }
  return (
    <EntrancePage title={formatMessage({ id: 'account.invitation' })} lead={formatMessage({ id: 'account.register.invited' }, { until: dayOf(invited.data.until) })}>
      <NewAccount onMake={join.mutate} failed={join.error} isPending={join.isPending} />
    </EntrancePage>
  );
}

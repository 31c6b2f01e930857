import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { ApiError, api, body } from '../../api/client';
import { Button } from '../../design/Controls';
import { formatMessage } from '../../words/intl';

/** The demo's simulated scanner: fills a class's pages and lays them in the watched folder. */
export function ScannerButton({ className }: { className: string }) {
  const queries = useQueryClient();
  const state = useQuery({
    queryKey: ['scanner'],
    queryFn: () => body(api.GET('/api/demo/scanner')),
    refetchInterval: (query) => (query.state.data?.busy ? 1000 : false),
  });
  const scan = useMutation({
    mutationFn: () => api.POST('/api/demo/scanner', { params: { query: { className } } }),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['scanner'] }),
  });
  const busy = scan.isPending || state.data?.busy;
  return (
    <>
      <Button isDisabled={busy ?? false} onPress={() => scan.mutate()}>
        {state.data?.busy ? formatMessage({ id: 'returns.scans.progress' }, { done: state.data.done, pages: state.data.pages }) : formatMessage({ id: 'returns.scans.simulate' })}
      </Button>
      {scan.error instanceof ApiError && <span role="alert">▲ {scan.error.message}</span>}
    </>
  );
}

import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import styled from 'styled-components';
import { api, body } from '../api/client';
import { colour, space } from '../design/tokens';
import { formatMessage } from '../words/intl';

const ASK_EVERY_MS = 3000;

/** The demo draws, reads and marks the last weeks' sheets after its first start: how far it is. */
export function DemoHistory() {
  const queries = useQueryClient();
  const history = useQuery({
    queryKey: ['demo-history'],
    queryFn: () => body(api.GET('/api/demo/history')),
    refetchInterval: (query) => (query.state.data && query.state.data.done < query.state.data.sheets ? ASK_EVERY_MS : false),
  });
  const done = history.data?.done;
  const before = useRef<number>(undefined);
  useEffect(() => {
    // a sheet more is on the wall, in the lists, in the figures
    if (before.current !== undefined && done !== undefined && done !== before.current) {
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'demo-history' });
    }
    before.current = done;
  }, [done, queries]);
  if (!history.data || history.data.done >= history.data.sheets) {
    return null;
  }
  return <Notice role="status">{formatMessage({ id: 'today.demo.progress' }, { done: history.data.done, sheets: history.data.sheets })}</Notice>;
}

const Notice = styled.p`padding: ${space(2)} ${space(6)}; background: ${colour.wash};`;

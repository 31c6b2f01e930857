import { onlineManager, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import styled from 'styled-components';
import { isUnreachable } from './api/queryClient';
import { colour, space } from './design/tokens';
import { formatMessage } from './words/intl';

/** Says that there is no connection for as long as there is none. */
export function ConnectionNotice() {
  const queries = useQueryClient();
  const subscribe = useCallback(
    (changed: () => void) => {
      const ends = [queries.getQueryCache().subscribe(changed), onlineManager.subscribe(changed)];
      return () => ends.forEach((end) => end());
    },
    [queries],
  );
  const isAway = useSyncExternalStore(
    subscribe,
    () =>
      !onlineManager.isOnline() ||
      queries
        .getQueryCache()
        .getAll()
        .some((q) => q.state.fetchStatus !== 'idle' && isUnreachable(q.state.fetchFailureReason)),
  );
  return isAway ? <Line role="alert">▲ {formatMessage({ id: 'shell.noConnection' })}</Line> : null;
}

const Line = styled.p`
  position: fixed;
  left: 50%;
  bottom: ${space(4)};
  transform: translateX(-50%);
  z-index: 10;
  padding: ${space(2)} ${space(4)};
  background: ${colour.ink};
  color: ${colour.paper};
`;

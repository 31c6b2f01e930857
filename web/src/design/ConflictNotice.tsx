import { useQueryClient, type UseMutationResult } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { ApiError } from '../api/client';
import { formatMessage } from '../words/intl';
import { Button } from './Controls';
import { Notice } from './States';

interface Props {
  error: Error | null;
  /** Left out, the page is loaded anew, with what the other saved. */
  onTheirs?: () => void;
  onMine: () => void;
}

/** The server refused a change because somebody else saved first. */
export const isConflict = (error: Error | null): error is ApiError => error instanceof ApiError && error.code === 'CHANGED_ELSEWHERE';

/** An error; where somebody else saved first, what they saved and the choice between theirs and one's own. */
export function ConflictNotice({ error, onTheirs = () => window.location.reload(), onMine }: Props) {
  if (!error) {
    return null;
  }
  return (
    <Notice role="alert">
      <span>▲ {error.message}</span>
      {isConflict(error) && (
        <span>
          <Button onPress={onTheirs}>{formatMessage({ id: 'design.conflict.useTheirs' })}</Button>{' '}
          <Button onPress={onMine}>{formatMessage({ id: 'design.conflict.saveMine' })}</Button>
        </span>
      )}
    </Notice>
  );
}

/** Saves a form once more on the state that the server has now, after somebody else changed it. */
export function useSaveMine<V>(save: UseMutationResult<unknown, Error, V>, revision: { adopt: () => void }) {
  const queries = useQueryClient();
  const again = useRef(false);
  useEffect(() => {
    if (again.current) {
      again.current = false;
      (save.mutate as (variables: V | undefined) => void)(save.variables);
    }
  });
  return async () => {
    await queries.refetchQueries({ type: 'active' });
    // What was fetched is shown in the next moment; only then is it what this form builds on.
    await new Promise((shown) => setTimeout(shown, 50));
    again.current = true;
    revision.adopt();
  };
}

import { ApiError } from '../../api/client';
import { Button } from '../../design/Controls';
import { Notice } from '../../design/States';
import { say } from '../../words/say';

interface Props {
  error: Error | null;
  onTheirs: () => void;
  onMine: () => void;
}

export const isMeanwhile = (error: Error | null): error is ApiError => error instanceof ApiError && error.code === 'CHANGED_ELSEWHERE';

/** Somebody else was quicker: what they saved and who they are, and the choice between theirs and one's own. */
export function Meanwhile({ error, onTheirs, onMine }: Props) {
  if (!error) {
    return null;
  }
  return (
    <Notice role="alert">
      <span>▲ {error.message}</span>
      {isMeanwhile(error) && (
        <span>
          <Button onPress={onTheirs}>{say('returns.use-theirs')}</Button> <Button onPress={onMine}>{say('returns.save-mine')}</Button>
        </span>
      )}
    </Notice>
  );
}

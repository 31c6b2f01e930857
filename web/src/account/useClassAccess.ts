import { useQuery } from '@tanstack/react-query';
import { sharedClass } from '../api/sharedClass';
import { served } from '../api/served';

/** Whose desk this is, and whether the teacher may decide here: at one's own always, in a colleague's class where that was given. */
export function useClassAccess() {
  const classes = useQuery({ ...served.sharedClasses, enabled: sharedClass !== undefined });
  const shared = classes.data?.find((c) => c.schoolClass === sharedClass);
  return { isOwn: sharedClass === undefined, mayMark: sharedClass === undefined || shared?.right === 'MARK', shared };
}

/**
 * A colleague's class is a desk of its own: the same program below /shared/<class>, which asks below /api/shared/<class>. It is
 * entered and left by loading the page, so that nothing is remembered from one desk at another.
 */
const shared = /^\/shared\/([0-9a-f-]{36})(?=\/|$)/.exec(window.location.pathname);

/** The colleague's class whose desk this is. */
export const sharedClass = shared?.[1];

/** Below it lie the places of this desk. */
export const basename = sharedClass ? deskOf(sharedClass) : '/';

export function deskOf(schoolClass: string) {
  return `/shared/${schoolClass}`;
}

/** What is the teacher's own at whichever desk. */
const own = /^\/api\/(account|shared-classes|meanings|returns\/phrases)(\/|$)/;

/** An address of the server's, as it is asked at a desk. */
export const asked = (path: string, desk = sharedClass) => (desk && path.startsWith('/api/') && !own.test(path) ? `/api/shared/${desk}${path.slice('/api'.length)}` : path);

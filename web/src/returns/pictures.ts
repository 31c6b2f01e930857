import { asked } from '../api/sharedClass';

/** Pictures belong to one reading of a page: read anew, they have another address, and no kept picture of before is shown. */
const address = (kind: string, page: string, read: string, more: Record<string, string>) =>
  asked(`/api/returns/pages/${page}/${kind}?${new URLSearchParams({ ...more, read }).toString()}`);

/** The straightened page, or with a field one of its fields. */
export const pictureOf = (page: string, read: string | undefined | null, field?: string) => address('picture', page, read ?? '', field === undefined ? {} : { part: field });

/** What the figures of a page were read from, to be laid over its picture. */
export const overlayOf = (page: string, read: string | undefined | null, of: 'SPECKS' | 'LIGHT' | 'PLAN') => address('overlay', page, read ?? '', { of });

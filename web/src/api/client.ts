import createClient, { type Middleware } from 'openapi-fetch';
import { asked } from './sharedClass';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];

export interface FieldProblem {
  path: string;
  code: string;
  message: string;
}

/** A problem as the server tells it (RFC 9457). */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: readonly FieldProblem[],
  ) {
    super(message);
  }

  /** What is wrong with one field, if anything. */
  field(path: string): string | undefined {
    return this.fields.find((f) => f.path === path)?.message;
  }
}

/** Spring's cookie-and-header token for pages of one origin. */
function csrfToken(): string {
  const found = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
  return found ? decodeURIComponent(found.slice('XSRF-TOKEN='.length)) : '';
}

/** Where it is a colleague's class, the same request below its address. No file is sent from there. */
async function atThisDesk(request: Request): Promise<Request> {
  const address = new URL(request.url);
  const path = asked(address.pathname);
  if (path === address.pathname) {
    return request;
  }
  const { method, headers, signal } = request;
  return new Request(`${path}${address.search}`, { method, headers, signal, ...(method !== 'GET' && { body: await request.text() }) });
}

const authMiddleware: Middleware = {
  async onRequest({ request }) {
    if (request.method !== 'GET') {
      request.headers.set('X-XSRF-TOKEN', csrfToken());
    }
    return atThisDesk(request);
  },
  async onResponse({ response }) {
    if (response.ok) {
      return undefined;
    }
    const body = (await response.json().catch(() => ({}))) as Partial<{
      code: string;
      detail: string;
      fields: FieldProblem[];
    }>;
    throw new ApiError(response.status, body.code ?? 'UNKNOWN', body.detail ?? `The server answered ${response.status}.`, body.fields ?? []);
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(authMiddleware);

/** The body of an answer; failures are thrown before. */
export async function body<T>(answer: Promise<{ data?: T }>): Promise<T> {
  return (await answer).data as T;
}

/** Files as a form, which the typed client does not make by itself. */
export function filesForm(name: string, files: readonly File[]): FormData {
  const form = new FormData();
  files.forEach((file) => form.append(name, file));
  return form;
}

import createClient from 'openapi-fetch';
import { hear } from './acts';
import type { components, paths } from './schema';

export type Problem = components['schemas']['Problem'];

/** A refusal in the user's words: what is wrong, field by field, and how things are now where two people changed the same thing. */
export class ProblemError extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    super(problem.detail);
    this.problem = problem;
  }

  field(name: string): string | undefined {
    return this.problem.violations.find((v) => v.field === name)?.message;
  }
}

/** The server could not be reached: nothing was sent, nothing is lost. */
export class OfflineError extends Error {}

/** The network was too slow, and the device answered with what it had kept: older than what is shown, so it is asked for again. */
export class KeptError extends OfflineError {}

let csrf = '';

export function keepCsrf(token: string): void {
  csrf = token;
}

const readAt = new Map<string, number>();

/**
 * What the device kept is for a page that has nothing; it must not take the place of what was read here since. On a slow line
 * the device keeps a newer reading that came too late, and that is taken: the server says when each was made.
 */
function preferNewer(request: Request, response: Response): void {
  if (request.method !== 'GET') return;
  const at = Date.parse(response.headers.get('Date') ?? '') || 0;
  const known = readAt.get(request.url);
  if (response.headers.has('X-Kept') && known !== undefined && at <= known) {
    throw new KeptError('What is shown is newer than what the device kept.');
  }
  readAt.set(request.url, Math.max(at, known ?? 0));
}

const client = createClient<paths>({ baseUrl: '' });
client.use({
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-CSRF-Token', csrf);
    return request;
  },
  onResponse({ request, response }) {
    hear(response);
    preferNewer(request, response);
  },
});

export const api = client;

/** Sends one file as a form does; openapi-fetch then leaves the content type to the browser. */
export const asForm = (name: string, file: File) => () => {
  const form = new FormData();
  form.set(name, file);
  return form;
};

const NO_CONNECTION = 'No connection to the cupboard. What you see is kept; try again when it is back.';
const BROKE_OFF = 'The signal broke off before the answer was whole. What was sent may be done already: look before you try again.';

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** The data of an answer, or a thrown ProblemError or OfflineError. */
export async function take<T>(answer: Promise<Answer<T>>): Promise<T> {
  const { data, error, response } = await answer.catch((cause: unknown) => {
    if (cause instanceof DOMException || cause instanceof KeptError) throw cause;
    throw new OfflineError(cause instanceof SyntaxError ? BROKE_OFF : NO_CONNECTION);
  });
  // Broken off before its first word an answer reads as if it said nothing; only 204 says nothing.
  if (response.ok && data === undefined && response.status !== 204) throw new OfflineError(BROKE_OFF);
  if (response.ok) return data as T;
  throw new ProblemError(
    isProblem(error)
      ? error
      : { type: '', title: '', status: response.status, detail: 'The cupboard gave no sensible answer. Try again.', violations: [] },
  );
}

function isProblem(error: unknown): error is Problem {
  return typeof error === 'object' && error !== null && 'detail' in error && 'violations' in error;
}

import createClient from 'openapi-fetch';
import { isLeaving } from './leaving';
import type { components, paths } from './schema';
import { heardTime } from './serverClock';
import { answered } from './shownFrom';

type ProblemDocument = components['schemas']['Problem'];

/** An error of the API in the words of its problem document, fit to show. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    detail: string,
    readonly document?: ProblemDocument,
  ) {
    super(detail);
  }
}

/** The server was not reached: nothing was refused, it did not arrive, or its answer was lost. */
export class Unreachable extends Error {
  constructor() {
    super('Hawkbrush does not answer. Is it still running?');
  }
}

/** The API by its paths, typed from the contract. */
export const api = createClient<paths>({
  baseUrl: '/api/v1',
  fetch: send,
  headers: { Accept: 'application/json', 'X-Hawkbrush': '1' },
});

/** What a call to the API answers. @throws {Problem} {Unreachable} */
export async function ask<T>(call: Promise<{ data?: T }>): Promise<T> {
  const { data } = await call;
  if (data === undefined) throw new Unreachable();
  return data;
}

/** The header of a write that may be sent again: with the same key it is done once. */
export function keyed(key: string): { 'Idempotency-Key': string } {
  return { 'Idempotency-Key': key };
}

/** A photograph for calls that take one; the contract can only name it, so the form is made here. */
export function photograph(photo: Blob, id?: string) {
  return {
    body: { photo: 'photograph.jpg', ...(id === undefined ? {} : { id }) },
    bodySerializer: () => {
      const form = new FormData();
      if (id !== undefined) form.append('id', id);
      form.append('photo', photo, 'photograph.jpg');
      return form;
    },
  };
}

async function send(request: Request): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(isLeaving() ? new Request(request, { keepalive: true }) : request);
  } catch {
    throw new Unreachable();
  }
  const keptAt = response.headers.get('X-Hawkbrush-Kept');
  const time = Number(response.headers.get('X-Hawkbrush-Time'));
  if (keptAt === null && time > 0) heardTime(time);
  answered(keptAt);
  // A server in front of Hawkbrush answers in its place, when it is away or a password is wanted first.
  const inFront = response.status >= 502 || [401, 403, 407, 429].includes(response.status);
  if (inFront && !response.headers.has('X-Hawkbrush-Time')) throw new Unreachable();
  if (!response.ok) {
    const document: ProblemDocument | undefined = await response.json().catch(() => undefined);
    throw new Problem(
      response.status,
      document?.title ?? 'Something broke',
      document?.detail ?? 'The server gave no reason.',
      document,
    );
  }
  return response;
}

/** An id for what is made here, before the server knows of it. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(13));
  return Date.now().toString(36) + Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}

const ULID = '0123456789abcdefghjkmnpqrstvwxyz';

/** An id as the server gives them (ULID), for a photograph that is kept here first. */
export function newUlid(): string {
  let time = Date.now();
  let id = '';
  for (let i = 0; i < 10; i++) {
    id = ULID.charAt(time % 32) + id;
    time = Math.floor(time / 32);
  }
  return id + Array.from(crypto.getRandomValues(new Uint8Array(16)), (b) => ULID.charAt(b % 32)).join('');
}

export function words(error: unknown): string {
  return error instanceof Error ? error.message : 'Something broke.';
}

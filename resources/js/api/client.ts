import type { components } from './schema';

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

/** The bench has lost its server: nothing was refused, it did not arrive. */
export class Unreachable extends Error {
  constructor() {
    super('Hawkbrush does not answer. What you did is kept here and sent when it is back.');
  }
}

async function send(path: string, init: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(`/api/v1${path}`, init);
  } catch {
    throw new Unreachable();
  }
  if (!response.ok) {
    const document = (await response.json().catch(() => undefined)) as ProblemDocument | undefined;
    throw new Problem(
      response.status,
      document?.title ?? 'Something broke',
      document?.detail ?? 'The server gave no reason.',
      document,
    );
  }
  return response;
}

export async function get<T>(path: string): Promise<T> {
  return (await send(path, { headers: { Accept: 'application/json' } })).json() as Promise<T>;
}

export async function write<T>(
  method: 'POST' | 'PUT' | 'PATCH',
  path: string,
  body: unknown = {},
  once = false,
): Promise<T> {
  const headers: Record<string, string> = {
    Accept: 'application/json',
    'Content-Type': 'application/json',
    'X-Hawkbrush': '1',
  };
  if (once) headers['Idempotency-Key'] = newId();
  return (await send(path, { method, headers, body: JSON.stringify(body) })).json() as Promise<T>;
}

export async function upload<T>(path: string, field: string, file: File): Promise<T> {
  const form = new FormData();
  form.append(field, file);
  const headers = { Accept: 'application/json', 'X-Hawkbrush': '1' };
  return (await send(path, { method: 'POST', headers, body: form })).json() as Promise<T>;
}

/** An id for what is made here, before the server knows of it. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(13));
  return Date.now().toString(36) + Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
}

export function words(error: unknown): string {
  return error instanceof Error ? error.message : 'Something broke.';
}

import { afterEach, describe, expect, test, vi } from 'vitest';

// A page asks under its own address; here there is none.
const RealRequest = globalThis.Request;
class HereRequest extends RealRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, 'http://here') : input, init);
  }
}
vi.stubGlobal('Request', HereRequest);
const { api, ask, keyed, newId, Problem, Unreachable, words } = await import('../../resources/js/api/client');

const MOSS = { name: 'Moss', kind: 'opaque', hex: '#4d6340' } as const;
const patterns = () => ask(api.GET('/patterns'));
const real = globalThis.fetch;

afterEach(() => {
  globalThis.fetch = real;
});

/** Answers every request with one response, and keeps what was asked. */
function served(answer: () => Response): Request[] {
  const asked: Request[] = [];
  globalThis.fetch = async (input) => {
    asked.push(new Request(input));
    return answer();
  };
  return asked;
}

describe('the way to the server', () => {
  test('asks under the API, and says who it is when it writes', async () => {
    const asked = served(() => Response.json({ ok: true }));
    await patterns();
    await ask(api.POST('/paints', { body: MOSS, headers: keyed(newId()) }));
    expect(asked.map((a) => new URL(a.url).pathname)).toEqual(['/api/v1/patterns', '/api/v1/paints']);
    expect(asked[1]?.headers.get('X-Hawkbrush')).toBe('1');
    expect(asked[1]?.headers.get('Idempotency-Key')).toMatch(/^[0-9a-z]{30,}$/);
    expect(asked[1]?.headers.get('Content-Type')).toBe('application/json');
    expect(await asked[1]?.json()).toEqual(MOSS);
  });

  test('gives the reason of a refusal in its own words', async () => {
    served(() =>
      Response.json({ title: 'This cannot be worked with', detail: 'A paint needs a name.' }, { status: 422 }),
    );
    const refused = await ask(api.POST('/paints', { body: MOSS })).catch((e: unknown) => e);
    expect(refused).toBeInstanceOf(Problem);
    expect(refused).toMatchObject({
      status: 422,
      title: 'This cannot be worked with',
      message: 'A paint needs a name.',
    });
    expect(words(refused)).toBe('A paint needs a name.');
  });

  test('is not lost for words where the server is', async () => {
    served(() => new Response('<html>oh</html>', { status: 500 }));
    const broken = await patterns().catch((e: unknown) => e);
    expect(broken).toMatchObject({ status: 500, message: 'The server gave no reason.' });
    expect(words('something else')).toBe('Something broke.');
  });

  test('tells a server that does not answer from one that refuses', async () => {
    globalThis.fetch = async () => {
      throw new TypeError('Failed to fetch');
    };
    const gone = await patterns().catch((e: unknown) => e);
    expect(gone).toBeInstanceOf(Unreachable);
    expect(words(gone)).toContain('does not answer');
  });

  test('takes the answer of a server in front of it for none', async () => {
    served(() => new Response('<html>Bad gateway</html>', { status: 502 }));
    expect(await patterns().catch((e: unknown) => e)).toBeInstanceOf(Unreachable);
    served(() =>
      Response.json(
        { title: 'The disk is full', detail: 'Make room.' },
        { status: 507, headers: { 'X-Hawkbrush-Time': '1' } },
      ),
    );
    expect(await patterns().catch((e: unknown) => e)).toMatchObject({ status: 507, message: 'Make room.' });
  });

  test('makes ids that are never the same and sort by time', async () => {
    const ids = Array.from({ length: 200 }, () => newId());
    expect(new Set(ids).size).toBe(200);
    await new Promise((done) => setTimeout(done, 5));
    expect(newId().slice(0, 8) > (ids[0] ?? '').slice(0, 8)).toBe(true);
  });
});

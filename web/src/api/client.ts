/** A refusal of the server: what it said, and which fields it meant. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: { path: string; message: string }[],
    /** After how many seconds the server says that it may work. */
    readonly retryAfter?: number,
  ) {
    super(message);
  }
}

/** A small write that has begun goes on when the page is left; browsers allow 64 KB of them. */
const keepaliveLimit = 30_000;

/** Asks the server; throws an ApiError with its words, or status 0 when it cannot be reached. */
export async function ask<T>(
  path: string,
  method: 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE' = 'GET',
  body?: unknown,
): Promise<T> {
  let response: Response;
  const text = body === undefined ? undefined : JSON.stringify(body);
  try {
    response = await fetch(`/api${path}`, {
      method,
      credentials: 'same-origin',
      ...(text === undefined
        ? {}
        : { body: text, headers: { 'content-type': 'application/json' }, keepalive: text.length < keepaliveLimit }),
    });
  } catch {
    throw new ApiError(0, 'The server cannot be reached.', []);
  }
  if (response.status === 204) return undefined as T;
  const answer = (await response.json().catch(() => undefined)) as
    | { error?: { message: string; faults: { path: string; message: string }[] } }
    | undefined;
  if (!response.ok)
    throw new ApiError(
      response.status,
      answer?.error?.message ?? 'Something went wrong.',
      answer?.error?.faults ?? [],
      Number(response.headers.get('retry-after')) || undefined,
    );
  // An answer that was cut off on its way says nothing.
  if (answer === undefined) throw new ApiError(0, 'The server cannot be reached.', []);
  return answer as T;
}

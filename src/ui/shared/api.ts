/** An answer of the server that says what is wrong. */
export class ApiError extends Error {
  override name = 'ApiError';
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown>,
  ) {
    super(message);
  }
}

/** Sends and reads JSON. Throws ApiError with the server's own words, or a plain error when there is no connection. */
export async function api<T>(
  path: string,
  options: { method?: string; body?: unknown; keepalive?: boolean; signal?: AbortSignal } = {},
): Promise<T> {
  let response: Response;
  try {
    response = await fetch(path, {
      method: options.method ?? (options.body === undefined ? 'GET' : 'POST'),
      ...(options.body === undefined
        ? {}
        : { body: JSON.stringify(options.body), headers: { 'Content-Type': 'application/json' } }),
      ...(options.keepalive ? { keepalive: true } : {}),
      ...(options.signal ? { signal: options.signal } : {}),
    });
  } catch (e) {
    if ((e as Error).name === 'AbortError') throw e;
    throw new Error(UNREACHABLE);
  }
  return answer<T>(response);
}

const UNREACHABLE = 'The server cannot be reached. Is Nabbet still running?';

/** Sends a file as it is. Throws as api does. */
export async function upload<T>(path: string, file: File): Promise<T> {
  const response = await fetch(path, { method: 'PUT', body: file }).catch(() => {
    throw new Error(UNREACHABLE);
  });
  return answer<T>(response);
}

async function answer<T>(response: Response): Promise<T> {
  const text = await response.text();
  let body: unknown = {};
  try {
    body = text ? JSON.parse(text) : {};
  } catch {
    body = { error: text.slice(0, 200) };
  }
  if (!response.ok) {
    const record = body as Record<string, unknown>;
    throw new ApiError(
      response.status,
      String(record.error ?? `The server answered with ${response.status}.`),
      record,
    );
  }
  return body as T;
}

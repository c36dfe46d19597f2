import { newKey } from "./key";

export const KEY_HEADER = "Idempotency-Key";
const RESENDS = 2;
const PAUSE_MS = 600;

/**
 * Sends a request; one that makes something carries a key, and is sent again under it when no answer came. The
 * server does it once: a lost answer leaves nothing behind twice. Whoever sets a key decides itself when to send
 * again.
 */
export async function sendOnce(request: Request): Promise<Response> {
  if (request.method !== "POST" || request.headers.has(KEY_HEADER)) {
    return fetch(request);
  }
  const keyed = new Request(request, { headers: withKey(request.headers) });
  for (let sent = 0; ; sent++) {
    try {
      return await fetch(keyed.clone());
    } catch (cause) {
      if (sent === RESENDS || keyed.signal.aborted) {
        throw cause;
      }
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS));
    }
  }
}

function withKey(given: Headers): Headers {
  const headers = new Headers(given);
  headers.set(KEY_HEADER, newKey());
  return headers;
}

import { newKey } from "./key";

export const KEY_HEADER = "Idempotency-Key";
const RESENDS = 2;
const PAUSE_MS = 600;

/** A server that has taken a request and not answered it for so long will not: it may have been stopped. */
const LONGEST_MS = 15_000;

/** Every answer of Cove carries it, and what stands between does not know it. */
const OWN_MARK = "Cove-Answer";

/** Something on the way to Cove has answered in its place. Whatever it says, it is not for it to say. */
export class StrangerAnswered extends Error {}

/** Whether Cove itself has answered. What is kept on the device is let go on its word alone. */
export function isFromCove(response: Response): boolean {
  return response.headers.has(OWN_MARK);
}

async function askCove(request: Request): Promise<Response> {
  const response = await fetch(request);
  if (!isFromCove(response) && !isRefusalInWords(response)) {
    throw new StrangerAnswered();
  }
  return response;
}

/** Words that can be shown are passed on, whoever wrote them: an answer that only says no makes nothing true. */
function isRefusalInWords(response: Response): boolean {
  const type = response.headers.get("Content-Type") ?? "";
  return !response.ok && type.startsWith("application/problem+json");
}

/** Asks, and gives up when no answer comes for long. (Older browsers cannot join signals by themselves.) */
async function askForAWhile(request: Request): Promise<Response> {
  const stop = new AbortController();
  const leave = () => stop.abort(request.signal.reason);
  const timer = setTimeout(
    () => stop.abort(new DOMException("No answer came.", "TimeoutError")),
    LONGEST_MS,
  );
  request.signal.addEventListener("abort", leave);
  try {
    return await askCove(new Request(request, { signal: stop.signal }));
  } finally {
    clearTimeout(timer);
    request.signal.removeEventListener("abort", leave);
  }
}

/**
 * Sends a request; one that makes something carries a key, and is sent again under it when no answer came. The
 * server does it once: a lost answer leaves nothing behind twice. Whoever sets a key decides itself when to send
 * again.
 */
export async function sendOnce(request: Request): Promise<Response> {
  // What only reads, and what its sender sends again by itself, may be given up; a large file takes its time.
  if (request.method === "GET" || request.headers.has(KEY_HEADER)) {
    return askForAWhile(request);
  }
  if (request.method !== "POST") {
    return askCove(request);
  }
  const keyed = new Request(request, { headers: withKey(request.headers) });
  for (let sent = 0; ; sent++) {
    try {
      return await askCove(keyed.clone());
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

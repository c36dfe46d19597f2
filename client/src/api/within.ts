import { LOST_SERVER, Problem } from "./client";

/** What is kept on the device is shown when the server has not answered for so long. The worker waits as long. */
export const SOON_MS = 3000;

/** An answer, or after some milliseconds that there is none: a server may take a request and never answer it. */
export function within<T>(milliseconds: number, answer: Promise<T>): Promise<T> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new Problem(LOST_SERVER, null)), milliseconds);
  });
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}

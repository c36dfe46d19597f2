/** What this device remembers. A browser that keeps nothing is no reason to show nothing. */

export function kept(key: string): string | null {
  try {
    return localStorage.getItem(key);
  } catch {
    return null;
  }
}

export function keep(key: string, value: string): void {
  try {
    localStorage.setItem(key, value);
  } catch {
    // It is asked again next time.
  }
}

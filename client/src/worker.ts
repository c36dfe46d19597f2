/**
 * Lets Cove open without a network, where the browser allows it: a page reached over a plain address in the home
 * network gets no service worker, and goes on as long as it stays open.
 *
 * A page opens as the server has it, so a newer Cove is seen at the next page that is opened; only a run goes on with
 * the files it began with, over a reload too. The newer worker takes over from then on. When that is, is the browser's to
 * say (it waits until the older one is idle), and no page waits for it.
 */
export function openWithoutNetwork() {
  if (!window.isSecureContext || !("serviceWorker" in navigator)) {
    return;
  }
  window.addEventListener("load", () => void register());
}

async function register() {
  const registration = await navigator.serviceWorker.register("/sw.js").catch(() => null);
  if (!location.pathname.startsWith("/runs/")) {
    registration?.waiting?.postMessage({ type: "SKIP_WAITING" });
  }
}

/**
 * Lets Cove open without a network, where the browser allows it: a page reached over a plain address in the home
 * network gets no service worker, and goes on as long as it stays open.
 *
 * A new version is taken up when a page is opened, and never while one is in use or a run is under way: the version
 * that is open keeps its own files until then.
 */
export function openWithoutNetwork() {
  if (!window.isSecureContext || !("serviceWorker" in navigator)) {
    return;
  }
  window.addEventListener("load", () => void register());
}

async function register() {
  const registration = await navigator.serviceWorker.register("/sw.js").catch(() => null);
  if (registration?.waiting && !location.pathname.startsWith("/runs/")) {
    navigator.serviceWorker.addEventListener("controllerchange", () => location.reload(), {
      once: true,
    });
    registration.waiting.postMessage({ type: "SKIP_WAITING" });
  }
}

/** How Debian's chromium is started: without a sandbox for root, and without its own calls to the network. */
export const BROWSER = {
  executablePath: "/usr/bin/chromium-headless-shell",
  args: [
    "--no-sandbox",
    "--disable-gpu",
    "--disable-quic",
    "--no-first-run",
    "--disable-background-networking",
    "--disable-component-update",
    "--disable-sync",
  ],
};

/** A Saturday morning in spring. */
export const CLOCK = "2026-03-14T10:20";

export const DESK = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

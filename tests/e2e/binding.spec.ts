import { connect } from "node:net";
import { networkInterfaces } from "node:os";
import { expect, lookOnly } from "./cove.ts";

function opens(host: string, port: number): Promise<boolean> {
  return new Promise((resolve) => {
    const socket = connect({ host, port, timeout: 3000 });
    const settle = (open: boolean) => {
      socket.destroy();
      resolve(open);
    };
    socket.on("connect", () => settle(true));
    socket.on("error", () => settle(false));
    socket.on("timeout", () => settle(false));
  });
}

lookOnly("the server listens on this machine only", async ({ cove }) => {
  const others = Object.values(networkInterfaces())
    .flat()
    .filter((one) => one?.family === "IPv4" && !one.internal)
    .map((one) => one?.address ?? "");
  expect(await opens("127.0.0.1", cove.port)).toBe(true);
  for (const address of others) {
    expect(await opens(address, cove.port), address).toBe(false);
  }
});

lookOnly("an unknown host name is not answered", async ({ cove, request }) => {
  const answer = await request.get(`${cove.url}/api/health`, {
    headers: { Host: "elsewhere.example" },
  });
  expect(answer.status()).toBe(400);
});

import type { IDBPDatabase } from "idb";
import type { Run } from "../../api/client";
import type { Refused, Store, Waiting } from "./outbox";

const NAME = "cove";
const VERSION = 2;
/** Runs that are over are forgotten after this many. */
const MOST_RUNS = 4;

type KeptRun = { id: string; keptAt: number; run: Run };
type KeptAnswer = Waiting & { order?: number };

/** The runs and answers in the browser's own database. A browser that keeps nothing holds them as long as the page is open. */
export function deviceStore(): Store {
  let open: Promise<IDBPDatabase> | null = null;
  const memory: { runs: Map<string, Run>; waiting: Waiting[]; refused: Refused[] } = {
    runs: new Map(),
    waiting: [],
    refused: [],
  };

  const database = () => {
    // It is asked for as soon as Cove opens, and is no part of what the first view waits for.
    open ??= import("idb").then(({ openDB }) =>
      openDB(NAME, VERSION, {
        upgrade(db, from) {
          if (from < 1) {
            db.createObjectStore("runs", { keyPath: "id" });
            const answers = db.createObjectStore("answers", {
              keyPath: "order",
              autoIncrement: true,
            });
            answers.createIndex("key", "key", { unique: true });
          }
          db.createObjectStore("refused", { keyPath: "key" });
        },
      }),
    );
    return open;
  };

  async function kept<T>(work: (db: IDBPDatabase) => Promise<T>, otherwise: () => T): Promise<T> {
    try {
      return await work(await database());
    } catch {
      return otherwise();
    }
  }

  return {
    runs: () =>
      kept(
        async (db) => ((await db.getAll("runs")) as KeptRun[]).map(({ run }) => run),
        () => [...memory.runs.values()],
      ),
    keepRun: (run) => {
      memory.runs.set(run.id, run);
      return kept(
        async (db) => {
          await db.put("runs", { id: run.id, keptAt: Date.now(), run } satisfies KeptRun);
          const all = ((await db.getAll("runs")) as KeptRun[]).sort((a, b) => b.keptAt - a.keptAt);
          for (const old of all.slice(MOST_RUNS)) {
            await db.delete("runs", old.id);
          }
        },
        () => undefined,
      );
    },
    waiting: () =>
      kept(
        async (db) =>
          ((await db.getAll("answers")) as KeptAnswer[]).map(({ order: _, ...answer }) => answer),
        () => memory.waiting,
      ),
    add: (answer) => {
      memory.waiting.push(answer);
      return kept(
        async (db) => {
          await db.add("answers", answer);
        },
        () => undefined,
      );
    },
    remove: (key) => {
      memory.waiting = memory.waiting.filter((answer) => answer.key !== key);
      return kept(
        async (db) => {
          const order = await db.getKeyFromIndex("answers", "key", key);
          if (order !== undefined) {
            await db.delete("answers", order);
          }
        },
        () => undefined,
      );
    },
    refused: () =>
      kept(
        async (db) => (await db.getAll("refused")) as Refused[],
        () => memory.refused,
      ),
    refuse: (refused) => {
      memory.waiting = memory.waiting.filter((answer) => answer.key !== refused.key);
      memory.refused.push(refused);
      return kept(
        async (db) => {
          const change = db.transaction(["answers", "refused"], "readwrite");
          const answers = change.objectStore("answers");
          await change.objectStore("refused").put(refused);
          const order = await answers.index("key").getKey(refused.key);
          if (order !== undefined) {
            await answers.delete(order);
          }
          await change.done;
        },
        () => undefined,
      );
    },
    forgetRefused: (runId) => {
      memory.refused = memory.refused.filter(({ answer }) => answer.runId !== runId);
      return kept(
        async (db) => {
          for (const refused of (await db.getAll("refused")) as Refused[]) {
            if (refused.answer.runId === runId) {
              await db.delete("refused", refused.key);
            }
          }
        },
        () => undefined,
      );
    },
  };
}

import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from "react";
import { Sheet } from "./Sheet";

export type Shortcut = { keys: string; label: string; run?: () => void };

type Registry = { put: (id: symbol, list: Shortcut[]) => void; drop: (id: symbol) => void };

const Shortcuts = createContext<Registry | null>(null);

/** Whether keys belong to the field that has the focus. A range or a tick takes no letters. */
function typing(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    (target.isContentEditable ||
      target.matches("input:not([type=range], [type=checkbox], [type=radio]), textarea, select"))
  );
}

/** Listens for the shortcuts of whatever is on the screen and lists them under "?". */
export function ShortcutProvider({ children }: { children: ReactNode }) {
  const [lists, setLists] = useState<Map<symbol, Shortcut[]>>(new Map());
  const [shown, setShown] = useState(false);
  const current = useRef(lists);
  current.current = lists;

  const registry = useMemo<Registry>(
    () => ({
      put: (id, list) => setLists((old) => new Map(old).set(id, list)),
      drop: (id) =>
        setLists((old) => {
          const next = new Map(old);
          next.delete(id);
          return next;
        }),
    }),
    [],
  );

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const inDialog = document.querySelector("[role=dialog], [role=listbox]") !== null;
      if (event.ctrlKey || event.metaKey || event.altKey || typing(event.target) || inDialog) {
        return;
      }
      if (event.key === "?") {
        event.preventDefault();
        setShown(true);
        return;
      }
      for (const list of current.current.values()) {
        const found = list.find((shortcut) => shortcut.keys === event.key && shortcut.run);
        if (found?.run) {
          event.preventDefault();
          found.run();
          return;
        }
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);

  const all = [...lists.values()].flat();
  return (
    <Shortcuts value={registry}>
      {children}
      <Sheet open={shown} onClose={() => setShown(false)} title="Keys on this page">
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2 text-16">
          {[...all, { keys: "?", label: "Show these keys" }].map((shortcut) => (
            <div key={shortcut.keys + shortcut.label} className="contents">
              <dt>
                <kbd className="rounded-button border border-line px-2 py-0.5 font-sans font-semibold">
                  {shortcut.keys}
                </kbd>
              </dt>
              <dd>{shortcut.label}</dd>
            </div>
          ))}
        </dl>
      </Sheet>
    </Shortcuts>
  );
}

/** Puts the shortcuts of a place up while it is shown. */
export function useShortcuts(list: Shortcut[]): void {
  const registry = useContext(Shortcuts);
  const latest = useRef(list);
  latest.current = list;
  const names = list.map((shortcut) => `${shortcut.keys}|${shortcut.label}`).join("\n");
  useEffect(() => {
    if (!registry) {
      return;
    }
    const id = Symbol(names);
    // The newest handlers are called, whatever was registered when the names last changed.
    registry.put(
      id,
      latest.current.map((shortcut, index) =>
        shortcut.run ? { ...shortcut, run: () => latest.current[index]?.run?.() } : shortcut,
      ),
    );
    return () => registry.drop(id);
  }, [registry, names]);
}

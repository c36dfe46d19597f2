import { lazy, Suspense, useState } from "react";
import type { SheetProps } from "./SheetPaper";

export const loadSheet = () => import("./SheetPaper");
const Paper = lazy(async () => ({ default: (await loadSheet()).SheetPaper }));

/** A dialog: a sheet of paper joined by a rule, over a dimmed page. What it is made of is loaded when the first one opens. */
export function Sheet(props: SheetProps) {
  const [opened, setOpened] = useState(props.open);
  if (props.open && !opened) {
    setOpened(true);
  }
  return opened ? (
    <Suspense fallback={null}>
      <Paper {...props} />
    </Suspense>
  ) : null;
}

import { useParams } from "react-router";
import { useRun } from "../api/queries";
import { Failed, Loading } from "../shared/States";
import { Summary } from "./Summary";
import { UnderWay } from "./UnderWay";

/** Run: the guided session, one step at a time, for a phone in a wet hand. */
export function RunPage() {
  const { runId = "" } = useParams();
  const run = useRun(runId);
  if (run.isError && !run.data) {
    return (
      <div className="flex min-h-dvh">
        <Failed error={run.error} again={() => run.refetch()} />
      </div>
    );
  }
  if (!run.data) {
    return (
      <div className="flex min-h-dvh">
        <Loading what="Laying out the session" />
      </div>
    );
  }
  return run.data.finishedAt ? <Summary run={run.data} /> : <UnderWay run={run.data} />;
}

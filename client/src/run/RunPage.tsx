import { useEffect, useState } from "react";
import { useParams } from "react-router";
import { useRun } from "../api/run";
import { Failed, Loading } from "../shared/States";
import { outbox } from "./offline";
import { Summary } from "./Summary";
import { UnderWay } from "./UnderWay";
import { useAnswers } from "./useAnswers";
import { useClock } from "./useClock";

/** Run: the guided session, one step at a time, for a phone in a wet hand. */
export function RunPage() {
  const { runId = "" } = useParams();
  const run = useRun(runId);
  const [ready, setReady] = useState(false);
  useEffect(() => {
    void outbox.ready.then(() => setReady(true));
  }, []);
  if (run.isError && !run.data) {
    return (
      <div className="flex min-h-dvh">
        <Failed error={run.error} again={() => run.refetch()} />
      </div>
    );
  }
  if (!run.data || !ready) {
    return (
      <div className="flex min-h-dvh">
        <Loading what="Loading the session" />
      </div>
    );
  }
  return <Loaded key={runId} known={run.data} />;
}

function Loaded({ known }: { known: Parameters<typeof useAnswers>[0] }) {
  const now = useClock(known.now);
  const answers = useAnswers(known, now);
  return (
    <div className="contents" data-on-their-way={answers.onTheirWay}>
      {answers.run.finishedAt ? (
        <Summary run={answers.run} answers={answers} />
      ) : (
        <UnderWay answers={answers} now={now} />
      )}
    </div>
  );
}

import { Component, type ReactNode, useEffect, useRef } from "react";
import { useHealth } from "../api/queries";
import { Empty } from "./States";

type Props = { children: ReactNode };

/** Says what to do where a part of Cove could not be loaded: the network is gone, or Cove was replaced by a newer one. */
export class PartMissing extends Component<Props, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    return this.state.failed ? <Missing /> : this.props.children;
  }
}

function Missing() {
  const health = useHealth();
  const wasLost = useRef(false);
  useEffect(() => {
    if (health.isError) {
      wasLost.current = true;
    } else if (wasLost.current) {
      // Only a reload asks for the part again. Where Cove was there all along the part is gone, and reloading without
      // being asked could go on for ever.
      location.reload();
    }
  }, [health.isError]);
  return (
    <main className="flex min-h-dvh">
      <Empty title="This part could not be loaded">
        <p>
          {health.isError
            ? "Cove cannot be reached. The page comes back by itself once it can. What you have answered is kept."
            : "There may be no network here, or Cove has been updated. What you have answered is kept."}
        </p>
        <p className="mt-6">
          <button type="button" className="act2 text-ink" onClick={() => location.reload()}>
            Reload
          </button>
        </p>
      </Empty>
    </main>
  );
}

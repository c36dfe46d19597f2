import { Component, type ReactNode } from "react";
import { Empty } from "./States";

type Props = { children: ReactNode };

/** Says what to do where a part of Cove could not be loaded: the network is gone, or Cove was replaced by a newer one. */
export class PartMissing extends Component<Props, { failed: boolean }> {
  override state = { failed: false };

  static getDerivedStateFromError() {
    return { failed: true };
  }

  override render() {
    return this.state.failed ? (
      <main className="flex min-h-dvh">
        <Empty title="This part could not be loaded">
          <p>
            There may be no network here, or Cove has been updated. What you have answered is kept.
          </p>
          <p className="mt-6">
            <button type="button" className="act2 text-ink" onClick={() => location.reload()}>
              Reload
            </button>
          </p>
        </Empty>
      </main>
    ) : (
      this.props.children
    );
  }
}

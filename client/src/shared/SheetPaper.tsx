import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

export type SheetProps = {
  open: boolean;
  onClose: () => void;
  title: string;
  about?: string;
  children: ReactNode;
};

/** The dialog of a {@link Sheet}. */
export function SheetPaper({ open, onClose, title, about, children }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={(now) => !now && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-[color-mix(in_srgb,var(--ink)_35%,transparent)]" />
        <Dialog.Content
          {...(about ? {} : { "aria-describedby": undefined })}
          className="fixed inset-x-0 bottom-0 z-40 max-h-[92dvh] overflow-y-auto border-t-[1.5px] border-ink bg-paper p-6 desk:inset-x-auto desk:top-1/2 desk:bottom-auto desk:left-1/2 desk:w-[480px] desk:-translate-x-1/2 desk:-translate-y-1/2 desk:border-[1.5px]"
        >
          <div className="mb-4 flex items-start justify-between gap-4">
            <Dialog.Title className="text-26">{title}</Dialog.Title>
            <Dialog.Close className="act2 -mt-1 -mr-1 min-w-11 px-3" aria-label="Close">
              <svg width="14" height="14" viewBox="0 0 14 14" aria-hidden="true">
                <path d="M1 1 13 13M13 1 1 13" stroke="currentColor" strokeWidth="1.8" />
              </svg>
            </Dialog.Close>
          </div>
          {about && (
            <Dialog.Description className="mb-4 text-16 text-soft">{about}</Dialog.Description>
          )}
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

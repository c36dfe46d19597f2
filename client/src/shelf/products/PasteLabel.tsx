import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Label, type ProductDetails } from "../../api/client";
import { Caution } from "../../shared/Caution";
import { Sheet } from "../../shared/Sheet";
import { inWords, SUBJECTS } from "./labelWords";

type Props = {
  draft: ProductDetails;
  /** Whether the owner has given it a name of its own. */
  named: boolean;
  change: (change: Partial<ProductDetails>) => void;
};

/** Reads the pasted text of a label and fills the form with what its owner confirms. */
export function PasteLabel({ draft, named, change }: Props) {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState("");
  const read = useMutation({
    mutationFn: (asked: string) => ask(api.POST("/api/shelf/labels", { body: { text: asked } })),
  });
  const label = read.data && read.variables === text ? read.data : undefined;
  const close = () => {
    setOpen(false);
    setText("");
    read.reset();
  };
  return (
    <>
      <button type="button" className="act2 mb-4 w-full" onClick={() => setOpen(true)}>
        Paste the label
      </button>
      <Sheet
        open={open}
        onClose={close}
        title="What does the label say?"
        about="Paste the text of the label or of the safety data sheet. It is read here and kept nowhere."
      >
        {label ? (
          <>
            <Marked text={text} label={label} />
            <Unread text={text} label={label} />
            <Says label={label} />
            {label.notFound.length > 0 && (
              <p className="mb-3 text-14 text-soft">
                It does not speak of:{" "}
                {label.notFound.map((subject) => SUBJECTS[subject]).join(", ")}. Those stay as they
                are. What it must not be mixed with, first aid and disposal are left out on purpose:
                they say nothing of what is in it.
              </p>
            )}
            <div className="grid gap-2">
              <button
                type="button"
                className="act"
                disabled={label.found.length === 0}
                onClick={() => {
                  change(filledFrom(label, draft, named));
                  close();
                }}
              >
                Fill the form with this
              </button>
              <button type="button" className="act2" onClick={() => read.reset()}>
                Change the text
              </button>
            </div>
          </>
        ) : (
          <form
            onSubmit={(event) => {
              event.preventDefault();
              // The sheet stands in the form of the product, which must not be sent by this.
              event.stopPropagation();
              read.mutate(text);
            }}
          >
            <textarea
              aria-label="Text of the label"
              className="field min-h-44"
              maxLength={20_000}
              value={text}
              onChange={(event) => setText(event.target.value)}
            />
            {read.isError && (
              <p role="alert" className="mt-2 text-coral">
                {read.error.message}
              </p>
            )}
            <button
              type="submit"
              className="act mt-3 w-full"
              disabled={read.isPending || text.trim() === ""}
            >
              Read it
            </button>
          </form>
        )}
      </Sheet>
    </>
  );
}

/** What the camera left unreadable. Silence would be taken for absence, so the owner is asked to look. */
function Unread({ text, label }: { text: string; label: Label }) {
  const unread = label.found.flatMap((finding) =>
    finding.mayBe
      ? [
          `“${text.slice(finding.start, finding.start + finding.length)}” may be ${finding.mayBe === "statement" ? "a hazard code" : SUBJECTS[finding.mayBe]}`,
        ]
      : [],
  );
  return unread.length > 0 ? (
    <div className="mb-3">
      <Caution>{`Could not be read: ${unread.join("; ")}. Please look at the label. Until you have corrected it, it counts as possible.`}</Caution>
    </div>
  ) : null;
}

/** Where the label limits it, in a sentence. */
function Says({ label }: { label: Label }) {
  const says = [
    label.notOn.length > 0 && `not to be used on ${inWords(label.notOn)}`,
    label.onlyOn.length > 0 && `only for ${inWords(label.onlyOn)}`,
  ].filter(Boolean);
  return says.length > 0 ? (
    <p className="mb-3 text-16">
      <b>It says:</b> {says.join("; ")}. Cove keeps to that on every car.
    </p>
  ) : null;
}

/** The text with what was found in it; what it denies is struck out. */
function Marked({ text, label }: { text: string; label: Label }) {
  const parts: { at: number; words: string; finding?: Label["found"][number] }[] = [];
  let at = 0;
  for (const finding of label.found) {
    if (finding.start < at) {
      continue;
    }
    parts.push({ at, words: text.slice(at, finding.start) });
    at = finding.start + finding.length;
    parts.push({ at: finding.start, words: text.slice(finding.start, at), finding });
  }
  parts.push({ at, words: text.slice(at) });
  return (
    <p className="mb-3 max-h-64 overflow-y-auto border border-hairline p-3 text-16 whitespace-pre-wrap">
      {parts.map(({ at: from, words, finding }) =>
        finding ? (
          <mark
            key={`${from} ${finding.subject}`}
            title={`${SUBJECTS[finding.subject]}${finding.denied ? ": none" : ""}`}
            className={`text-ink ${finding.mayBe ? "bg-coral/25" : "bg-t2"} ${finding.denied ? "line-through" : "font-semibold"}`}
          >
            {words}
          </mark>
        ) : (
          <span key={`${from} text`}>{words}</span>
        ),
      )}
    </p>
  );
}

/** What the text says; what it does not speak of stays as it was. */
function filledFrom(label: Label, draft: ProductDetails, named: boolean): Partial<ProductDetails> {
  const strengths =
    label.weakest && label.strongest
      ? { weakest: label.weakest, usual: label.weakest, strongest: label.strongest }
      : {};
  return {
    ph: label.ph ?? draft.ph,
    alcoholPercent: label.alcoholPercent ?? draft.alcoholPercent,
    ammonia: label.ammonia ?? draft.ammonia,
    acid: label.acid ?? draft.acid,
    chlorine: label.chlorine ?? draft.chlorine,
    peroxide: label.peroxide ?? draft.peroxide,
    solvent: label.solvent ?? draft.solvent,
    oil: label.oil ?? draft.oil,
    abrasive: label.abrasive ?? draft.abrasive,
    scented: label.scented ?? draft.scented,
    form: label.aerosol ? "aerosol" : draft.form,
    name: !named && label.name ? label.name : draft.name,
    notOn: label.notOn.length > 0 ? label.notOn : draft.notOn,
    onlyOn: label.onlyOn.length > 0 ? label.onlyOn : draft.onlyOn,
    bottles:
      label.millilitres !== null && draft.bottles.length === 0
        ? [{ size: label.millilitres, left: label.millilitres }]
        : draft.bottles,
    hazards: label.hazards.length > 0 ? label.hazards : draft.hazards,
    ...strengths,
  };
}

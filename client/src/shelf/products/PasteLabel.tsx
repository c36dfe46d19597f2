import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Label, type ProductDetails, type Schemas } from "../../api/client";
import { Sheet } from "../../shared/Sheet";

const WORDS: Record<Schemas["LabelSubject"], string> = {
  statement: "hazard statements",
  ph: "pH",
  flashPoint: "flash point",
  alcohol: "alcohol",
  ammonia: "ammonia",
  chlorine: "chlorine",
  peroxide: "peroxide",
  acid: "acid",
  solvent: "solvent",
  oil: "silicone, wax or oil",
  abrasive: "abrasive",
  aerosol: "aerosol",
  dilution: "how to thin it",
};

type Props = { draft: ProductDetails; change: (change: Partial<ProductDetails>) => void };

/** Reads the pasted text of a label and fills the form with what its owner confirms. */
export function PasteLabel({ draft, change }: Props) {
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
            {label.notFound.length > 0 && (
              <p className="mb-3 text-14 text-soft">
                It does not speak of: {label.notFound.map((subject) => WORDS[subject]).join(", ")}.
                Those stay as they are.
              </p>
            )}
            <div className="grid gap-2">
              <button
                type="button"
                className="act"
                disabled={label.found.length === 0}
                onClick={() => {
                  change(filledFrom(label, draft));
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
            title={`${WORDS[finding.subject]}${finding.denied ? ": none" : ""}`}
            className={`bg-t2 text-ink ${finding.denied ? "line-through" : "font-semibold"}`}
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
function filledFrom(label: Label, draft: ProductDetails): Partial<ProductDetails> {
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
    form: label.aerosol ? "aerosol" : draft.form,
    hazards: label.hazards.length > 0 ? label.hazards : draft.hazards,
    ...strengths,
  };
}

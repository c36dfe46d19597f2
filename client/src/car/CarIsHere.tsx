import { useState } from "react";
import * as limits from "../api/limits";
import { Field } from "../shared/Field";
import type { There } from "../shared/ImportFile";
import { Sheet } from "../shared/Sheet";

/** Asks what to do with the file of a car that is here already. */
export function CarIsHere({ there }: { there: There }) {
  const [name, setName] = useState("");
  return (
    <Sheet open onClose={there.leave} title="This car is here already" about={there.sentence}>
      <button
        type="button"
        className="act w-full"
        disabled={there.busy}
        onClick={() => there.send("?existing=replace")}
      >
        Put the file in its place
      </button>
      <p className="mt-1 mb-5 text-14 text-soft">
        The car that is here goes into the wastebasket. For 30 days you can bring it back from the
        list of cars.
      </p>
      <form
        className="border-t border-hairline pt-4"
        onSubmit={(event) => {
          event.preventDefault();
          there.send(`?existing=keepBoth&name=${encodeURIComponent(name.trim())}`);
        }}
      >
        <Field label="Name of the one from the file">
          <input
            className="field"
            required
            {...limits.NewVehicle.name}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <button type="submit" className="act2 w-full" disabled={there.busy}>
          Keep both
        </button>
      </form>
      <button type="button" className="lnk mt-4 min-h-11 w-full" onClick={there.leave}>
        Leave everything as it is
      </button>
    </Sheet>
  );
}

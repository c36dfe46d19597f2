import { useMutation, useQueryClient } from "@tanstack/react-query";
import { api, ask, basedOn, type Schemas } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { useSmallestShelf } from "../api/shelf";
import { count } from "../shared/format";
import { Pick } from "../shared/Pick";
import { Failed, Loading } from "../shared/States";
import type { ShelfTabProps } from "./tab";

type Part = Schemas["ProductPartView"];

/** The fewest products that do every task of this car safely, and what the others are for. */
export function SmallestTab({ vehicleId, shelf }: ShelfTabProps) {
  const smallest = useSmallestShelf(vehicleId);
  if (smallest.isError) {
    return <Failed error={smallest.error} again={() => smallest.refetch()} />;
  }
  if (!smallest.data) {
    return <Loading what="Looking for the fewest products" />;
  }
  const { products, lacking } = smallest.data;
  const needed = products.filter((known) => known.role === "needed");
  const redundant = products.filter((known) => known.role === "redundant");
  const useless = products.filter((known) => known.role === "useless");
  return (
    <div className="grid gap-x-12 px-4 pt-5 pb-8 desk:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)] desk:px-[26px]">
      <section>
        <h2 className="text-26">
          {needed.length === 0
            ? "No product is needed"
            : `${count(needed.length, "product")} ${needed.length === 1 ? "does" : "do"} what can be done`}
        </h2>
        <p className="mt-1 mb-4 max-w-[60ch] text-16 text-soft">
          The fewest of your products that do every task of this car safely, with water from the
          tap. Worked out exactly: no smaller set does it.
        </p>
        <ul>
          {needed.map((part) => (
            <PartRow
              key={part.productId}
              part={part}
              jobs={part.adds}
              lead="Nothing else here does:"
            />
          ))}
        </ul>
        {lacking.length > 0 && (
          <section className="mt-6 border-t-[1.5px] border-ink pt-3">
            <h3 className="text-20">To buy for this car</h3>
            <ul className="mt-1">
              {lacking.map((item) => (
                <li key={item.class} className="border-t border-hairline py-2 text-16">
                  <b>{item.name}</b> <span className="text-soft">{item.why}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </section>
      <section className="max-desk:mt-8">
        <School shelf={shelf} vehicleId={vehicleId} />
        <h3 className="text-20">Others do the same</h3>
        {redundant.length === 0 && <p className="mt-1 text-16 text-soft">None.</p>}
        <ul className="mb-6">
          {redundant.map((part) => (
            <PartRow key={part.productId} part={part} jobs={part.does} lead="Would also do:" />
          ))}
        </ul>
        <h3 className="text-20">Nothing to do in this car</h3>
        {useless.length === 0 && <p className="mt-1 text-16 text-soft">None.</p>}
        <ul>
          {useless.map((part) => (
            <PartRow key={part.productId} part={part} jobs={[]} lead="" />
          ))}
        </ul>
      </section>
    </div>
  );
}

function PartRow({ part, jobs, lead }: { part: Part; jobs: string[]; lead: string }) {
  return (
    <li className="border-t border-hairline py-2">
      <p className="text-16">
        <b>{part.name}</b> <span className="text-14 text-soft">{part.className}</span>
      </p>
      {jobs.length > 0 && (
        <p className="text-14 leading-[1.4] text-soft">
          {lead} <span className="text-ink">{jobs.join("; ")}</span>
        </p>
      )}
    </li>
  );
}

/** Few products or one for each material; the choice counts in every session. */
function School({ shelf, vehicleId }: SchoolProps) {
  const queries = useQueryClient();
  const change = useMutation({
    mutationFn: (productSchool: Schemas["ProductSchool"]) =>
      ask(
        api.PUT("/api/shelf/kit", {
          headers: basedOn(shelf.kitVersion),
          body: { ...shelf.kit, productSchool },
        }),
      ),
    onSettled: async () => {
      await refresh(queries, keys.shelf);
      await refresh(queries, keys.car(vehicleId));
    },
  });
  return (
    <div className="mb-6">
      <Pick
        label="In a session, work with"
        value={shelf.kit.productSchool ?? "fewProducts"}
        options={[
          { value: "fewProducts", label: "Few products" },
          { value: "onePerMaterial", label: "The gentlest for each" },
        ]}
        onChange={(value) => change.mutate(value as Schemas["ProductSchool"])}
        error={change.error?.message}
      />
      <p className="-mt-2 text-14 text-soft">
        Few: less to fetch and to buy. The gentlest for each material: more bottles, less wear. Cove
        starts with few.
      </p>
    </div>
  );
}

type SchoolProps = { shelf: ShelfTabProps["shelf"]; vehicleId: string };

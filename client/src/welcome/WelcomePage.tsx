import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useId, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, ask, type NewVehicle, Problem } from "../api/client";
import { Choice } from "../shared/Choice";
import { Field } from "../shared/Field";
import { Mark } from "../shared/icons";
import { Failed, Loading } from "../shared/States";
import { Pick } from "./Pick";

const MATERIALS: Record<string, string> = {
  wovenFabric: "Woven fabric",
  fabricWithMicrosuede: "Fabric with microsuede inserts",
  coatedLeather: "Leather",
  syntheticLeather: "Synthetic leather",
};

const MATS = { rubber: "Rubber", pile: "Carpet", none: "None" };

const FIRST: NewVehicle = {
  name: "",
  description: "",
  body: "hatchback",
  rows: 2,
  driverSide: "right",
  seatMaterial: "wovenFabric",
  frontMats: "rubber",
  rearMats: "rubber",
  glossTrim: false,
  tintedRear: false,
  childSeats: 0,
  kilometresAWeek: 240,
  look: "livedIn",
};

/** First use: a few answers from which Cove draws the cabin and sets its levels. */
export function WelcomePage() {
  const choices = useQuery({
    queryKey: ["choices"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles/choices", { signal })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const vehicles = useQuery({
    queryKey: ["vehicles"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
  });
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [wish, setWish] = useState(FIRST);
  const [distance, setDistance] = useState(String(FIRST.kilometresAWeek));
  const add = useMutation({
    mutationFn: () =>
      ask(api.POST("/api/vehicles", { body: { ...wish, kilometresAWeek: Number(distance) } })),
    onSuccess: async (vehicle) => {
      await queries.invalidateQueries({ queryKey: ["vehicles"] });
      navigate(`/cars/${vehicle.id}/today`);
    },
  });
  if (choices.isError) {
    return (
      <div className="flex min-h-dvh">
        <Failed error={choices.error} again={() => choices.refetch()} />
      </div>
    );
  }
  if (!choices.data) {
    return (
      <div className="flex min-h-dvh">
        <Loading what="Unrolling the paper" />
      </div>
    );
  }
  const set = (change: Partial<NewVehicle>) => setWish((old) => ({ ...old, ...change }));
  const body = choices.data.bodies.find((one) => one.body === wish.body);
  const errors = add.error instanceof Problem ? add.error.errors : {};
  const first = vehicles.data?.length === 0;
  return (
    <main className="mx-auto max-w-[880px] px-5 pt-8 pb-16">
      <div className="mb-6 flex items-center gap-4">
        <Mark size={48} />
        {!first && vehicles.data && (
          <Link to="/" className="lnk ml-auto">
            Back to your car
          </Link>
        )}
      </div>
      <h1 className="text-34">{first ? "Welcome. Which car is it?" : "Another car"}</h1>
      <p className="mt-2 mb-7 max-w-[60ch] text-17 text-soft">
        A few answers are enough: Cove draws the cabin, knows what each surface needs, and tells you
        what is worth doing in the minutes you have. Everything stays on this device.
      </p>
      <form
        className="grid gap-x-10 desk:grid-cols-2"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        <div>
          <Field label="What do you call it?" error={errors.name?.[0]}>
            <input
              className="field"
              maxLength={60}
              value={wish.name}
              onChange={(event) => set({ name: event.target.value })}
            />
          </Field>
          <Field label="Year and body, if you like" error={errors.description?.[0]}>
            <input
              className="field"
              maxLength={120}
              value={wish.description ?? ""}
              onChange={(event) => set({ description: event.target.value })}
            />
          </Field>
          <Labelled label="Body">
            <Choice
              label="Body"
              value={wish.body}
              options={choices.data.bodies.map((one) => ({ value: one.body, label: one.name }))}
              onChange={(value) => {
                const next = choices.data.bodies.find((one) => one.body === value);
                if (next) {
                  const rows = next.allowedRows.includes(wish.rows)
                    ? wish.rows
                    : (next.allowedRows[0] ?? 2);
                  set({ body: next.body, rows, ...(rows === 1 ? { childSeats: 0 } : {}) });
                }
              }}
            />
          </Labelled>
          {body && body.allowedRows.length > 1 && (
            <Pick
              label="Rows of seats"
              error={errors.rows?.[0]}
              value={String(wish.rows)}
              options={body.allowedRows.map((rows) => ({
                value: String(rows),
                label: String(rows),
              }))}
              onChange={(value) => set({ rows: Number(value) })}
            />
          )}
          <Pick
            label="The driver sits on the"
            value={wish.driverSide}
            options={[
              { value: "left", label: "Left" },
              { value: "right", label: "Right" },
            ]}
            onChange={(value) => set({ driverSide: value as NewVehicle["driverSide"] })}
          />
          <Labelled label="Seats">
            <Choice
              label="Seats"
              value={wish.seatMaterial}
              options={choices.data.seatMaterials.map((one) => ({
                value: one,
                label: MATERIALS[one] ?? one,
              }))}
              onChange={(value) => set({ seatMaterial: value as NewVehicle["seatMaterial"] })}
            />
          </Labelled>
        </div>
        <div>
          <Pick
            label="Mats in front"
            value={wish.frontMats}
            options={Object.entries(MATS).map(([value, label]) => ({ value, label }))}
            onChange={(value) => set({ frontMats: value as NewVehicle["frontMats"] })}
          />
          {wish.rows > 1 && (
            <Pick
              label="Mats behind"
              value={wish.rearMats}
              options={Object.entries(MATS).map(([value, label]) => ({ value, label }))}
              onChange={(value) => set({ rearMats: value as NewVehicle["rearMats"] })}
            />
          )}
          <Pick
            label="Gloss-black trim"
            value={wish.glossTrim ? "yes" : "no"}
            options={YES_NO}
            onChange={(value) => set({ glossTrim: value === "yes" })}
          />
          <Pick
            label="Tint film on the rear panes"
            value={wish.tintedRear ? "yes" : "no"}
            options={YES_NO}
            onChange={(value) => set({ tintedRear: value === "yes" })}
          />
          {wish.rows > 1 && (
            <Pick
              label="Child seats"
              value={String(wish.childSeats ?? 0)}
              options={["0", "1", "2", "3"].map((one) => ({ value: one, label: one }))}
              onChange={(value) => set({ childSeats: Number(value) })}
            />
          )}
          <Field label="Kilometres a week" error={errors.kilometresAWeek?.[0]}>
            <input
              className="field"
              type="number"
              min="0"
              max="10000"
              step="any"
              required
              value={distance}
              onChange={(event) => setDistance(event.target.value)}
            />
          </Field>
          <Pick
            label="How does it look inside today?"
            value={wish.look}
            options={[
              { value: "fresh", label: "Just cleaned" },
              { value: "livedIn", label: "Lived in" },
              { value: "overdue", label: "Overdue" },
            ]}
            onChange={(value) => set({ look: value as NewVehicle["look"] })}
          />
        </div>
        <div className="desk:col-span-2">
          {add.error && Object.keys(errors).length === 0 && (
            <p role="alert" className="mb-3 text-16 text-coral">
              {add.error.message}
            </p>
          )}
          <button
            type="submit"
            className="act min-h-[54px] max-desk:w-full"
            disabled={add.isPending}
          >
            Draw the cabin
          </button>
        </div>
      </form>
    </main>
  );
}

const YES_NO = [
  { value: "yes", label: "Yes" },
  { value: "no", label: "No" },
];

function Labelled({ label, children }: { label: string; children: React.ReactNode }) {
  const id = useId();
  return (
    <div className="mb-4" role="group" aria-labelledby={id}>
      <p id={id} className="mb-1 text-16 font-semibold">
        {label}
      </p>
      {children}
    </div>
  );
}

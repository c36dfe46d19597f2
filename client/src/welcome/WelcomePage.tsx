import { useMutation, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { useCabinPreview, useChoices } from "../api/car";
import { api, ask, type Choices, type Layout, type NewVehicle, Problem } from "../api/client";
import { keys } from "../api/keys";
import { useVehicles } from "../api/queries";
import { refresh } from "../api/refresh";
import { CabinSketch } from "../builder/CabinSketch";
import { LayoutForm } from "../builder/LayoutForm";
import { NameFields } from "../builder/NameFields";
import { ImportVehicle } from "../car/ImportVehicle";
import { within } from "../shared/format";
import { Mark } from "../shared/icons";
import { Pick } from "../shared/Pick";
import { Failed, Loading } from "../shared/States";
import { WeeklyDistance } from "./WeeklyDistance";

/** First use: a few answers from which Cove draws the cabin and sets its levels. */
export function WelcomePage() {
  const choices = useChoices();
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
        <Loading what="Loading" />
      </div>
    );
  }
  return <Welcome choices={choices.data} />;
}

function Welcome({ choices }: { choices: Choices }) {
  const vehicles = useVehicles();
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [names, setNames] = useState({ name: "", description: "" });
  const [look, setLook] = useState<NewVehicle["look"]>("livedIn");
  const [distance, setDistance] = useState(choices.referenceUse.kilometresAWeek ?? 0);
  const [layout, setLayout] = useState<Layout>(() => choices.bodies[0]?.usual ?? ({} as Layout));
  const fitted = useCabinPreview(layout).data?.use;
  const add = useMutation({
    mutationFn: () =>
      ask(
        api.POST("/api/vehicles", {
          body: { ...names, layout, use: { kilometresAWeek: distance }, look },
        }),
      ),
    onSuccess: async (vehicle) => {
      await refresh(queries, keys.vehicles);
      navigate(`/cars/${vehicle.id}/today`);
    },
  });
  const errors = add.error instanceof Problem ? add.error.errors : {};
  const first = vehicles.data?.length === 0;
  const form = (part: "frame" | "cabin" | "fittings") => (
    <LayoutForm
      choices={choices}
      layout={layout}
      onChange={setLayout}
      errors={within(errors, "layout.")}
      part={part}
    />
  );
  return (
    <main className="mx-auto max-w-[1120px] px-5 pt-8 pb-16">
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
        className="grid gap-x-10 desk:grid-cols-[1fr_1fr_1.25fr]"
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        <div>
          <NameFields names={names} onChange={setNames} errors={errors} />
          {form("frame")}
        </div>
        <div>{form("cabin")}</div>
        <div>
          <div className="desk:sticky desk:top-6">
            <CabinSketch layout={layout} />
            <div className="mt-5">
              <WeeklyDistance
                kilometres={distance}
                onChange={setDistance}
                error={errors["use.kilometresAWeek"]?.[0]}
              />
              {fitted && <p className="mb-3 text-14 text-soft">{fitted}</p>}
              <Pick
                label="How does it look inside today?"
                value={look}
                options={[
                  { value: "fresh", label: "Just cleaned" },
                  { value: "livedIn", label: "Lived in" },
                  { value: "overdue", label: "Overdue" },
                ]}
                onChange={(value) => setLook(value as NewVehicle["look"])}
              />
            </div>
            {add.error && Object.keys(errors).length === 0 && (
              <p role="alert" className="mb-3 text-16 text-coral">
                {add.error.message}
              </p>
            )}
            <button type="submit" className="act min-h-[54px] w-full" disabled={add.isPending}>
              Create my car
            </button>
          </div>
        </div>
        <details className="mt-6 border-t border-hairline pt-3 desk:col-span-3">
          <summary className="min-h-11 cursor-pointer py-2 text-17 font-semibold">
            More about the cabin: wheel, dash, screens, floor, roof
          </summary>
          <div className="mt-3 grid gap-x-10 desk:grid-cols-3 [&>div]:break-inside-avoid">
            {form("fittings")}
          </div>
        </details>
      </form>
      <div className="mt-6 border-t border-hairline pt-5">
        <ImportVehicle onAdded={(id) => navigate(`/cars/${id}/today`)} />
      </div>
    </main>
  );
}

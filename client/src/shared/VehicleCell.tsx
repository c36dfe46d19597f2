import { useQuery } from "@tanstack/react-query";
import { useLocation, useNavigate } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { Choice } from "./Choice";

const ADD = "add";

/** The vehicle in the title strip; with it one changes to another, or adds one. */
export function VehicleCell({ vehicle }: { vehicle: Schemas["VehicleView"] }) {
  const navigate = useNavigate();
  const place = useLocation().pathname.split("/").at(-1);
  const vehicles = useQuery({
    queryKey: ["vehicles"],
    queryFn: ({ signal }) => ask(api.GET("/api/vehicles", { signal })),
  });
  const all = vehicles.data ?? [vehicle];
  return (
    <Choice
      plain
      label="Vehicle"
      value={vehicle.id}
      options={[
        ...all.map((one) => ({
          value: one.id,
          label: one.description ? `${one.name}, ${one.description}` : one.name,
        })),
        { value: ADD, label: "Add a vehicle" },
      ]}
      onChange={(id) => navigate(id === ADD ? "/welcome" : `/cars/${id}/${place}`)}
    />
  );
}

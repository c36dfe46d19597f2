import { useMutation } from "@tanstack/react-query";
import { api, ask, type Choices, type Layout, type Schemas } from "../api/client";
import { Choice } from "../shared/Choice";
import { Labelled } from "../shared/Labelled";
import { Pick } from "../shared/Pick";

type Props = {
  choices: Choices;
  layout: Layout;
  onChange: (layout: Layout) => void;
  /** What is wrong, by the name of the field. */
  errors: Record<string, string[]>;
  /** Which part of the answers to ask for. */
  part: "frame" | "cabin" | "fittings";
};

const YES_NO = [
  { value: "yes", label: "Yes" },
  { value: "no", label: "No" },
];

/** The answers from which a cabin is drawn. What can be chosen, and with what, comes from the server. */
export function LayoutForm({ choices, layout, onChange, errors, part }: Props) {
  // What follows from another body or other rows, the server says.
  const remake = useMutation({
    mutationFn: (change: Schemas["LayoutChange"]) =>
      ask(api.POST("/api/vehicles/layout", { body: change })),
    onSuccess: onChange,
  });
  const set = (change: Partial<Layout>) => onChange({ ...layout, ...change });
  const body = choices.bodies.find((option) => option.body === layout.body);
  const rows = rowsOf(layout);
  const names = new Map(choices.materialNames.map((name) => [name.value, name.name]));
  const finishes = new Map(choices.finishNames.map((option) => [option.value, option.name]));

  const count = (label: string, field: keyof Layout, from: number, to: number) => (
    <Pick
      label={label}
      error={errors[field]?.[0]}
      value={String(layout[field] ?? from)}
      options={Array.from({ length: to - from + 1 }, (_, index) => String(from + index)).map(
        (option) => ({ value: option, label: option }),
      )}
      onChange={(value) => set({ [field]: Number(value) })}
    />
  );
  const yesNo = (label: string, field: keyof Layout) => (
    <Pick
      label={label}
      error={errors[field]?.[0]}
      value={layout[field] ? "yes" : "no"}
      options={YES_NO}
      onChange={(value) => set({ [field]: value === "yes" })}
    />
  );
  const material = (label: string, field: keyof Layout) => {
    const offered = choices.materials[field] ?? [];
    const options = offered.map((option) => ({
      value: option,
      label: names.get(option) ?? option,
    }));
    const value = String(layout[field] ?? offered[0]);
    const choose = (next: string) => set({ [field]: next });
    return offered.length > 3 ? (
      <Labelled label={label} error={errors[field]?.[0]}>
        <Choice label={label} value={value} options={options} onChange={choose} />
      </Labelled>
    ) : (
      <Pick
        label={label}
        error={errors[field]?.[0]}
        value={value}
        options={options}
        onChange={choose}
      />
    );
  };

  if (!body) {
    return null;
  }
  if (part === "frame") {
    return (
      <>
        <Labelled label="Body" error={errors.body?.[0] ?? remake.error?.message}>
          <Choice
            label="Body"
            value={layout.body}
            options={choices.bodies.map((option) => ({ value: option.body, label: option.name }))}
            onChange={(value) => remake.mutate({ layout, body: value as Layout["body"] })}
          />
        </Labelled>
        <Pick
          label="Size for its class"
          error={errors.size?.[0]}
          value={layout.size ?? "midSize"}
          options={[
            { value: "small", label: "Small" },
            { value: "midSize", label: "Mid-size" },
            { value: "large", label: "Large" },
          ]}
          onChange={(value) => set({ size: value as NonNullable<Layout["size"]> })}
        />
        {body.allowedRows.length > 1 && (
          <Pick
            label="Rows of seats"
            value={String(rows)}
            options={[...body.allowedRows]
              .sort()
              .map((option) => ({ value: String(option), label: String(option) }))}
            onChange={(value) => remake.mutate({ layout, rows: Number(value) })}
          />
        )}
        {body.mostSeatsInFront > 2 && count("Seats in front", "frontSeats", 2, 3)}
        {rows > 1 && body.mostSeatsBehind > 2 && count("Seats behind", "secondRowSeats", 2, 3)}
        {rows > 2 &&
          body.mostSeatsBehind > 2 &&
          count("Seats in the third row", "thirdRowSeats", 2, 3)}
        {body.allowedDoors.length > 1 && (
          <Pick
            label="Side doors"
            error={errors.doors?.[0]}
            value={String(layout.doors)}
            options={[...body.allowedDoors]
              .sort()
              .map((option) => ({ value: String(option), label: String(option) }))}
            onChange={(value) => set({ doors: Number(value) })}
          />
        )}
        <Pick
          label="The driver sits on the"
          error={errors.driverSide?.[0]}
          value={layout.driverSide}
          options={[
            { value: "left", label: "Left" },
            { value: "right", label: "Right" },
          ]}
          onChange={(value) => set({ driverSide: value as Layout["driverSide"] })}
        />
      </>
    );
  }
  if (part === "cabin") {
    return (
      <>
        {material("Seats", "seatMaterial")}
        {material("Mats in front", "frontMats")}
        {rows > 1 && material("Mats behind", "rearMats")}
        <Labelled label="Console trim" error={errors.trim?.[0]}>
          <Choice
            label="Console trim"
            value={layout.trim ?? "satin"}
            options={choices.trimFinishes.map((finish) => ({
              value: finish,
              label: finishes.get(finish) ?? finish,
            }))}
            onChange={(value) => set({ trim: value as NonNullable<Layout["trim"]> })}
          />
        </Labelled>
        {yesNo("Tint film on the panes behind", "tintedRear")}
        {rows > 1 && count("Child seats", "childSeats", 0, choices.mostChildSeats)}
        {rows > 1 && yesNo("A cover for an animal on the back seat", "petCover")}
      </>
    );
  }
  return (
    <>
      {material("Steering wheel and lever", "wheelMaterial")}
      {material("Dashboard", "dashMaterial")}
      {material("Roof lining", "headlinerMaterial")}
      {count("Screens", "screens", 0, choices.mostScreens)}
      {material("Lens over the instruments", "clusterMaterial")}
      {material("Fixed floor", "floor")}
      {body.hasBoot && material("Boot floor", "boot")}
      {yesNo("Glass in the roof", "sunroof")}
    </>
  );
}

function rowsOf(layout: Layout): number {
  return 1 + (layout.secondRowSeats > 0 ? 1 : 0) + ((layout.thirdRowSeats ?? 0) > 0 ? 1 : 0);
}

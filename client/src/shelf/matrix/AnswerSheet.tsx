import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { type Answer, api, ask, Problem, type Schemas, type ShelfChoices } from "../../api/client";
import { keys } from "../../api/keys";
import * as limits from "../../api/limits";
import { refresh } from "../../api/refresh";
import { useVerdict } from "../../api/shelf";
import { Choice } from "../../shared/Choice";
import { shortDay } from "../../shared/format";
import { Failed, Loading } from "../../shared/States";
import { VerdictWord } from "../../shared/Verdict";
import { InstructionButton } from "./InstructionButton";
import { JudgementView } from "./JudgementView";
import { SpotTestButton } from "./SpotTestButton";

type Props = { vehicleId: string; productId: string; surfaceId: string; choices: ShelfChoices };
type Way = Omit<Schemas["NewQuestion"], "productId" | "surfaceId">;

const CIRCUMSTANCES = [
  { key: "hot", name: "Hot, or in the sun" },
  { key: "closed", name: "Doors shut" },
  { key: "unclean", name: "Not dusted yet" },
  { key: "damp", name: "Still damp" },
] as const;

/** Why a product may or may not touch a surface, and what changes the answer. */
export function AnswerSheet({ vehicleId, productId, surfaceId, choices }: Props) {
  const [way, setWay] = useState<Way>({});
  const question = { productId, surfaceId, ...way };
  const answer = useVerdict(vehicleId, question);
  if (answer.isError && !(answer.error instanceof Problem && answer.error.errors.strength)) {
    return <Failed error={answer.error} again={() => answer.refetch()} />;
  }
  if (!answer.data) {
    return answer.isError ? (
      <p role="alert" className="p-[22px] text-coral">
        {answer.error.message}
      </p>
    ) : (
      <Loading what="Loading" />
    );
  }
  const told = answer.data;
  return (
    <div className="pb-6 desk:px-[22px] desk:pt-5">
      <h2 className="text-[22px]">{told.productName}</h2>
      <p className="mt-1 text-16">
        on <b>{told.surfaceName}</b>
        <span className="text-soft">{told.about.length > 0 && ` · ${told.about.join(" · ")}`}</span>
      </p>
      <p className="mt-3 mb-2" role="status">
        <VerdictWord verdict={told.judgement.verdict} large />
      </p>
      <JudgementView judgement={told.judgement} />
      <section className="mt-4 border-t border-hairline pt-3">
        <h3 className="mb-2 text-17">How it goes on</h3>
        <div className="grid gap-2 [&_button]:text-14">
          <Choice
            label="How it is put on"
            value={told.application}
            options={choices.ways.map((known) => ({ value: known.application, label: known.name }))}
            onChange={(application) =>
              setWay({ ...way, application: application as Schemas["Application"] })
            }
          />
          <Choice
            label="With which tool"
            value={told.tool}
            options={choices.workTools.map((known) => ({ value: known.tool, label: known.name }))}
            onChange={(tool) => setWay({ ...way, tool: tool as Schemas["Tool"] })}
          />
        </div>
        <StrengthField
          key={told.strength}
          told={told}
          onSay={(strength) => setWay({ ...way, strength })}
        />
        <div className="mt-2 grid grid-cols-2 gap-x-3">
          {CIRCUMSTANCES.map(({ key, name }) => (
            <label key={key} className="flex min-h-9 items-center gap-2 text-14">
              <input
                type="checkbox"
                className="size-[18px] accent-[var(--ink)]"
                checked={way[key] ?? false}
                onChange={(event) => setWay({ ...way, [key]: event.target.checked })}
              />
              {name}
            </label>
          ))}
        </div>
      </section>
      <Records vehicleId={vehicleId} told={told} />
      <div className="mt-4 grid gap-2">
        <SpotTestButton
          vehicleId={vehicleId}
          productId={productId}
          surfaceId={surfaceId}
          told={told}
        />
        <InstructionButton
          vehicleId={vehicleId}
          productId={productId}
          surfaceId={surfaceId}
          told={told}
        />
      </div>
    </div>
  );
}

function StrengthField({ told, onSay }: { told: Answer; onSay: (strength: string) => void }) {
  const [text, setText] = useState(told.strength);
  return (
    <form
      className="mt-2 flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onSay(text);
      }}
    >
      <input
        className="field !w-24"
        aria-label="Strength, such as 1:8 or 2 %"
        {...limits.NewQuestion.strength}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => text !== told.strength && onSay(text)}
      />
      <span className="text-14 text-soft">{told.strengthInWords}</span>
    </form>
  );
}

function Records({ vehicleId, told }: { vehicleId: string; told: Answer }) {
  const queries = useQueryClient();
  const withdraw = useMutation({
    mutationFn: (instructionId: string) =>
      ask(api.DELETE("/api/instructions/{instructionId}", { params: { path: { instructionId } } })),
    onSettled: () => refresh(queries, keys.car(vehicleId)),
  });
  if (told.tests.length + told.instructions.length === 0) {
    return null;
  }
  return (
    <section className="mt-4 border-t border-hairline pt-3">
      <h3 className="mb-1 text-17">On record</h3>
      <ul className="text-14">
        {told.tests.map((test) => (
          <li key={test.at} className="py-1">
            <b>{test.passed ? "Passed" : "Failed"}</b> a spot test at {test.strength},{" "}
            {shortDay(test.at)}
          </li>
        ))}
        {told.instructions.map((instruction) => (
          <li key={instruction.id} className="flex items-baseline gap-3 py-1">
            <span className="flex-1">
              The maker <b>{instruction.allows ? "allows" : "forbids"}</b> it: {instruction.note}{" "}
              <span className="text-soft">({shortDay(instruction.at)})</span>
            </span>
            <button
              type="button"
              className="lnk min-h-6"
              disabled={withdraw.isPending}
              onClick={() => withdraw.mutate(instruction.id)}
            >
              Take back
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

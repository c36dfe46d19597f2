import { useMutation, useQueryClient } from "@tanstack/react-query";
import { RadioGroup } from "radix-ui";
import { useSchools } from "../api/car";
import { api, ask, basedOn, type School } from "../api/client";
import { keys } from "../api/keys";
import { refresh } from "../api/refresh";
import { Failed, Loading } from "../shared/States";

/** The questions on which sound practice differs: the owner picks, and everything follows at once. */
export function SchoolsTab() {
  const queries = useQueryClient();
  const schools = useSchools();
  const choose = useMutation({
    mutationFn: ({ id, choice, version }: { id: string; choice: string; version: number }) =>
      ask(
        api.PUT("/api/schools/{schoolId}", {
          params: { path: { schoolId: id } },
          headers: basedOn(version),
          body: { choice },
        }),
      ),
    onSuccess: async (next) => {
      queries.setQueryData(keys.schools, next);
      await Promise.all([refresh(queries, keys.cars), refresh(queries, keys.shelf)]);
    },
    onError: () => refresh(queries, keys.schools),
  });
  if (schools.isError) {
    return <Failed error={schools.error} again={() => schools.refetch()} />;
  }
  if (!schools.data) {
    return <Loading what="Loading" />;
  }
  const { version } = schools.data;
  return (
    <div className="px-4 pt-5 pb-10 desk:px-[26px]">
      <h2 className="text-26">Ways of working</h2>
      <p className="mt-1 mb-5 max-w-[68ch] text-16 text-soft">
        Sound practice differs on these. What you pick here holds for all your cars and changes
        methods, products and order everywhere at once. It never overrules a verdict.
      </p>
      {choose.isError && (
        <p role="alert" className="mb-4 text-16 text-coral">
          {choose.error.message}
        </p>
      )}
      <div className="grid gap-x-12 desk:grid-cols-2">
        {schools.data.schools.map((school) => (
          <Question
            key={school.id}
            school={school}
            busy={choose.isPending}
            onChoose={(choice) => choose.mutate({ id: school.id, choice, version })}
          />
        ))}
      </div>
    </div>
  );
}

type QuestionProps = { school: School; busy: boolean; onChoose: (choice: string) => void };

function Question({ school, busy, onChoose }: QuestionProps) {
  const title = `school-${school.id}`;
  const own = school.choices.find((choice) => choice.id === school.default)?.name;
  return (
    <section className="border-t-[1.5px] border-ink pt-3 pb-6">
      <h3 id={title} className="text-20">
        {school.question}
      </h3>
      <RadioGroup.Root
        aria-labelledby={title}
        value={school.chosen}
        disabled={busy}
        onValueChange={onChoose}
        className="mt-2"
      >
        {school.choices.map((choice) => {
          const id = `${title}-${choice.id}`;
          return (
            <div
              key={choice.id}
              className="grid grid-cols-[32px_1fr] items-start border-t border-hairline first:border-t-0"
            >
              <RadioGroup.Item
                id={id}
                value={choice.id}
                className="mt-2.5 size-6 rounded-full border-[1.5px] border-ink"
              >
                <RadioGroup.Indicator className="mx-auto block size-3 rounded-full bg-ink" />
              </RadioGroup.Item>
              <label htmlFor={id} className="block min-h-11 cursor-pointer py-2">
                <b className="text-16 font-semibold">{choice.name}</b>
                <span className="block text-14">{choice.means}</span>
                <span className="block text-14 text-soft">For it: {choice.reason}</span>
              </label>
            </div>
          );
        })}
      </RadioGroup.Root>
      <p className="mt-1 text-14">
        <b className="font-semibold">Cove starts from “{own}”.</b> {school.whyDefault}
      </p>
      <p className="text-14 text-soft">Changes: {lower(school.changes)}</p>
    </section>
  );
}

function lower(sentence: string): string {
  return sentence.charAt(0).toLowerCase() + sentence.slice(1);
}

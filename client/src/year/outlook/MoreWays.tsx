import { useSchools } from "../../api/car";
import type { Schemas } from "../../api/client";
import { Choice } from "../../shared/Choice";

type Props = {
  asked: Schemas["SchoolTrial"] | null;
  onChange: (asked: Schemas["SchoolTrial"] | null) => void;
};

/** Another answer to one of the questions on which sound practice differs. */
export function MoreWays({ asked, onChange }: Props) {
  const schools = useSchools().data?.schools ?? [];
  return (
    <details className="border-b border-hairline">
      <summary className="min-h-11 cursor-pointer py-2.5 text-14">How you work</summary>
      {schools.map((school) => (
        <div key={school.id} className="border-t border-hairline py-1.5 text-14">
          <span className="block">{school.question}</span>
          <Choice
            plain
            label={school.question}
            value={asked?.school === school.id ? asked.choice : school.chosen}
            options={school.choices.map((choice) => ({ value: choice.id, label: choice.name }))}
            onChange={(choice) =>
              onChange(choice === school.chosen ? null : { school: school.id, choice })
            }
          />
        </div>
      ))}
    </details>
  );
}

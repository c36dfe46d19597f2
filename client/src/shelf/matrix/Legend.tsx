import { VerdictWord } from "../../shared/Verdict";

/** What the four shapes say. */
export function Legend() {
  return (
    <ul className="flex flex-wrap items-center gap-x-7 gap-y-1 px-4 pt-4 text-13 desk:px-[26px]">
      <li className="flex items-center gap-2">
        <VerdictWord verdict="good" /> <span className="text-soft">as it stands</span>
      </li>
      <li className="flex items-center gap-2">
        <VerdictWord verdict="withCare" /> <span className="text-soft">with the changes named</span>
      </li>
      <li className="flex items-center gap-2">
        <VerdictWord verdict="testFirst" /> <span className="text-soft">on a hidden spot</span>
      </li>
      <li className="flex items-center gap-2">
        <VerdictWord verdict="keepOff" /> <span className="text-soft">it harms</span>
      </li>
    </ul>
  );
}

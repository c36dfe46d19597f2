import { CautionMark } from "./icons";

/** One sentence to beware of, never in a box. */
export function Caution({ children, large = false }: { children: string; large?: boolean }) {
  return (
    <p
      className={`caution ${large ? "text-17 leading-[1.28] font-medium" : "text-14 leading-[1.3]"}`}
    >
      <CautionMark size={large ? 22 : 18} />
      <span>{children}</span>
    </p>
  );
}

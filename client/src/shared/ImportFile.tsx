import { useMutation } from "@tanstack/react-query";
import { type ReactNode, useRef, useState } from "react";
import { ask, Problem } from "../api/client";
import { sendOnce } from "../api/resend";

const MOST_SHOWN = 20;

/** A file of something that is here already, and what can be done about it. */
export type There = {
  sentence: string;
  busy: boolean;
  send: (answer: string) => void;
  leave: () => void;
};

type Props<T> = {
  /** Where the file is sent. */
  to: string;
  type: string;
  accept: string;
  label: string;
  button: string;
  /** The end of the address when a file is first sent. */
  asking?: string;
  /** What follows once the server has taken it. */
  onTaken: (answer: T) => Promise<void>;
  /** How to name what is wrong and where. */
  flaw: (field: string, sentence: string) => string;
  /** Asks what to do when what is in the file is here already; the answer goes to the end of the address. */
  whenThere?: (there: There) => ReactNode;
  /** What to say of a file that was taken. */
  taken?: (answer: T) => string;
  children?: ReactNode;
};

/** Takes a file and sends it as it is, so that the lines the server names are those of the file. */
export function ImportFile<T>(props: Props<T>) {
  const input = useRef<HTMLInputElement>(null);
  // While the answer to it is on its way, the question stands.
  const [question, setQuestion] = useState<string | null>(null);
  const bring = useMutation({
    mutationFn: ({ file, answer }: Sent) =>
      ask(send<T>(`${props.to}${answer ?? props.asking ?? ""}`, props.type, file)),
    onSuccess: (answer) => {
      setQuestion(null);
      return props.onTaken(answer);
    },
    onError: (error) =>
      setQuestion(
        props.whenThere && error instanceof Problem && error.status === 409 ? error.message : null,
      ),
  });
  const sent = bring.variables;
  const flaws =
    bring.error instanceof Problem
      ? Object.entries(bring.error.errors).flatMap(([field, sentences]) =>
          sentences.map((sentence) => props.flaw(field, sentence)),
        )
      : [];
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={props.accept}
        className="sr-only"
        tabIndex={-1}
        aria-label={props.label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = "";
          if (file) {
            bring.mutate({ file });
          }
        }}
      />
      <button
        type="button"
        className="act2"
        disabled={bring.isPending}
        onClick={() => input.current?.click()}
      >
        {props.button}
      </button>
      {props.children}
      {bring.isSuccess && props.taken && (
        <p role="status" className="basis-full text-16 text-kelp">
          {props.taken(bring.data)}
        </p>
      )}
      {sent &&
        question !== null &&
        props.whenThere?.({
          sentence: question,
          busy: bring.isPending,
          send: (answer) => bring.mutate({ file: sent.file, answer }),
          leave: () => {
            setQuestion(null);
            bring.reset();
          },
        })}
      {bring.error && question === null && (
        <div role="alert" className="mt-3 basis-full text-16 text-coral">
          <p className="font-semibold">{bring.error.message}</p>
          {flaws.length > 1 && (
            <ul className="mt-2 text-14">
              {flaws.slice(0, MOST_SHOWN).map((flaw) => (
                <li key={flaw}>{flaw}</li>
              ))}
            </ul>
          )}
        </div>
      )}
    </>
  );
}

type Sent = { file: File; answer?: string };

async function send<T>(to: string, type: string, file: File) {
  const response = await sendOnce(
    new Request(to, { method: "POST", headers: { "content-type": type }, body: file }),
  );
  const answer = await response.json();
  return response.ok ? { data: answer as T, response } : { error: answer as unknown, response };
}

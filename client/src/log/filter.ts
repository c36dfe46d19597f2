/** What is looked for in the log; an empty text asks for nothing. */
export type LogFilter = {
  text: string;
  kind: string;
  task: string;
  surface: string;
  product: string;
  from: string;
  until: string;
};

/** Nothing is looked for. */
export const NO_FILTER: LogFilter = {
  text: "",
  kind: "",
  task: "",
  surface: "",
  product: "",
  from: "",
  until: "",
};

import type { ComponentProps, ReactNode } from "react";
import { useParams } from "react-router";
import { Failed, Loading } from "./States";
import { Tabs } from "./Tabs";
import { TitleBlock } from "./TitleBlock";

type Query<T> = { data: T | undefined; error: Error | null; refetch: () => unknown };

type Tab<Props> = { path: string; name: string; Tab: (props: Props) => ReactNode };

type PageProps<Props, First, Second> = {
  /** The last part of its address, before the tab. */
  place: string;
  title: string;
  /** What the tabs are about, for those who cannot see them. */
  label: string;
  loading: string;
  tabs: [Tab<Props>, ...Tab<Props>[]];
  /** What has to be known before anything is shown. */
  needs: [Query<First>, Query<Second>];
  cells: (first: First, second: Second) => ComponentProps<typeof TitleBlock>["cells"];
  propsOf: (first: First, second: Second) => Props;
};

/** A page of a car whose parts are tabs with addresses of their own. */
export function TabbedPage<Props extends object, First, Second>({
  place,
  title,
  label,
  loading,
  tabs,
  needs: [first, second],
  cells,
  propsOf,
}: PageProps<Props, First, Second>) {
  const { vehicleId = "", tab } = useParams();
  const failed = [first, second].find((query) => query.error && !query.data);
  if (failed?.error) {
    return <Failed error={failed.error} again={() => failed.refetch()} />;
  }
  if (first.data === undefined || second.data === undefined) {
    return <Loading what={loading} />;
  }
  const shown = tabs.find((known) => known.path === tab) ?? tabs[0];
  return (
    <main className="flex flex-1 flex-col">
      <TitleBlock title={title} cells={cells(first.data, second.data)} />
      <Tabs label={label} base={`/cars/${vehicleId}/${place}`} tabs={tabs} shown={shown.path} />
      <shown.Tab key={vehicleId} {...propsOf(first.data, second.data)} />
    </main>
  );
}

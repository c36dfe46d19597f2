import { Link } from "react-router";
import { useRecordOfCare } from "../api/log";
import { dayOnPaper } from "../shared/format";
import { Mark } from "../shared/icons";
import { Empty, Failed, Loading } from "../shared/States";

/** The record of care: what was done to a car in all its time, to print for whoever takes it over. */
export function RecordPage({ vehicleId }: { vehicleId: string }) {
  const record = useRecordOfCare(vehicleId);
  if (record.isError) {
    return <Failed error={record.error} again={() => record.refetch()} />;
  }
  if (!record.data) {
    return <Loading what="Loading" />;
  }
  const { from, until, tasks, deepCleans, products } = record.data;
  const back = (
    <Link className="lnk" to={`/cars/${vehicleId}/log`}>
      Back to the log
    </Link>
  );
  if (!from || !until) {
    return (
      <Empty title="Nothing to hand over yet">
        <p>The record is made from your log. Finish a session first.</p>
        <p className="mt-6">{back}</p>
      </Empty>
    );
  }
  return (
    <main className="flex-1 bg-deep print:bg-transparent">
      <p className="no-print flex flex-wrap items-center gap-5 px-4 py-3 desk:px-[26px]">
        <button type="button" className="act" onClick={() => window.print()}>
          Print
        </button>
        {back}
        <span className="text-14 text-soft">
          For a buyer: no prices, no notes. A printer can also write a PDF.
        </span>
      </p>
      <article className="sheet">
        <header className="flex items-stretch border border-ink text-13 max-desk:flex-wrap print:flex-nowrap">
          <div className="flex items-center gap-2 border-r border-ink px-4 py-2">
            <Mark size={30} />
            <h1 className="text-26 whitespace-nowrap">Record of care</h1>
          </div>
          {[
            { label: "Vehicle", value: record.data.vehicle },
            { label: "On record", value: `${dayOnPaper(from)} to ${dayOnPaper(until)}` },
            { label: "Written", value: dayOnPaper(record.data.written) },
          ].map(({ label, value }) => (
            <div key={label} className="border-r border-hairline px-3 py-2 last:border-r-0">
              <span className="cap block">{label}</span>
              {value}
            </div>
          ))}
        </header>
        {record.data.description && (
          <p className="mt-3 text-16">
            {record.data.vehicle}, {record.data.description}.
          </p>
        )}
        <p className="mt-1 text-16">
          Cared for on <b className="font-semibold">{record.data.sessions}</b> days in this time.
          What is listed was logged by the owner when it was done; nobody else has checked it.
        </p>
        {deepCleans.length > 0 && (
          <section aria-labelledby="record-deep" className="mt-4">
            <h2 id="record-deep" className="text-20">
              Deep cleans
            </h2>
            <ul className="text-14">
              {deepCleans.map((deep) => (
                <li key={`${deep.day} ${deep.words}`} className="border-b border-hairline py-1">
                  {dayOnPaper(deep.day)}: {deep.words.toLowerCase()}
                  {deep.extracted ? ", cloth and pile extracted" : ""}
                </li>
              ))}
            </ul>
          </section>
        )}
        <section aria-labelledby="record-tasks" className="mt-4">
          <h2 id="record-tasks" className="text-20">
            What was done
          </h2>
          <table className="w-full text-14">
            <thead>
              <tr className="border-b border-ink">
                <th scope="col" className="cap py-1">
                  Task
                </th>
                <th scope="col" className="cap py-1 text-right">
                  Days
                </th>
                <th scope="col" className="cap py-1 text-right">
                  Last
                </th>
              </tr>
            </thead>
            <tbody>
              {tasks.map((task) => (
                <tr key={task.name} className="border-b border-hairline break-inside-avoid">
                  <th scope="row" className="py-[3px] font-normal">
                    {task.name}
                  </th>
                  <td className="py-[3px] text-right">{task.times}</td>
                  <td className="py-[3px] text-right whitespace-nowrap">{dayOnPaper(task.last)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        {products.length > 0 && (
          <section aria-labelledby="record-products" className="mt-4 break-inside-avoid">
            <h2 id="record-products" className="text-20">
              With what
            </h2>
            <p className="text-14">{products.join(" · ")}</p>
          </section>
        )}
      </article>
    </main>
  );
}

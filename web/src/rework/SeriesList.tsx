import { useQuery } from "@tanstack/react-query";
import { seriesListQuery } from "../api";
import type { Editor } from "../formula";
import { useFigures } from "../figures";

/** The series of trials that were made of the formula. */
export function SeriesList({ editor, onOpen }: { editor: Editor; onOpen: (id: number) => void }) {
  const figures = useFigures();
  const list = useQuery({ ...seriesListQuery(editor.id ?? 0), enabled: editor.id !== null });
  if (!list.data || list.data.length === 0) {
    return null;
  }
  return (
    <div className="pt-6 pb-16" data-testid="series-list">
      <h2 className="section-title">Series of this formula</h2>
      <table className="w-full max-w-2xl text-sm">
        <tbody>
          {list.data.map(({ id, name, madeAt, runs, filled }) => (
            <tr key={id} className="hairline border-t">
              <th scope="row" className="py-1 text-left font-normal">
                <button type="button" className="link" onClick={() => onOpen(id)}>
                  {name}
                </button>
              </th>
              <td className="soft px-3">{figures.date(madeAt)}</td>
              <td className="text-right">
                {filled} of {runs} runs filled in
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

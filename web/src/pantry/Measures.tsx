import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { Trash2 } from "lucide-react";
import { api, type MeasuresDocument, measuresQuery, type PantryDocument, taken } from "../api";
import { useFigures } from "../figures";
import { CsvExchange, Hint, ErrorNotice, IconButton } from "../parts";
import { OwnVessel } from "./OwnVessel";
import { WeighInForm } from "./WeighInForm";

/** The kitchen's own measures: vessels, and what weigh-ins have taught about them. */
export function Measures({ pantry }: { pantry: PantryDocument }) {
  const query = useQuery(measuresQuery);
  const queries = useQueryClient();
  const put = (document: MeasuresDocument) => queries.setQueryData(measuresQuery.queryKey, document);
  if (!query.data) {
    return <ErrorNotice error={query.error} />;
  }
  return (
    <div className="grid gap-x-12 gap-y-8 lg:grid-cols-2">
      <Learned document={query.data} pantry={pantry} onChange={put} />
      <Volumes document={query.data} onChange={put} />
    </div>
  );
}

interface LearnedProps {
  document: MeasuresDocument;
  pantry: PantryDocument;
  onChange: (document: MeasuresDocument) => void;
}

function Learned({ document, pantry, onChange }: LearnedProps) {
  const figures = useFigures();
  const remove = useMutation({
    mutationFn: (id: number) => taken(api.DELETE("/api/measures/weigh-ins/{id}", { params: { path: { id } } })),
    onSuccess: onChange,
  });
  const measureName = (code: string) => document.measures.find((each) => each.code === code)?.name ?? code;
  return (
    <section aria-label="Weigh-ins">
      <h2 className="section-title">
        Weigh
        <Hint term="weighIn" />
      </h2>
      <WeighInForm document={document} pantry={pantry} onChange={onChange} />
      <p className="pb-2 text-sm" data-testid="flour-by-the-cup">
        A cup of flour weighs {figures.number(document.flourByTheCup.factor, 2)} times the book’s here, ±
        {figures.percent(100 * document.flourByTheCup.relativeSd)}
        {document.flourByTheCup.weighIns > 0
          ? `, from how you fill it and ${figures.number(document.flourByTheCup.weighIns, 0)} weighed.`
          : ", from how you fill it; one weighed cup of any flour teaches it for all."}
      </p>
      {document.calibrations.length === 0 ? (
        <p className="soft hairline mt-3 border-y py-8 text-center text-sm">
          No weigh-ins yet: the book’s measures count. Weigh a handful or a glass a few times, and its range shrinks.
        </p>
      ) : (
        <table className="mt-3 w-full text-sm">
          <thead>
            <tr className="soft text-left text-xs">
              <th className="pb-1 font-normal">measure</th>
              <th className="w-20 pb-1 text-right font-normal">one weighs</th>
              <th className="w-16 pb-1 text-right font-normal">±</th>
              <th className="pb-1 text-right font-normal">weigh-ins</th>
              <th className="pb-1 text-right font-normal">without them</th>
            </tr>
          </thead>
          <tbody>
            {document.calibrations.map((each) => (
              <tr
                key={`${each.measure} ${each.ingredient}`}
                className="hairline border-t"
                data-calibration={`${each.measure} ${each.ingredient}`}
              >
                <td className="py-1">
                  {measureName(each.measure)} of {each.ingredientName}
                </td>
                <td className="text-right font-semibold">{figures.mass(each.meanGrams)}</td>
                <td className="text-right whitespace-nowrap">{figures.mass(each.sdGrams)}</td>
                <td className="text-right">{each.count}</td>
                <td className="soft text-right">{each.typicalGrams == null ? "–" : figures.mass(each.typicalGrams)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {document.weighIns.length > 0 && (
        <details className="pt-3 text-sm">
          <summary className="soft cursor-pointer">All weigh-ins</summary>
          <ul className="max-h-72 overflow-y-auto pt-1">
            {document.weighIns.map((each) => (
              <li key={each.id} className="flex items-center gap-3">
                <span className="soft w-40">{figures.moment(each.weighedAt)}</span>
                <span className="flex-1">
                  {figures.number(each.count, 0)} × {measureName(each.measure)} of {each.ingredientName}
                </span>
                <span>{figures.mass(each.grams)}</span>
                <IconButton
                  quiet
                  label={`Delete the weigh-in of ${figures.moment(each.weighedAt)}`}
                  onClick={() => remove.mutate(each.id)}
                >
                  <Trash2 size={14} aria-hidden />
                </IconButton>
              </li>
            ))}
          </ul>
        </details>
      )}
      <ErrorNotice error={remove.error} />
    </section>
  );
}

function Volumes({
  document,
  onChange,
}: {
  document: MeasuresDocument;
  onChange: (document: MeasuresDocument) => void;
}) {
  const figures = useFigures();
  const volumes = document.measures.filter((each) => each.kind === "volume" && !["ml", "l"].includes(each.code));
  const remove = useMutation({
    mutationFn: (code: string) => taken(api.DELETE("/api/measures/vessels/{code}", { params: { path: { code } } })),
    onSuccess: onChange,
  });
  return (
    <section aria-label="Vessels">
      <div className="flex items-center">
        <h2 className="section-title flex-1">Cup, spoons, vessels</h2>
        <CsvExchange what="measures" />
      </div>
      <OwnVessel onChange={onChange} />
      <table className="mt-3 w-full text-sm">
        <thead>
          <tr className="soft text-left text-xs">
            <th className="pb-1 font-normal">measure</th>
            <th className="pb-1 text-right font-normal">holds</th>
            <th className="pb-1 text-right font-normal">usual error</th>
            <th className="pb-1 pl-5 font-normal">note</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {volumes.map((each) => (
            <tr key={each.code} className="hairline border-t">
              <td className="py-1">
                {each.name}
                {each.ownVessel && <span className="soft"> · our own</span>}
              </td>
              <td className="text-right">
                {each.millilitres == null
                  ? ""
                  : `${figures.number(each.millilitres, each.millilitres < 20 ? 1 : 0)} ml`}
                {each.bookMillilitres != null && each.bookMillilitres !== each.millilitres && (
                  <span className="soft block text-xs">book {figures.number(each.bookMillilitres, 0)}</span>
                )}
              </td>
              <td className="text-right">± {figures.percent(each.relativeSdPct)}</td>
              <td className="soft pl-5 text-xs">{each.code === "cup" ? "set under Kitchen" : each.notes}</td>
              <td className="text-right">
                {each.ownVessel && (
                  <IconButton quiet label={`Delete ${each.name}`} onClick={() => remove.mutate(each.code)}>
                    <Trash2 size={14} aria-hidden />
                  </IconButton>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <ErrorNotice error={remove.error} />
    </section>
  );
}

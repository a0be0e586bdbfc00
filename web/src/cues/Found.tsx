import { Info, TriangleAlert } from "lucide-react";
import type { Cue, CueFound } from "../api/client";

interface Props {
  found: readonly CueFound[];
  chosen: number | undefined;
  onChoose: (cue: number) => void;
  onMend: (cue: Cue) => void;
}

function summary(found: readonly CueFound[]): string {
  const wrong = found.filter(({ prevents }) => prevents).length;
  const rest = found.length - wrong;
  if (found.length === 0) return "Nothing has to be mended.";
  const mend = wrong === 0 ? "" : wrong === 1 ? "1 to mend" : `${wrong} to mend`;
  const know = rest === 0 ? "" : `${rest} to know`;
  return `${[mend, know].filter(Boolean).join(", ")}.`;
}

/** What was found in the list: what prevents a hand-over first, that of the chosen cue on top. */
export function Found({ found, chosen, onChoose, onMend }: Props) {
  const order = [
    ...found.filter(({ cue }) => cue === chosen),
    ...found.filter(({ cue }) => cue !== chosen),
  ];
  return (
    <section
      aria-label="What was found"
      className="flex max-h-[34%] shrink-0 flex-col border-t border-base-300"
    >
      <p role="status" className="px-3 py-1.5 text-sm font-medium">
        {summary(found)}
      </p>
      <ul className="min-h-0 overflow-y-auto">
        {order.slice(0, 60).map((one) => {
          const Icon = one.prevents ? TriangleAlert : Info;
          return (
            <li
              key={`${one.kind} ${one.cue} ${one.sentence}`}
              className="flex gap-2 border-t border-base-300 px-3 py-1.5 text-sm"
            >
              <Icon
                size={15}
                aria-hidden
                className={`mt-0.5 shrink-0 ${one.prevents ? "text-warning" : "text-info"}`}
              />
              <div className="min-w-0">
                <button
                  type="button"
                  className="cursor-pointer text-left"
                  onClick={() => onChoose(one.cue)}
                >
                  {one.sentence}
                </button>
                {one.mends.map((mend) => (
                  <button
                    key={mend.words}
                    type="button"
                    className="btn btn-xs my-0.5 mr-1 max-w-full"
                    onClick={() => onMend(mend.cue)}
                  >
                    <span className="truncate">{mend.words}</span>
                  </button>
                ))}
              </div>
            </li>
          );
        })}
        {order.length > 60 && (
          <li className="px-3 py-1.5 text-sm opacity-80">And {order.length - 60} more.</li>
        )}
      </ul>
    </section>
  );
}

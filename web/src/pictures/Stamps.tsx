import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { add } from "../document/add";
import { newPicture } from "../document/newPieces";

interface Props {
  packageId: number;
  onAdded: () => void;
  onProblem: (sentence: string) => void;
}

/** Ornaments that ship with Diaphan, put on the frame in white. */
export function Stamps({ packageId, onAdded, onProblem }: Props) {
  const queries = useQueryClient();
  const names = useQuery({
    queryKey: ["stamps"],
    queryFn: () => answer(api.GET("/api/stamps")),
    staleTime: Infinity,
  });
  const put = async (name: string) => {
    try {
      const picture = await answer(
        api.POST("/api/packages/{id}/stamps/{name}", { params: { path: { id: packageId, name } } }),
      );
      await queries.invalidateQueries({ queryKey: ["pictures", packageId] });
      add(
        (overlay) => ({
          ...newPicture(overlay, picture),
          name: words(name),
          tint: { kind: "one", colour: "#ffffff" },
        }),
        `Add ${name}`,
      );
      onAdded();
    } catch (e) {
      onProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <details className="shrink-0">
      <summary className="cursor-pointer text-xs opacity-80">Stamps</summary>
      <ul aria-label="Stamps" className="mt-1 grid grid-cols-5 gap-1">
        {(names.data ?? []).map((name) => (
          <li key={name}>
            <button
              type="button"
              className="flex h-11 w-full items-center justify-center rounded bg-[#a5a5a5] p-1 hover:outline-2 hover:outline-primary"
              aria-label={`Add the stamp ${words(name)}`}
              title={words(name)}
              onClick={() => void put(name)}
            >
              <img src={`/api/stamps/${name}.svg`} alt="" className="max-h-9 max-w-full" />
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
}

/** "arrow-swept" as "Arrow swept" */
function words(name: string): string {
  return name.charAt(0).toUpperCase() + name.slice(1).replaceAll("-", " ");
}

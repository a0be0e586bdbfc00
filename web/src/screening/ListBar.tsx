import { Choice } from "../ui/Choice";
import { TakeAway } from "../ui/TakeAway";

interface Props {
  /** Of the list that is screened; nothing for one that is not kept. */
  id: number | null;
  name: string;
  lists: readonly { id: number; name: string }[];
  /** Whether the overlay in hand can be screened alone. */
  hasOwn: boolean;
  onList: (id: number | null) => void;
  onNew: () => void;
  onKeep: () => void;
  onRemove: (id: number) => void;
}

/** Which list is screened, and what becomes of it. */
export function ListBar(props: Props) {
  const { id, name, lists, hasOwn, onList, onNew, onKeep, onRemove } = props;
  return (
    <div className="flex flex-wrap items-center gap-1 border-b border-base-300 px-3 py-1.5 text-sm">
      <Choice
        label="What is screened"
        value={id ?? 0}
        options={[
          ...(hasOwn || id === null ? ([[0, "This overlay alone"]] as const) : []),
          ...lists.map((one) => [one.id, one.name] as const),
        ]}
        onChange={(wanted) => onList(wanted === 0 ? null : wanted)}
      />
      <span className="flex-1" />
      <button type="button" className="btn btn-xs" onClick={onNew}>
        New cue list
      </button>
      {id === null ? (
        <button type="button" className="btn btn-xs" onClick={onKeep}>
          Keep this one
        </button>
      ) : (
        <TakeAway label={`Take ${name} away…`} onYes={() => onRemove(id)} />
      )}
    </div>
  );
}

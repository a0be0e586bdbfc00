import { useQuery } from "@tanstack/react-query";
import { answer, api, type MarkSettings } from "../api/client";
import { FolderPath } from "../deliver/DeliveryFolder";
import { Choice } from "../ui/Choice";
import { Typed } from "../ui/Typed";

interface Props {
  settings: MarkSettings;
  /** Where they are written as it is set. */
  folder: string;
  onChange: (settings: MarkSettings) => void;
}

/** What the files are, where they go and what they say. */
export function FilesSentence({ settings, folder: whole, onChange }: Props) {
  const formats = useQuery({
    queryKey: ["photograph-formats"],
    queryFn: () => answer(api.GET("/api/photograph-formats")),
    staleTime: Infinity,
  });
  const { credit } = settings;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer opacity-80">
        Files: {formats.data?.find(({ as }) => as === settings.as)?.words ?? ""},{" "}
        <FolderPath path={whole} />
      </summary>
      <div className="grid gap-x-6 gap-y-2 py-2 md:grid-cols-2">
        <div>
          <p className="leading-7">
            Written as{" "}
            <Choice
              label="Format of the marked photographs"
              value={settings.as}
              options={(formats.data ?? []).map(({ as, words }) => [as, words] as const)}
              onChange={(as) => onChange({ ...settings, as })}
            />
            ; the photographs themselves are never written over.
          </p>
          <label className="mt-1 flex items-baseline gap-2">
            <span className="shrink-0">Into</span>
            <Typed
              label="Folder of the marked photographs"
              className="input input-sm min-w-0 flex-1"
              longest={4000}
              mayBeEmpty
              value={whole}
              onTake={(folder) => onChange({ ...settings, folder })}
            />
          </label>
        </div>
        <div className="flex flex-col gap-1.5">
          {(
            [
              ["copyright", "Copyright"],
              ["creator", "Creator"],
              ["line", "Credit line"],
            ] as const
          ).map(([field, words]) => (
            <CreditField
              key={field}
              label={words}
              value={credit[field]}
              onChange={(text) => onChange({ ...settings, credit: { ...credit, [field]: text } })}
            />
          ))}
          <p className="text-xs opacity-70">
            Set in every file; what is left empty stays as each photograph says it.
          </p>
        </div>
      </div>
    </details>
  );
}

function CreditField(props: { label: string; value: string; onChange: (text: string) => void }) {
  const { label, value, onChange } = props;
  return (
    <label className="flex items-baseline gap-2">
      <span className="w-20 shrink-0">{label}</span>
      <Typed
        label={label}
        className="input input-sm min-w-0 flex-1"
        longest={2000}
        mayBeEmpty
        value={value}
        onTake={onChange}
      />
    </label>
  );
}

import { useQuery } from "@tanstack/react-query";
import { CircleCheck, TriangleAlert } from "lucide-react";
import { useState } from "react";
import { answer, api, type ReturnedFile, upload } from "../api/client";
import { Choice } from "../ui/Choice";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";

const WAYS = [
  ["UNTOUCHED", "hands it on as it is"],
  ["WRITTEN_ANEW", "writes the same pixels anew"],
  ["SMALLER_JPEG", "makes it a smaller JPEG"],
  ["WITHOUT_ALPHA", "lets the alpha go"],
  ["MULTIPLIED", "multiplies its colours by the alpha"],
] as const;

/** Tells which delivery a file was and what happened to it since. */
export function ReturnedFileCheck(props: { packageId: number; overlayId: number }) {
  const { packageId, overlayId } = props;
  const [came, setCame] = useState<ReturnedFile | null>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState("");
  const [way, setWay] = useState<(typeof WAYS)[number][0]>("SMALLER_JPEG");
  const history = useQuery({
    queryKey: ["deliveries", overlayId],
    queryFn: () =>
      answer(api.GET("/api/overlays/{id}/deliveries", { params: { path: { id: overlayId } } })),
  });
  const sendable = history.data?.find(
    (one) => one.state === "DONE" && one.target.file.format === "PNG",
  );
  const ask = async (asked: Promise<ReturnedFile>) => {
    setBusy(true);
    setProblem("");
    try {
      setCame(await asked);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    } finally {
      setBusy(false);
    }
  };
  return (
    <div className="max-w-2xl rounded-box bg-base-100 p-4 text-[15px]">
      <p className="mb-2">
        Give back a file that an editor or a service returned: Diaphan says which delivery it was
        and what happened to it on the way.
      </p>
      <FilePick
        label="Returned file"
        accept="image/*,.tif,.tiff"
        words="Choose the file that came back…"
        className="btn btn-sm"
        onFiles={([file]) =>
          file && void ask(upload<ReturnedFile>(`/api/packages/${packageId}/returned`, file))
        }
      />
      {sendable && (
        <p className="mt-4 leading-8">
          To try it: send <strong className="break-all">{sendable.fileName}</strong> through a
          simulated photo service that{" "}
          <Choice label="What the service does" value={way} options={WAYS} onChange={setWay} />{" "}
          <button
            type="button"
            className="btn btn-xs"
            disabled={busy}
            onClick={() =>
              void ask(
                answer(
                  api.POST("/api/deliveries/{id}/photo-sync", {
                    params: { path: { id: sendable.id }, query: { way } },
                  }),
                ),
              )
            }
          >
            Send
          </button>
        </p>
      )}
      {busy && <p role="status">Comparing…</p>}
      {problem && (
        <div className="mt-3">
          <Notice>{problem}</Notice>
        </div>
      )}
      {came && !busy && (
        <section
          aria-label="What happened to the file"
          className={`mt-4 flex gap-3 rounded-box border p-3 ${came.usable ? "border-base-300" : "border-warning"}`}
        >
          {came.usable ? (
            <CircleCheck className="mt-0.5 shrink-0 text-success" size={18} aria-hidden />
          ) : (
            <TriangleAlert className="mt-0.5 shrink-0 text-warning" size={18} aria-hidden />
          )}
          <div>
            <h3 className="break-all font-semibold">{came.fileName}</h3>
            {came.delivery && (
              <p className="text-sm opacity-80">
                It came from {came.delivery.fileName}, revision {came.delivery.revision} of{" "}
                {came.delivery.overlay}, delivered{" "}
                {new Date(came.delivery.startedAt).toLocaleString()}.
              </p>
            )}
            <ul className="mt-1">
              {came.sentences.map((sentence) => (
                <li key={sentence}>{sentence}</li>
              ))}
            </ul>
          </div>
        </section>
      )}
    </div>
  );
}

import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { answer, api, type SavedOverlay } from "../api/client";
import { BackdropLayer } from "../backdrops/Backdrop";
import type { useBackdrops } from "../backdrops/useBackdrops";
import { say } from "../ui/said";
import { CardMenu } from "./CardMenu";
import { NameField } from "./NameField";
import type { Standing } from "./standing";

interface Props {
  saved: SavedOverlay;
  /** Nothing while it is not known, or if it is delivered nowhere by itself. */
  standing: Standing | undefined;
  backdrop: ReturnType<typeof useBackdrops>["chosen"] | undefined;
  /** Does it and looks at the package again; a refusal is told on the shelf. */
  attempt: (work: () => Promise<unknown>) => Promise<void>;
  onDeleted: () => void;
}

/** An overlay of the package; pressing it goes on composing. */
export function OverlayCard({ saved, standing, backdrop, attempt, onDeleted }: Props) {
  const { frame, name } = saved.overlay;
  const navigate = useNavigate();
  const [renaming, setRenaming] = useState(false);
  const at = { params: { path: { id: saved.id } } };
  const rename = (other: string) => {
    setRenaming(false);
    void attempt(() =>
      answer(
        api.PUT("/api/overlays/{id}", {
          ...at,
          body: { basedOn: saved.revision, overlay: { ...saved.overlay, name: other } },
        }),
      ),
    );
  };
  const duplicate = () =>
    attempt(async () => {
      const made = await answer(
        api.POST("/api/overlays/{id}/copies", { ...at, body: { frame, lengths: "STAY" } }),
      );
      void navigate(`/overlays/${made.id}/compose`);
    });
  const keepAsStarter = () =>
    attempt(async () => {
      const kept = await answer(api.POST("/api/overlays/{id}/starters", at));
      say(`“${kept.name}” is a starter now: new overlays of this package can begin with it.`);
    });
  const remove = () =>
    attempt(async () => {
      await answer(api.DELETE("/api/overlays/{id}", at));
      onDeleted();
    });
  return (
    <article
      aria-label={name}
      className="card border border-base-300 bg-base-100 focus-within:border-primary hover:border-primary"
    >
      <Link
        to={`/overlays/${saved.id}/compose`}
        aria-label={name}
        className="relative flex aspect-video justify-center overflow-hidden rounded-t-(--radius-box) bg-base-200"
      >
        <span
          className="relative block h-full overflow-hidden"
          style={{ aspectRatio: `${saved.displayWidth} / ${frame.height}` }}
        >
          <BackdropLayer backdrop={backdrop ?? { kind: "flat", name: "", colour: "#808080" }} />
          <img
            src={`/api/overlays/${saved.id}/picture.png?width=640&revision=${saved.revision}`}
            alt=""
            className="absolute inset-0 h-full w-full"
          />
        </span>
      </Link>
      <div className="flex items-center gap-2 py-1 pl-3 pr-1">
        {renaming ? (
          <NameField
            label="Name of the overlay"
            name={name}
            onTake={rename}
            onGiveUp={() => setRenaming(false)}
          />
        ) : (
          <span className="min-w-0 flex-1 leading-tight">
            <span className="block truncate font-medium" title={name}>
              {name}
            </span>
            <span className={`block min-h-4 truncate text-xs ${standing?.look ?? ""}`}>
              {standing?.words}
            </span>
          </span>
        )}
        <span className="shrink-0 text-xs opacity-75">
          {frame.width} × {frame.height}
        </span>
        <CardMenu label={`More for ${name}`} up>
          <li>
            <button type="button" onClick={() => setRenaming(true)}>
              Rename
            </button>
          </li>
          <li>
            <button type="button" onClick={() => void duplicate()}>
              Duplicate
            </button>
          </li>
          <li>
            <Link to={`/overlays/${saved.id}/copy`}>Duplicate for another frame…</Link>
          </li>
          <li>
            <button type="button" onClick={() => void keepAsStarter()}>
              Keep as a starter
            </button>
          </li>
          <li>
            <button type="button" onClick={() => void remove()}>
              Delete
            </button>
          </li>
        </CardMenu>
      </div>
    </article>
  );
}

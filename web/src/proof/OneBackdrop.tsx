import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { answer, api, type Overlay } from "../api/client";
import { useKeys } from "../ui/keys";
import type { Backdrop } from "../backdrops/Backdrop";
import { useBackdrops } from "../backdrops/useBackdrops";
import { displayWidth } from "../document/geometry";
import { useDrawing } from "../stage/useDrawing";
import { Choice } from "../ui/Choice";
import { Notice } from "../ui/Notice";
import { NumberField } from "../ui/NumberField";
import { useRested } from "../ui/useRested";
import { useSize } from "../ui/useSize";
import { Over, SHOWN } from "./Over";
import { ProofBar, type View } from "./ProofBar";
import { LIVING_ROOM, type Room, SEEN, type Seen, zoomOf } from "./seen";

/** These are put together by the core. */
const LOOKS = [
  ["COLOUR_ALONE", "its colours without the alpha"],
  ["AS_VIDEO", "it as video carries it"],
] as const;

type Look = (typeof LOOKS)[number][0];
type Shown = (typeof SHOWN)[number][0] | Look;

interface Props {
  overlay: Overlay;
  packageId: number;
  view: View;
  onView: (view: View) => void;
}

/** The overlay over one backdrop, at the size that it will be seen at. */
export function OneBackdrop({ overlay, packageId, view, onView }: Props) {
  const { chosen } = useBackdrops(packageId);
  const [seen, setSeen] = useState<Seen>("fit");
  const [room, setRoom] = useState<Room>(LIVING_ROOM);
  const [shown, setShown] = useState<Shown>("overlay");
  const [area, size] = useSize<HTMLDivElement>();
  const width = displayWidth(overlay.frame);
  const { height } = overlay.frame;
  const fit = Math.min((size.width - 24) / width, (size.height - 24) / height);
  const zoom = zoomOf(seen, fit, width, height, room);
  const sharp = Math.min(1, Math.round(zoom * window.devicePixelRatio * 1000) / 1000);
  const { drawn } = useDrawing(packageId, overlay, size.width > 0 ? sharp : 0.25);
  const toggle = () => setSeen(seen === "actual" ? "fit" : "actual");
  useKeys({ a: toggle });
  const byCore = shown === "COLOUR_ALONE" || shown === "AS_VIDEO";
  return (
    <>
      <ProofBar view={view} onView={onView}>
        <span className="truncate font-medium">{chosen.name}</span>
        <button type="button" className="btn btn-xs shrink-0" onClick={toggle}>
          {seen === "actual" ? "Fit the frame" : "Show 1:1"}
        </button>
        <span className="ml-auto whitespace-nowrap text-sm">
          Seen <Choice label="How it is seen" value={seen} options={SEEN} onChange={setSeen} />
        </span>
        <span className="whitespace-nowrap text-sm">
          Shown:{" "}
          <Choice
            label="What is shown"
            value={shown}
            options={[...SHOWN, ...LOOKS]}
            onChange={setShown}
          />
        </span>
      </ProofBar>
      {seen === "television" && (
        <p className="shrink-0 border-b border-base-300 bg-base-100 px-3 py-1 text-sm leading-7">
          A screen of{" "}
          <NumberField
            label="Inches of the screen"
            value={room.inches}
            least={10}
            most={200}
            digits={0}
            unit=" inches"
            onChange={(inches) => setRoom({ ...room, inches })}
          />
          , seen from{" "}
          <NumberField
            label="Metres to the screen"
            value={room.metres}
            least={0.5}
            most={20}
            step={0.1}
            unit=" m"
            onChange={(metres) => setRoom({ ...room, metres })}
          />
          , looks as large as this from{" "}
          <NumberField
            label="Centimetres to this screen"
            value={room.nearCentimetres}
            least={20}
            most={200}
            digits={0}
            unit=" cm"
            onChange={(nearCentimetres) => setRoom({ ...room, nearCentimetres })}
          />
          .
        </p>
      )}
      <div ref={area} className="min-h-0 flex-1 overflow-auto p-3">
        <div className="flex min-h-full min-w-max">
          <div className="m-auto" data-testid="proof-one">
            {byCore ? (
              <Looked
                overlay={overlay}
                packageId={packageId}
                kind={shown}
                backdrop={chosen}
                width={width * zoom}
                height={height * zoom}
              />
            ) : (
              <Over
                backdrop={chosen}
                drawing={drawn?.drawing}
                shown={shown}
                width={width * zoom}
                height={height * zoom}
              />
            )}
          </div>
        </div>
      </div>
    </>
  );
}

const REST_MS = 150;

interface LookedProps {
  overlay: Overlay;
  packageId: number;
  kind: Look;
  backdrop: Backdrop;
  width: number;
  height: number;
}

function Looked({ overlay, packageId, kind, backdrop, width, height }: LookedProps) {
  const rested = useRested(overlay, REST_MS) ?? overlay;
  const still = backdrop.kind === "still" ? backdrop.id : 0;
  const beneath = backdrop.kind === "flat" ? backdrop.colour : "#808080";
  const look = useQuery({
    queryKey: ["look", packageId, rested, kind, still, beneath],
    queryFn: () =>
      answer(
        api.POST("/api/packages/{id}/proof-looks", {
          params: { path: { id: packageId } },
          body: { overlay: rested, kind, still, beneath },
        }),
      ),
    placeholderData: (before) => before,
    staleTime: 60_000,
    gcTime: 60_000,
  });
  if (look.error) return <Notice>{look.error.message}</Notice>;
  return look.data ? (
    <img
      src={look.data.picture}
      alt={
        kind === "AS_VIDEO"
          ? `${overlay.name} over ${backdrop.name}, as video carries it`
          : `The colours of ${overlay.name} without its alpha`
      }
      style={{ width, height }}
    />
  ) : (
    <span className="block bg-base-300" style={{ width, height }} />
  );
}

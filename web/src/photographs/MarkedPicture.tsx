import type { CSSProperties } from "react";
import type { PhotographLine, PhotographLook } from "../api/client";

interface Props {
  packageId: number;
  photograph: PhotographLine;
  look: PhotographLook | undefined;
  /** In pixels of the screen, of the longer side. */
  longest: number;
  opacity: number;
  /** Of the mark, to show the photograph without it in part. */
  markStyle?: CSSProperties;
}

/** A photograph with the mark as it will lie on it; both are the core's pictures. */
export function MarkedPicture(props: Props) {
  const { packageId, photograph, look, longest, opacity, markStyle } = props;
  const dense = Math.min(2400, Math.round(longest * Math.min(2, window.devicePixelRatio)));
  const hung = look?.hung;
  const place = hung && {
    left: `${(100 * hung.place.left) / look.width}%`,
    top: `${(100 * hung.place.top) / look.height}%`,
    width: `${(100 * (hung.place.right - hung.place.left)) / look.width}%`,
    height: `${(100 * (hung.place.bottom - hung.place.top)) / look.height}%`,
  };
  const longer =
    hung &&
    (Math.max(hung.place.right - hung.place.left, hung.place.bottom - hung.place.top) * dense) /
      Math.max(look.width, look.height);
  return (
    <>
      <img
        src={`/api/photographs/${photograph.id}/picture.jpg?longest=${dense}&of=${photograph.version}`}
        alt=""
        loading="lazy"
        decoding="async"
        draggable={false}
        className="block h-full w-full"
        // What cannot be opened is told in words beside it.
        onError={(event) => (event.currentTarget.style.visibility = "hidden")}
        onLoad={(event) => (event.currentTarget.style.visibility = "")}
      />
      {hung && longer && place && (
        <img
          src={`/api/packages/${packageId}/mark.png?dress=${hung.dress}&side=${Math.max(1, longer).toFixed(1)}&opacity=${opacity}&of=${look.mark.slice(0, 12)}`}
          alt=""
          draggable={false}
          className="absolute block"
          style={{ ...place, ...markStyle }}
        />
      )}
    </>
  );
}

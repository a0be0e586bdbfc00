import { useQueryClient } from "@tanstack/react-query";
import { ImagePlus } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { type StillSummary, upload } from "../api/client";
import { FilePick } from "../ui/FilePick";
import { Notice } from "../ui/Notice";
import { asJpeg, clipOf, pictureOf } from "./stills";

/** Adds pictures, or single pictures of a video, to what overlays are judged over. */
export function AddBackdrop({ packageId }: { packageId: number }) {
  const queries = useQueryClient();
  const [film, setFilm] = useState<Film | null>(null);
  const [problem, setProblem] = useState("");
  const add = async (clip: string, jpeg: File) => {
    await upload<StillSummary>(
      `/api/packages/${packageId}/stills?clip=${encodeURIComponent(clip)}`,
      jpeg,
    );
    await queries.invalidateQueries({ queryKey: ["stills", packageId] });
  };
  const take = async (files: File[]) => {
    setProblem("");
    for (const file of files) {
      if (file.type.startsWith("video/")) {
        setFilm({ name: file.name, address: URL.createObjectURL(file) });
        continue;
      }
      try {
        await add(clipOf(file.name), await asJpeg(await pictureOf(file)));
      } catch (e) {
        setProblem(e instanceof Error ? e.message : String(e));
      }
    }
  };
  return (
    <>
      <FilePick
        label="Backdrop files"
        accept="image/*,video/*"
        many
        words={
          <>
            <ImagePlus size={14} aria-hidden /> Add a backdrop
          </>
        }
        className="btn btn-xs shrink-0"
        onFiles={(files) => void take(files)}
      />
      {problem && (
        <div className="absolute right-80 top-24 z-10 max-w-sm">
          <Notice>{problem}</Notice>
        </div>
      )}
      {film && (
        <FilmDialog
          film={film}
          onKeep={(jpeg) => add(clipOf(film.name), jpeg)}
          onClose={() => {
            URL.revokeObjectURL(film.address);
            setFilm(null);
          }}
        />
      )}
    </>
  );
}

interface Film {
  name: string;
  address: string;
}

interface FilmProps {
  film: Film;
  onKeep: (jpeg: File) => Promise<void>;
  onClose: () => void;
}

/** Waits until a video shows the moment that was last asked for. */
function found(video: HTMLVideoElement): Promise<void> {
  if (!video.seeking) return Promise.resolve();
  return new Promise((done) => video.addEventListener("seeked", () => done(), { once: true }));
}

/** Looks for single pictures in a video, which never leaves the browser. */
function FilmDialog({ film, onKeep, onClose }: FilmProps) {
  const dialog = useRef<HTMLDialogElement>(null);
  const video = useRef<HTMLVideoElement>(null);
  const [length, setLength] = useState(0);
  const known = length > 0 && Number.isFinite(length);
  const [now, setNow] = useState(0);
  const [kept, setKept] = useState(0);
  const [problem, setProblem] = useState("");
  useEffect(() => dialog.current?.showModal(), []);
  const keep = async () => {
    if (!video.current) return;
    try {
      await found(video.current);
      await onKeep(await asJpeg(video.current));
      setKept((before) => before + 1);
    } catch (e) {
      setProblem(e instanceof Error ? e.message : String(e));
    }
  };
  return (
    <dialog ref={dialog} className="modal" aria-label="Pictures of a video" onClose={onClose}>
      <div className="modal-box max-w-2xl">
        <h2 className="mb-2 text-base font-semibold">Choose pictures of {film.name}</h2>
        <video
          ref={video}
          src={film.address}
          muted
          playsInline
          className="max-h-96 w-full bg-black"
          onDurationChange={(event) => setLength(event.currentTarget.duration)}
          onTimeUpdate={(event) => setNow(event.currentTarget.currentTime)}
          onError={() =>
            setProblem(
              `"${film.name}" cannot be played by this browser. Save it as WebM or MP4, or add single pictures.`,
            )
          }
        />
        <input
          type="range"
          aria-label="Moment of the video"
          className="range range-sm my-3 w-full"
          min={0}
          max={length}
          step={0.04}
          value={now}
          disabled={!known}
          onChange={(event) => {
            setNow(Number(event.target.value));
            if (video.current) video.current.currentTime = Number(event.target.value);
          }}
        />
        {problem && <Notice>{problem}</Notice>}
        <div className="mt-3 flex items-center gap-3">
          <button
            type="button"
            className="btn btn-primary"
            disabled={!known}
            onClick={() => void keep()}
          >
            Keep this picture
          </button>
          <span role="status" className="flex-1 text-sm opacity-80">
            {kept > 0 && `${kept} kept as “${clipOf(film.name)}”.`}
          </span>
          <button type="button" className="btn" onClick={() => dialog.current?.close()}>
            Done
          </button>
        </div>
      </div>
    </dialog>
  );
}

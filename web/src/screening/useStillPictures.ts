import { useEffect, useRef, useState } from "react";
import type { Marker } from "./marker";
import { pictureKey, type StillPictures } from "./paint";

async function part(delivery: number, name: "key" | "light", reading: string) {
  const response = await fetch(
    `/api/deliveries/${delivery}/screened/${name}.png?reading=${reading}`,
  );
  if (!response.ok) {
    const problem = (await response.json()) as { detail?: string };
    throw new Error(problem.detail ?? "The delivered file could not be read.");
  }
  return createImageBitmap(await response.blob());
}

/** Fetches what the core reads from delivered files, each once. */
export function useStillPictures(markers: readonly Marker[]) {
  const [pictures, setPictures] = useState<ReadonlyMap<string, StillPictures>>(new Map());
  const [problem, setProblem] = useState("");
  const asked = useRef(new Set<string>());
  useEffect(() => {
    for (const marker of markers) {
      const key = pictureKey(marker);
      if (asked.current.has(key)) continue;
      asked.current.add(key);
      Promise.all([
        part(marker.delivery.id, "key", marker.reading),
        part(marker.delivery.id, "light", marker.reading),
      ])
        .then(([dark, light]) => {
          setPictures((before) => new Map(before).set(key, { key: dark, light }));
        })
        .catch((e: unknown) => {
          asked.current.delete(key);
          setProblem(e instanceof Error ? e.message : String(e));
        });
    }
  }, [markers]);
  return { pictures, problem };
}

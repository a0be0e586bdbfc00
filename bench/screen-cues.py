#!/usr/bin/env python3
"""Lays the stills of a hand-over over a clip, from its edit list alone, and compares pictures.

    screen-cues.py HAND_OVER CLIP FRAMES

HAND_OVER is a folder with cues.edl and stills/, CLIP the video, FRAMES a folder of pictures
NUMBER.png, as the screening shows them. Needs ffmpeg. Writes a line of JSON for each picture: how far
it is off in the mean, in 255ths, and whether it fits the pictures beside it better than its own.
"""
import json
import re
import subprocess
import sys
from pathlib import Path

RATE = 25
EVENT = re.compile(
    r"^(\d+)\s+(\S+)\s+V\s+(C|D)\s+(?:(\d+)\s+)?(\S+) (\S+) (\S+) (\S+)\s*$"
)


def picture(timecode):
    hours, minutes, seconds, frames = map(int, timecode.split(":"))
    return ((hours * 60 + minutes) * 60 + seconds) * RATE + frames


def cues(text):
    """Each still with its first picture, the one behind its last, and its two fades."""
    found = []
    for line in text.splitlines():
        event = EVENT.match(line)
        if event:
            _, reel, kind, frames, _, _, begin, end = event.groups()
            fade = int(frames) if kind == "D" else 0
            begin, end = picture(begin), picture(end)
            if reel == "BL":
                if fade:
                    found[-1]["end"] = end
                    found[-1]["going"] = fade
            elif end > begin:
                found.append({"from": begin, "end": end, "coming": fade, "going": 0})
        elif line.startswith("*") and "CLIP NAME:" in line and "file" not in found[-1]:
            found[-1]["file"] = line.split("CLIP NAME:")[1].strip()
    return found


def raw(arguments):
    done = subprocess.run(
        ["ffmpeg", "-v", "error", *arguments, "-f", "rawvideo", "-pix_fmt", "rgb24", "-"],
        check=True,
        capture_output=True,
    )
    return done.stdout


def mean(one, other):
    return sum(abs(a - b) for a, b in zip(one[::5], other[::5])) / len(one[::5])


def main(hand_over, clip, frames):
    list_ = cues((hand_over / "cues.edl").read_text())
    wanted = sorted(int(file.stem) for file in frames.glob("*.png"))
    inputs = ["-i", str(clip)]
    graph = ["[0:v]scale=in_color_matrix=bt601:in_range=tv:out_range=pc,format=gbrp[v0]"]
    for i, cue in enumerate(list_):
        length = cue["end"] - cue["from"]
        inputs += ["-loop", "1", "-framerate", str(RATE), "-t", f"{(length + 1) / RATE}"]
        inputs += ["-i", str(hand_over / cue["file"])]
        fades = ""
        # A picture early, which is not shown: a fade of 12 begins a thirteenth solid.
        if cue["coming"]:
            fades += f",fade=t=in:s=0:n={cue['coming'] + 1}:alpha=1"
        if cue["going"]:
            fades += f",fade=t=out:s={length - cue['going']}:n={cue['going'] + 1}:alpha=1"
        start = (cue["from"] - 1) / RATE
        graph.append(f"[{i + 1}:v]format=gbrap{fades},setpts=PTS+{start}/TB[s{i}]")
        # By time: pictures are not counted while a later input has not begun.
        graph.append(
            f"[v{i}][s{i}]overlay=format=gbrp:eof_action=pass:"
            f"enable='between(t,{(cue['from'] - 0.5) / RATE},{(cue['end'] - 0.5) / RATE})'[v{i + 1}]"
        )
    chosen = sorted({max(0, n + by) for n in wanted for by in (-1, 0, 1)})
    choice = "+".join(f"eq(n,{n})" for n in chosen)
    graph.append(f"[v{len(list_)}]select='{choice}'[out]")
    film = raw([*inputs, "-filter_complex", ";".join(graph), "-map", "[out]", "-fps_mode", "passthrough"])
    size = len(raw(["-i", str(frames / f"{wanted[0]}.png")]))
    shown = {n: film[i * size : (i + 1) * size] for i, n in enumerate(chosen)}
    for n in wanted:
        seen = raw(["-i", str(frames / f"{n}.png")])
        off = {by: mean(seen, shown[n + by]) for by in (-1, 0, 1) if len(shown.get(n + by, b"")) == size}
        print(
            json.dumps(
                {
                    "picture": n,
                    "off": round(off[0], 3),
                    "right": all(off[0] <= other + 1e-9 for other in off.values()),
                }
            )
        )


main(*map(Path, sys.argv[1:4]))

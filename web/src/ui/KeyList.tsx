import { useEffect, useRef } from "react";

const KEYS: [string, [string, string][]][] = [
  [
    "Everywhere",
    [
      ["F1", "The guide"],
      ["?", "Show this list"],
      ["Alt 1 – Alt 6", "Frame, Compose, Proof, Deliver, Roster, Photographs"],
      ["Ctrl Z", "Undo"],
      ["Ctrl Shift Z", "Redo"],
      ["Y", "History and revisions"],
      ["Alt H", "The house of the package"],
    ],
  ],
  [
    "Compose: add",
    [
      ["T, double click", "Add a text, words open"],
      ["P", "Add a plate"],
      ["I", "Add a picture"],
      ["Ctrl V", "Paste pieces, words or a picture"],
    ],
  ],
  [
    "Compose: choose",
    [
      ["N, Shift N", "The next piece behind, in front"],
      ["Shift click", "One more, or one less"],
      ["E, Ctrl A", "Every piece"],
      ["Click again", "What lies beneath"],
      ["Double click", "Into a group, into words"],
      ["Esc", "Nothing"],
      ["/", "Any value or action by its name"],
      ["Right click", "What can be done here"],
    ],
  ],
  [
    "Compose: what is chosen",
    [
      ["Arrows", "Move by 1"],
      ["Shift Arrows", "Move by 10"],
      ["Enter", "Edit its words or first value"],
      ["Alt Page Up, Down", "From part to part of its sheet"],
      ["D", "Duplicate"],
      ["R", "Do the last step again"],
      ["H, L", "Hide or show, lock or unlock"],
      ["M, Shift M", "Mirror across, up and down"],
      ["U, Shift U", "Group, take apart"],
      ["Page Up, Down", "One forward, one back"],
      ["Shift Page Up, Down", "All the way"],
      ["Ctrl C, Ctrl X", "Copy, cut"],
      ["Delete", "Take away"],
    ],
  ],
  [
    "While dragging",
    [
      ["Shift", "One direction, proportions, 15°"],
      ["Alt", "Size from the middle"],
      ["Ctrl", "Without snapping"],
    ],
  ],
  [
    "Compose: looking",
    [
      ["1 – 8", "Backdrop by its place in the strip"],
      ["F", "Fit the frame"],
      ["A", "Actual pixels, 1:1"],
      ["+, −, Ctrl wheel", "Zoom"],
      ["Wheel, Space drag", "Move the view"],
      ["G", "Safe areas and own margin"],
      ["S", "Snapping on or off"],
    ],
  ],
  [
    "Proof",
    [
      ["1 – 8", "Backdrop by its place on the wall"],
      ["Left, Right", "Backdrop before or after"],
      ["Enter, Esc", "One backdrop, or all"],
      ["A", "Pixel for pixel, or as large as fits"],
    ],
  ],
  [
    "Screening",
    [
      ["Space", "Play, or pause"],
      ["Left, Right", "A picture back or on"],
      ["Shift Left, Right", "A second back or on"],
      ["Home, End", "To the clip's beginning, its end"],
      ["N, P", "The next cue, the one before"],
      ["B, E", "The chosen cue begins, ends here"],
      ["Delete", "Take the chosen cue off"],
      ["Ctrl", "While dragging: without snapping"],
    ],
  ],
  [
    "Roster",
    [
      ["Arrows, Tab, Enter", "To the next cell"],
      ["Letters, Enter", "Type anew, type on"],
      ["Ctrl C, Ctrl V", "Copy a cell, paste cells"],
      ["Delete", "Empty a cell"],
      ["Ctrl Z", "Take the last cell back"],
    ],
  ],
  [
    "One photograph large",
    [
      ["Left, Right", "The previous one, the next one"],
      ["Escape", "Back to all"],
    ],
  ],
  [
    "In a number",
    [
      ["Up, Down", "One step, ten with Shift"],
      ["Drag sideways", "Change it"],
      ["100+20, 50 %", "Sums and shares"],
      ["Enter, Esc", "Take it, put it back"],
    ],
  ],
];

/** All keys of the application. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const dialog = useRef<HTMLDialogElement>(null);
  useEffect(() => dialog.current?.showModal(), []);
  return (
    <dialog ref={dialog} className="modal" onClose={onClose} aria-labelledby="keys-title">
      <div className="modal-box max-h-[94vh] w-[60rem] max-w-[96vw] p-4 text-xs">
        <h2 id="keys-title" className="mb-2 text-base font-semibold">
          Keys
        </h2>
        <div className="columns-3 gap-6">
          {KEYS.map(([title, rows]) => (
            <section key={title} className="mb-2 break-inside-avoid">
              <h3 className="mb-1 text-xs font-semibold uppercase tracking-wide opacity-70">
                {title}
              </h3>
              <dl className="grid grid-cols-[7.4rem_1fr] gap-x-2 leading-[1.05rem]">
                {rows.map(([key, what]) => (
                  <div key={key} className="contents">
                    <dt className="font-semibold">{key}</dt>
                    <dd>{what}</dd>
                  </div>
                ))}
              </dl>
            </section>
          ))}
        </div>
        <form method="dialog" className="modal-action mt-0">
          <button type="submit" className="btn btn-primary btn-sm">
            Close
          </button>
        </form>
      </div>
    </dialog>
  );
}

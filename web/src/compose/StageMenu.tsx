import { useOverlay } from "../document/overlayStore";
import { pieceWords } from "../document/pieceKinds";
import { addPlate } from "../stack/stackActions";
import { addText } from "../stage/addText";
import { useHand } from "../stage/hand";
import type { Asked } from "../stage/Stage";
import { PopMenu } from "../ui/PopMenu";
import { type Action, keyInWords } from "./actions";

interface Props {
  asked: Asked;
  actions: readonly Action[];
  onClose: () => void;
}

/** What lies where the stage was asked about, and what can be done there. */
export function StageMenu({ asked, actions, onClose }: Props) {
  const { select } = useOverlay.getState();
  const selected = useOverlay((state) => state.selected);
  const spot = { x: Math.round(asked.spot.x), y: Math.round(asked.spot.y) };
  const entry = ({ name, key, run }: Action) => ({
    name,
    run,
    ...(key === undefined ? {} : { hint: keyInWords(key) }),
  });
  const offered = actions.filter((action) => action.inMenu);
  return (
    <PopMenu
      label="What can be done here"
      at={asked}
      onClose={onClose}
      parts={[
        {
          title: asked.pieces.length > 1 ? "What lies here, front to back" : "",
          entries:
            asked.pieces.length > 1
              ? asked.pieces.map((piece) => ({
                  name: pieceWords(piece),
                  hint: selected.includes(piece.id) ? "chosen" : "",
                  run: () => {
                    select([piece.id]);
                    useHand.setState({ dug: piece.id });
                  },
                }))
              : [],
        },
        {
          title: "",
          entries:
            selected.length > 0
              ? offered.filter((action) => action.toChosen).map(entry)
              : [
                  { name: "Add a text here", run: () => addText(spot) },
                  { name: "Add a plate here", run: () => addPlate(spot) },
                ],
        },
        {
          title: "",
          entries:
            selected.length > 0 ? [] : offered.filter((action) => !action.toChosen).map(entry),
        },
      ]}
    />
  );
}

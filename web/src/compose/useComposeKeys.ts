import { useKeys } from "../ui/keys";
import type { Backdrop } from "../backdrops/Backdrop";
import { useChosenBackdrop } from "../backdrops/useBackdrops";
import { arrange } from "../document/arrange";
import { useOverlay } from "../document/overlayStore";
import { selectAll } from "../stack/stackActions";
import { useTaking } from "../colour/taking";
import type { Action } from "./actions";

function move(right: number, down: number) {
  return () => {
    const { selected } = useOverlay.getState();
    void arrange({ kind: "move", right, down }, "Move", {
      key: `${selected.join()}:nudge`,
      keepChoice: true,
    });
  };
}

function escape(): void {
  if (useTaking.getState().take) useTaking.setState({ take: null });
  else useOverlay.getState().select([]);
}

/**
 * Every key of Compose: those of the actions, and those that no list of actions needs.
 *
 * @param find opens the field that finds values and actions by name
 */
export function useComposeKeys(
  actions: readonly Action[],
  backdrops: readonly Backdrop[],
  find: () => void,
): void {
  const choose = useChosenBackdrop((state) => state.choose);
  const byKey = new Map<string, () => void>();
  for (const { key, run } of actions) {
    // Cutting and copying are told of by the browser, wherever they come from.
    if (key !== undefined && !key.startsWith("Mod+")) byKey.set(key, run);
  }
  const named = (key: string) => () => byKey.get(key)?.();
  useKeys({
    ...Object.fromEntries(byKey),
    "Mod+a": selectAll,
    "/": find,
    "=": named("+"),
    Backspace: named("Delete"),
    Escape: escape,
    ArrowLeft: move(-1, 0),
    ArrowRight: move(1, 0),
    ArrowUp: move(0, -1),
    ArrowDown: move(0, 1),
    "Shift+ArrowLeft": move(-10, 0),
    "Shift+ArrowRight": move(10, 0),
    "Shift+ArrowUp": move(0, -10),
    "Shift+ArrowDown": move(0, 10),
    ...Object.fromEntries(
      backdrops.map((backdrop, i) => [String(i + 1), () => choose(backdrop.name)]),
    ),
  });
}

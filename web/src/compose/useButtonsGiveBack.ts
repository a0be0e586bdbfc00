import { useEffect } from "react";
import { goHome } from "../ui/home";

/**
 * After a button was pressed with the pointer the keys are the stage's again; one pressed with a
 * key keeps the focus, so that whoever goes through the page by keys stays where they are.
 */
export function useButtonsGiveBack(): void {
  useEffect(() => {
    const onClick = (event: MouseEvent) => {
      const pressed = document.activeElement;
      const byPointer = event.detail > 0;
      if (byPointer && pressed instanceof HTMLButtonElement && !pressed.closest("dialog")) goHome();
    };
    window.addEventListener("click", onClick);
    return () => window.removeEventListener("click", onClick);
  }, []);
}

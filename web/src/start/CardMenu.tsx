import { Ellipsis } from "lucide-react";
import type { ReactNode } from "react";
import { Menu } from "../ui/Menu";

interface Props {
  /** What it is of, for those who do not see it. */
  label: string;
  /** Whether it opens upwards, for a menu that stands at the foot of what it is of. */
  up?: boolean;
  /** Each a list item. */
  children: ReactNode;
}

/** What can be done with an overlay or a package as a whole. */
export function CardMenu({ label, up = false, children }: Props) {
  return (
    <Menu
      label={label}
      words={<Ellipsis size={16} aria-hidden />}
      look="btn btn-ghost btn-sm btn-square"
      place={`dropdown-end ${up ? "dropdown-top" : ""}`}
    >
      {children}
    </Menu>
  );
}

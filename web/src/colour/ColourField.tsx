import { useState } from "react";
import { flushSync } from "react-dom";
import { ColourPanel } from "./ColourPanel";
import { useOverlay } from "../document/overlayStore";
import { following, named } from "../house/colours";
import { HouseColours } from "./HouseColours";
import { useHouse } from "../house/useHouse";
import { css, joined, parts, readColour } from "../ui/colours";
import { goHome } from "../ui/home";
import { NumberField } from "../ui/NumberField";
import { say } from "../ui/said";

interface Props {
  label: string;
  /** "#rrggbb" or "#rrggbbaa", each also with the name of the house's colour that it follows */
  value: string;
  /** Whether it is one of the house's own, which follows none. */
  ofHouse?: boolean;
  onChange: (colour: string) => void;
}

/** A colour: typed in any of the usual forms, how solid it is, and a panel to choose it from. */
export function ColourField({ label, value, ofHouse = false, onChange }: Props) {
  const { house } = useHouse();
  const dress = useOverlay((state) => state.overlay?.dress ?? "LIGHT");
  const [draft, setDraft] = useState<string | null>(null);
  const [open, setOpen] = useState(false);
  const { solid, alpha, name } = parts(value);
  const take = (typed: string) => {
    setDraft(null);
    const own = ofHouse ? undefined : named(house, typed);
    if (own) {
      if (own.name !== name) onChange(following(own, dress, value));
      return;
    }
    const read = readColour(typed);
    if (!read) {
      say(`${label} stays ${solid}: “${typed.trim()}” cannot be read as a colour.`);
      return;
    }
    onChange(joined({ ...read, alpha: read.alpha < 1 ? read.alpha : alpha }));
  };
  return (
    <>
      <span className="inline-flex items-center gap-1 whitespace-nowrap align-middle">
        <button
          type="button"
          aria-label={`${label}: choose`}
          aria-expanded={open}
          title={`${label}: choose`}
          className="checker h-5 w-6 overflow-hidden rounded border border-base-content/40"
          onClick={() => setOpen(!open)}
        >
          <span className="block h-full w-full" style={{ background: css(value) }} />
        </button>
        <input
          type="text"
          aria-label={label}
          title={name === "" ? label : `${label}: ${name} of the house, ${solid}`}
          className={`word ${name === "" ? "w-[8.2ch]" : "max-w-[14ch] truncate"}`}
          value={draft ?? (name === "" ? solid : name)}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={(event) => draft !== null && take(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter") {
              // Before the field is left, which would take it once more.
              const { value: typed } = event.currentTarget;
              flushSync(() => take(typed));
              if (!event.currentTarget.closest("dialog")) goHome();
            } else if (event.key === "Escape") {
              // Before the field is left: leaving takes what was typed.
              flushSync(() => setDraft(null));
              if (!goHome()) event.currentTarget.blur();
            }
          }}
        />
        <NumberField
          label={`${label}: how solid, percent`}
          value={Math.round(alpha * 100)}
          least={0}
          most={100}
          digits={0}
          unit=" %"
          onChange={(percent) => onChange(joined({ solid, alpha: percent / 100, name }))}
        />
      </span>
      {open && (
        <ColourPanel
          label={label}
          solid={solid}
          house={ofHouse ? undefined : <HouseColours value={value} onChange={onChange} />}
          onChange={(other) => onChange(joined({ solid: other, alpha, name: "" }))}
        />
      )}
    </>
  );
}

import { useState } from "react";
import { NumberField } from "./NumberField";

interface Props {
  label: string;
  /** "#rrggbb" or "#rrggbbaa" */
  value: string;
  onChange: (colour: string) => void;
}

function parts(colour: string): { solid: string; alpha: number } {
  return {
    solid: colour.slice(0, 7),
    alpha: colour.length === 9 ? parseInt(colour.slice(7), 16) / 255 : 1,
  };
}

function joined(solid: string, alpha: number): string {
  const whole = Math.round(alpha * 255);
  return whole === 255 ? solid : solid + whole.toString(16).padStart(2, "0");
}

/** A colour: picked from a swatch or typed as hex, and how solid it is. */
export function ColourField({ label, value, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const { solid, alpha } = parts(value);
  const take = (typed: string) => {
    setDraft(null);
    const hex = typed.trim().replace(/^#?/, "#").toLowerCase();
    const long = /^#[0-9a-f]{3}$/.test(hex) ? hex.replace(/[0-9a-f]/g, "$&$&") : hex;
    if (/^#[0-9a-f]{6}$/.test(long)) onChange(joined(long, alpha));
  };
  return (
    <span className="inline-flex items-center gap-1 whitespace-nowrap">
      <input
        type="color"
        aria-label={`${label}: pick`}
        className="h-5 w-6 cursor-pointer rounded border border-base-300 bg-transparent p-0"
        value={solid}
        onChange={(event) => onChange(joined(event.target.value, alpha))}
      />
      <input
        type="text"
        aria-label={label}
        title={label}
        className="word w-[8.2ch]"
        value={draft ?? solid}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={(event) => draft !== null && take(event.target.value)}
        onKeyDown={(event) => event.key === "Enter" && take(event.currentTarget.value)}
      />
      <NumberField
        label={`${label}: how solid, percent`}
        value={Math.round(alpha * 100)}
        least={0}
        most={100}
        digits={0}
        unit=" %"
        onChange={(percent) => onChange(joined(solid, percent / 100))}
      />
    </span>
  );
}

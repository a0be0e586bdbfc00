import type { Run } from "../api/client";
import { useHouse } from "../house/useHouse";
import { Choice } from "../ui/Choice";

interface Props {
  run: Run;
  /** Given the font of the house that is followed, empty for none, and the family. */
  onChange: (follows: string, family: string) => void;
}

const OWN = "";

/** Which font of the house words follow; nothing where the house has none. */
export function HouseFontChoice({ run, onChange }: Props) {
  const { house } = useHouse();
  const { follows } = run;
  if (house.fonts.length === 0 && follows === OWN) return null;
  return (
    <>
      <Choice
        label="Font of the house"
        value={follows}
        options={[
          ...house.fonts.map((font) => [font.name, `${font.name}: ${font.family}`] as const),
          ...(follows !== OWN && !house.fonts.some((font) => font.name === follows)
            ? [[follows, `${follows}: ${run.family} (not in the house)`] as const]
            : []),
          [OWN, "a font of its own"] as const,
        ]}
        onChange={(name) => {
          const font = house.fonts.find((one) => one.name === name);
          onChange(name, font?.family ?? run.family);
        }}
      />{" "}
    </>
  );
}

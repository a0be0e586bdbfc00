import type { FontFamily } from "../api/client";
import { SampleChoice } from "./SampleChoice";
import { sampleOf } from "./useFonts";

interface Props {
  packageId: number;
  value: string;
  families: readonly FontFamily[];
  onChange: (family: string) => void;
}

const KINDS: Record<FontFamily["kind"], string> = {
  SANS: "Sans serif",
  CONDENSED: "Condensed",
  SERIF: "Serif",
  OTHER_SCRIPT: "Other scripts",
};

/** The families, each named in its own letters. */
export function FontChoice({ packageId, value, families, onChange }: Props) {
  const here = families.length === 0 || families.some((family) => family.name === value);
  return (
    <SampleChoice
      label="Font family"
      list="Font families"
      value={value}
      words={here ? value : `${value} (not here)`}
      options={families.map((family) => ({
        value: family.name,
        words: family.name,
        sample: sampleOf(packageId, family, 500, family.name),
        note: family.identity ? "House’s own" : KINDS[family.kind],
      }))}
      onChange={onChange}
    />
  );
}

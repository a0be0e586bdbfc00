import type { FontFamily } from "../api/client";
import { NumberField } from "../ui/NumberField";
import { SampleChoice } from "./SampleChoice";
import { sampleOf } from "./useFonts";

interface Props {
  packageId: number;
  family: FontFamily;
  /** 1–1000. */
  weight: number;
  onChange: (weight: number) => void;
}

/** The weights of a family, each in its own letters, and all between them where there are such. */
export function WeightChoice({ packageId, family, weight, onChange }: Props) {
  const nearest = family.weights.reduce((best, other) =>
    Math.abs(other.weight - weight) < Math.abs(best.weight - weight) ? other : best,
  );
  const { stepless } = family;
  const named = !stepless || nearest.weight === weight;
  return (
    <>
      <SampleChoice
        label="Weight"
        list="Weights"
        value={named ? nearest.weight : weight}
        words={named ? nearest.name : `near ${nearest.name}`}
        options={family.weights.map((one) => ({
          value: one.weight,
          words: one.name,
          sample: sampleOf(packageId, family, one.weight, one.name),
          note: String(one.weight),
        }))}
        onChange={onChange}
      />
      {stepless && (
        <>
          {" "}
          <NumberField
            label="Weight as a number"
            value={weight}
            least={Math.max(1, stepless.least)}
            most={Math.min(1000, stepless.most)}
            step={10}
            digits={0}
            onChange={onChange}
          />
        </>
      )}
    </>
  );
}

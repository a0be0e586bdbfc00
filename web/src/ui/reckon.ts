/** What was typed into a number's field. */
export type Reckoned = { number: number } | { problem: string };

/** A number as people write it: digits in groups, with a point or a comma before the fraction. */
const NUMBER = /^(?:\d[\d.,'’_ \u00a0\u202f]*|[.,]\d+)/;

const SIGNS: Record<string, string> = {
  "−": "-",
  "–": "-",
  "×": "*",
  "·": "*",
  "÷": "/",
  ":": "/",
};

/** Units that people type; a field's own words may say more, as in "px wide". */
const UNITS = ["px", "°", "mm", "cm", "m", "inches", "in", "pt", "s"];

const GROUPED = /^\d{1,3}(?:['’_ \u00a0\u202f]\d{3})+(?:[.,]\d*)?$/;

function tidied(typed: string): string {
  return typed.replace(/[−–×·÷:]/g, (sign) => SIGNS[sign] ?? sign).trim();
}

/**
 * Digits with group signs. Of points and commas the last kind is the decimal sign if both stand
 * there; one that stands more than once separates groups, and so does a single comma before just
 * three digits, since our own numbers are written with a point.
 */
function valueOf(digits: string): number {
  if (/['’_ \u00a0\u202f]/.test(digits.trim()) && !GROUPED.test(digits.trim())) return NaN;
  let plain = digits.replace(/['’_ \u00a0\u202f]/g, "");
  const [points, commas] = [".", ","].map((sign) => plain.split(sign).length - 1) as [
    number,
    number,
  ];
  if (points > 0 && commas > 0) {
    const group = plain.lastIndexOf(".") > plain.lastIndexOf(",") ? "," : ".";
    plain = plain.replaceAll(group, "");
  } else if (points > 1 || commas > 1) {
    if (!/^\d{1,3}(?:[.,]\d{3})+$/.test(plain)) return NaN;
    plain = plain.replaceAll(/[.,]/g, "");
  } else if (/^[1-9]\d{0,2},\d{3}$/.test(plain)) plain = plain.replaceAll(",", "");
  return Number(plain.replace(",", "."));
}

/**
 * Reads what was typed as a number or a small sum: `100+20`, `1920/2`, `(3 + 4) * 2`, `1 920`,
 * `48 px`, `120 %`.
 *
 * @param words after the field's number, its unit first; it may be typed or left out
 * @param now the field's value, of which `%` takes a share where the field is not in % itself
 */
export function reckon(typed: string, words: string, now: number): Reckoned {
  const [unit = ""] = words.trim().split(" ");
  let rest = tidied(typed);
  const unread = { problem: `“${typed.trim()}” cannot be read as a number` };
  const skip = () => {
    rest = rest.trimStart();
  };
  const took = (start: string): boolean => {
    skip();
    if (!rest.toLowerCase().startsWith(start)) return false;
    rest = rest.slice(start.length);
    return true;
  };
  let foreign = "";
  const withUnit = (value: number): number => {
    if (unit !== "" && took(unit)) return value;
    if (took("%")) return (value / 100) * now;
    const other = UNITS.find(took);
    // Distances to the right and down are said without their unit.
    const own =
      unit !== "" &&
      (other === unit ||
        unit.startsWith(`${other}ch`) ||
        (other === "px" && !UNITS.includes(unit)));
    if (other !== undefined && !own) foreign = other;
    return value;
  };
  const single = (): number => {
    skip();
    if (took("-")) return -single();
    if (took("+")) return single();
    if (took("(")) {
      const inner = sum();
      return took(")") ? withUnit(inner) : NaN;
    }
    const [digits] = NUMBER.exec(rest) ?? [];
    if (digits === undefined) return NaN;
    rest = rest.slice(digits.length);
    return withUnit(valueOf(digits));
  };
  const product = (): number => {
    let value = single();
    for (;;) {
      if (took("*")) value *= single();
      else if (took("/")) value /= single();
      else return value;
    }
  };
  const sum = (): number => {
    let value = product();
    for (;;) {
      if (took("+")) value += product();
      else if (took("-")) value -= product();
      else return value;
    }
  };
  const number = sum();
  skip();
  if (foreign !== "") {
    return {
      problem: !UNITS.includes(unit)
        ? `This number has no unit, so “${foreign}” cannot be read`
        : `This is in ${unit}, so “${foreign}” cannot be read`,
    };
  }
  return rest === "" && Number.isFinite(number) ? { number } : unread;
}

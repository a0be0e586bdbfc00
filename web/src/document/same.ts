/** Whether two values of JSON say the same; the order of fields says nothing. */
export function same(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (typeof one !== "object" || typeof other !== "object" || !one || !other) return false;
  if (Array.isArray(one) !== Array.isArray(other)) return false;
  const fields = Object.entries(one);
  return (
    fields.length === Object.keys(other).length &&
    fields.every(
      ([name, value]) => name in other && same(value, (other as Record<string, unknown>)[name]),
    )
  );
}

const numbers = new WeakMap<object, number>();
let last = 0;

/**
 * A number for a document, by which queries are remembered: a whole document as a key would be
 * written out at every look. Documents are never changed in place, so the same number is the same
 * document; a document of equal content may have another.
 */
export function identity(document: object | null): number {
  if (!document) return 0;
  const known = numbers.get(document);
  if (known !== undefined) return known;
  numbers.set(document, ++last);
  return last;
}

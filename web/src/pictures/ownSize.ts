/** A picture's own size in words. A vector picture's is not always whole. */
export function ownSize({ width, height }: { width: number; height: number }): string {
  return `${side(width)} × ${side(height)}`;
}

function side(length: number): string {
  return String(Number(length.toFixed(2)));
}

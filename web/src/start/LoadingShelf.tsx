/** Stands where overlays will be, while they are being fetched. */
export function LoadingShelf() {
  return (
    <div
      role="status"
      aria-label="Loading"
      className="mb-8 grid grid-cols-[repeat(auto-fill,minmax(300px,1fr))] gap-4"
    >
      {[0, 1, 2, 3].map((i) => (
        <span key={i} className="skeleton aspect-video opacity-40" />
      ))}
    </div>
  );
}

/** Words in their own letters, in the colour of the page's text. */
export function Sample({ address }: { address: string }) {
  return (
    <span
      className="h-6 w-[220px] min-w-0 bg-base-content"
      style={{ mask: `url("${address}") left center / 220px 24px no-repeat` }}
    />
  );
}

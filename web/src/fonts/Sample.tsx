/** Words in their own letters, in the colour of the page's text. */
export function Sample({ address, width = 220 }: { address: string; width?: number }) {
  return (
    <span
      className="h-6 shrink-0 bg-base-content"
      style={{
        width,
        mask: `url("${address}") left center / 220px 24px no-repeat`,
      }}
    />
  );
}

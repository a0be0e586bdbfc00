import { useState } from "react";

interface Props {
  address: string;
  /** The row's, from 1. */
  number: number;
  /** Whether the table is moving under the hand. */
  scrolling: boolean;
}

/** A row's picture. Rows that only rush past are not drawn: those the table rests at come sooner. */
export function RowPicture({ address, number, scrolling }: Props) {
  const [wanted, setWanted] = useState(!scrolling);
  if (!scrolling && !wanted) setWanted(true);
  return (
    wanted && (
      <img
        src={address}
        alt={`Row ${number}`}
        decoding="async"
        className="max-h-[4.25rem] w-full rounded-sm bg-neutral-500 object-contain p-0.5"
      />
    )
  );
}

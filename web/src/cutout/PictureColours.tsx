import { useState } from "react";
import type { PicturePiece, PictureSummary } from "../api/client";
import { CutOutSection } from "./CutOutSection";
import { CuttingTable } from "./CuttingTable";

interface Props {
  piece: PicturePiece;
  pictures: PictureSummary[];
  onChange: (next: (piece: PicturePiece) => PicturePiece, did: string, key: string) => void;
}

/** The cut-out and the tint of a picture, with the table on which it is cut. */
export function PictureColours({ piece, pictures, onChange }: Props) {
  const [table, setTable] = useState(false);
  const picture = pictures.find((other) => other.name === piece.picture);
  return (
    <>
      <CutOutSection
        piece={piece}
        picture={picture}
        onTable={() => setTable(true)}
        onChange={onChange}
      />
      {table && picture && (
        <CuttingTable
          piece={piece}
          picture={picture}
          onChange={onChange}
          onClose={() => setTable(false)}
        />
      )}
    </>
  );
}

interface Props {
  sentences: readonly string[];
  onYes: () => void;
  onNo: () => void;
}

/** Asks before files are written in which something is cut or missing. */
export function SpoiltQuestion({ sentences, onYes, onNo }: Props) {
  return (
    <div
      role="alertdialog"
      aria-label="Deliver all the same?"
      className="alert alert-warning alert-soft mt-3 block text-sm"
    >
      <ul className="mb-2">
        {sentences.map((sentence) => (
          <li key={sentence}>{sentence}</li>
        ))}
      </ul>
      <span className="flex gap-2">
        <button type="button" className="btn btn-sm btn-warning" autoFocus onClick={onYes}>
          Deliver all the same
        </button>
        <button type="button" className="btn btn-sm" onClick={onNo}>
          Not now
        </button>
      </span>
    </div>
  );
}

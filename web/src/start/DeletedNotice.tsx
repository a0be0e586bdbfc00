interface Props {
  name: string;
  onUndo: () => void;
  onClose: () => void;
}

/** Says what was just deleted, with the way back. */
export function DeletedNotice({ name, onUndo, onClose }: Props) {
  return (
    <div role="status" className="alert alert-soft mb-3 max-w-xl py-2 text-sm">
      <span>“{name}” was deleted.</span>
      <span className="flex gap-1">
        <button type="button" className="btn btn-sm btn-primary" onClick={onUndo}>
          Bring it back
        </button>
        <button type="button" className="btn btn-sm btn-ghost" onClick={onClose}>
          Close
        </button>
      </span>
    </div>
  );
}

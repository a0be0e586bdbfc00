import { type ReactNode, useRef } from "react";

interface Props {
  label: string;
  accept: string;
  words: ReactNode;
  title?: string;
  className: string;
  /** Whether several files can be chosen at once. */
  many?: boolean;
  /** Given one file or more. */
  onFiles: (files: File[]) => void;
}

/** A button that asks for files. */
export function FilePick(props: Props) {
  const { label, accept, words, title, className, many = false, onFiles } = props;
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button
        type="button"
        className={className}
        title={title}
        aria-label={title}
        onClick={() => input.current?.click()}
      >
        {words}
      </button>
      <input
        ref={input}
        type="file"
        aria-label={label}
        accept={accept}
        multiple={many}
        className="hidden"
        onChange={(event) => {
          const given = [...(event.target.files ?? [])];
          event.target.value = "";
          if (given.length > 0) onFiles(given);
        }}
      />
    </>
  );
}

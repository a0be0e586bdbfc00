import { useRef } from "react";

interface Props {
  label: string;
  accept: string;
  words: string;
  className: string;
  onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FilePick({ label, accept, words, className, onFile }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className={className} onClick={() => input.current?.click()}>
        {words}
      </button>
      <input
        ref={input}
        type="file"
        aria-label={label}
        accept={accept}
        className="hidden"
        onChange={(event) => {
          const given = event.target.files?.[0];
          event.target.value = "";
          if (given) onFile(given);
        }}
      />
    </>
  );
}

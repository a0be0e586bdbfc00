import { useState } from "react";
import { Link } from "react-router";
import { useOverlay } from "../document/overlayStore";
import { css, parts } from "../ui/colours";
import { following, freeName, valueIn } from "../house/colours";
import { useHouse } from "../house/useHouse";

interface Props {
  /** As it is: with alpha, and with the name that it follows. */
  value: string;
  onChange: (value: string) => void;
}

/** The colours of the house: to follow one, to follow none, or to keep this one as a new one. */
export function HouseColours({ value, onChange }: Props) {
  const { house, keep } = useHouse();
  const dress = useOverlay((state) => state.overlay?.dress ?? "LIGHT");
  const packageId = useOverlay((state) => state.packageId);
  const overlayId = useOverlay((state) => state.id);
  const [name, setName] = useState("");
  const { solid, name: followed } = parts(value);
  const known = house.colours.some((own) => own.name === followed);
  return (
    <>
      <div className="flex flex-wrap items-center gap-1">
        {house.colours.map((own) => (
          <button
            key={own.name}
            type="button"
            aria-label={`Follow ${own.name}`}
            aria-pressed={own.name === followed}
            title={own.role === "" ? own.name : `${own.name}: ${own.role}`}
            className={`block h-6 w-6 rounded border ${own.name === followed ? "border-primary ring-1 ring-primary" : "border-base-content/40"}`}
            style={{ background: css(valueIn(own, dress)) }}
            onClick={() => onChange(following(own, dress, value))}
          />
        ))}
        {house.colours.length === 0 && (
          <span className="opacity-75">The house has no colours yet.</span>
        )}
      </div>
      {followed !== "" ? (
        <p className="mt-1">
          {known ? "Follows" : "Followed"} <strong>{followed}</strong>
          {known ? " of the house. " : ", which the house does not have. "}
          <button type="button" className="btn btn-xs" onClick={() => onChange(css(value))}>
            Cut loose
          </button>
        </p>
      ) : (
        <form
          className="mt-1 flex items-center gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            const given = freeName(name.trim() || solid, house.colours);
            const colour = { name: given, formerly: [], role: "", light: solid, dark: solid };
            void keep({ ...house, colours: [...house.colours, colour] }).then((kept) => {
              if (kept) onChange(following(colour, dress, value));
            });
            setName("");
          }}
        >
          <input
            aria-label="Name for the house's colour"
            placeholder="Name"
            className="input input-xs w-24"
            maxLength={60}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <button type="submit" className="btn btn-xs">
            Keep in the house
          </button>
        </form>
      )}
      <Link
        to={`/packages/${packageId}/house`}
        state={{ overlay: overlayId }}
        className="mt-1 inline-block text-xs underline opacity-80"
      >
        All of the house
      </Link>
    </>
  );
}

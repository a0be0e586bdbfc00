import { useVirtualizer } from "@tanstack/react-virtual";
import type { Marking, PhotographLine } from "../api/client";
import { useSize } from "../ui/useSize";
import type { Looks } from "./order";
import { PhotographCard } from "./PhotographCard";

interface Props {
  packageId: number;
  /** As they are to hang. */
  photographs: readonly PhotographLine[];
  looks: Looks;
  /** How those are marked that have no way of their own. */
  marking: Marking;
  chosen: ReadonlySet<number>;
  onChoose: (photograph: PhotographLine) => void;
  onLarge: (photograph: PhotographLine) => void;
}

const LEAST_WIDTH = 216;
const GAP = 10;
const ROW_HEIGHT = 224;

/** All photographs with their mark; only those in view are drawn. */
export function Wall(props: Props) {
  const { packageId, photographs, looks, marking, chosen, onChoose, onLarge } = props;
  const [scroll, { width }] = useSize<HTMLDivElement>();
  const columns = Math.max(1, Math.floor((width - GAP) / (LEAST_WIDTH + GAP)));
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are called here only
  const virtual = useVirtualizer({
    count: Math.ceil(photographs.length / columns),
    getScrollElement: () => scroll.current,
    estimateSize: () => ROW_HEIGHT + GAP,
    overscan: 2,
  });
  return (
    <div
      ref={scroll}
      className="min-h-0 flex-1 overflow-y-auto bg-base-200 px-4 py-3"
      role="region"
      aria-label="Photographs"
      tabIndex={0}
    >
      <div className="relative" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map((row) => (
          <div
            key={row.key}
            ref={virtual.measureElement}
            data-index={row.index}
            className="absolute inset-x-0 grid"
            style={{
              top: row.start,
              gap: GAP,
              paddingBottom: GAP,
              gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
            }}
          >
            {photographs.slice(row.index * columns, (row.index + 1) * columns).map((one) => (
              <PhotographCard
                key={one.id}
                packageId={packageId}
                photograph={one}
                look={looks.get(one.id)}
                marking={one.own ?? marking}
                chosen={chosen.has(one.id)}
                onChoose={() => onChoose(one)}
                onLarge={() => onLarge(one)}
              />
            ))}
          </div>
        ))}
      </div>
    </div>
  );
}

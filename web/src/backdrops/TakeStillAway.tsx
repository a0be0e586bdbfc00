import { useQueryClient } from "@tanstack/react-query";
import { answer, api } from "../api/client";
import { TakeAway } from "../ui/TakeAway";

interface Props {
  packageId: number;
  still: number;
  backdrop: string;
}

/** Takes the still that is seen out of the package. */
export function TakeStillAway({ packageId, still, backdrop }: Props) {
  const queries = useQueryClient();
  const takeAway = async () => {
    await answer(api.DELETE("/api/stills/{id}", { params: { path: { id: still } } }));
    await queries.invalidateQueries({ queryKey: ["stills", packageId] });
  };
  // Another still is asked for anew.
  return (
    <TakeAway
      key={still}
      label={`${backdrop}: take this still away…`}
      onYes={() => void takeAway()}
    />
  );
}

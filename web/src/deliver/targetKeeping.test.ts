import { describe, expect, it, vi } from "vitest";
import type { NamedTarget } from "../api/client";
import { createTargetKeeping } from "./targetKeeping";

const named = (...names: string[]) => names.map((name) => ({ name })) as unknown as NamedTarget[];

/** A clock that goes on when it is told to. */
function hand() {
  const waiting = new Set<() => void>();
  return {
    later: (work: () => void) => {
      // The same work may be asked for twice.
      const mine = () => work();
      waiting.add(mine);
      return () => waiting.delete(mine);
    },
    rests: () => {
      const due = [...waiting];
      waiting.clear();
      due.forEach((work) => work());
    },
  };
}

function opened() {
  const { later, rests } = hand();
  const send = vi.fn<(id: number, targets: NamedTarget[]) => Promise<void>>(() =>
    Promise.resolve(),
  );
  const keeping = createTargetKeeping(send, later);
  keeping.open(7, named("Wide", "Upright"));
  return { keeping, send, rests };
}

describe("targets that are changed", () => {
  it("are sent once the hand rests, and then the newest alone", async () => {
    const { keeping, send, rests } = opened();
    keeping.change(named("Wide"));
    keeping.change(named("Wide", "Square"));
    expect(send).not.toHaveBeenCalled();
    expect(keeping.resting()).toBe(true);
    rests();
    expect(await keeping.kept()).toBe(true);
    expect(keeping.resting()).toBe(false);
    expect(send.mock.calls).toEqual([[7, named("Wide", "Square")]]);
  });

  it("are sent at once where they have to be kept, and not again", async () => {
    const { keeping, send, rests } = opened();
    keeping.change(named("Square"));
    expect(await keeping.kept()).toBe(true);
    rests();
    expect(await keeping.kept()).toBe(true);
    expect(send).toHaveBeenCalledTimes(1);
  });

  it("say why they could not be kept until they are", async () => {
    const { keeping, send } = opened();
    send.mockRejectedValueOnce(new Error("The server does not answer."));
    keeping.change(named("Square"));
    expect(await keeping.kept()).toBe(false);
    expect(keeping.store.getState().problem).toBe("The server does not answer.");
    keeping.change(named("Square", "Wide"));
    expect(await keeping.kept()).toBe(true);
    expect(keeping.store.getState().problem).toBe("");
  });

  it("are sent one after another, in their order", async () => {
    const { keeping, send, rests } = opened();
    let answered: () => void = () => undefined;
    send.mockImplementationOnce(() => new Promise((done) => (answered = done)));
    keeping.change(named("First"));
    rests();
    await Promise.resolve();
    keeping.change(named("Second"));
    rests();
    await Promise.resolve();
    expect(send).toHaveBeenCalledTimes(1);
    answered();
    await keeping.kept();
    expect(send.mock.calls.map(([, targets]) => targets)).toEqual([
      named("First"),
      named("Second"),
    ]);
  });
});

describe("the sheet that is open", () => {
  it("stays open when the package is fetched anew, and is the first's in another", () => {
    const { keeping } = opened();
    expect(keeping.store.getState().chosen).toBe("Wide");
    keeping.store.getState().choose("Upright");
    keeping.open(7, named("Wide", "Upright", "Square"));
    expect(keeping.store.getState().chosen).toBe("Upright");
    keeping.open(8, named("Square", "Upright"));
    expect(keeping.store.getState().chosen).toBe("Square");
    keeping.open(8, []);
    expect(keeping.store.getState().chosen).toBe("");
  });
});

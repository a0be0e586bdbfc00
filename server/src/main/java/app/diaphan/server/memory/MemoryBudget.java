package app.diaphan.server.memory;

import app.diaphan.core.memory.Memory;
import app.diaphan.core.memory.Permits;
import app.diaphan.core.memory.RecentMemory;
import org.springframework.stereotype.Component;

/**
 * How the heap is shared out: to what is remembered, and to work that goes on side by side. What is
 * left is for the program itself, for decoders ({@code DecodingLimits} has a quarter of the heap to
 * give) and for the collector to work in.
 */
@Component
public final class MemoryBudget {
  private static final double PICTURES = 0.33;
  private static final double REMEMBERED = 0.06;
  private static final double DRAWN = 0.03;
  private static final double RECIPES = 0.01;
  private static final double WORK = 0.30;

  private final RecentMemory pictures;
  private final CaffeineMemory remembered;
  private final RecentMemory drawn;
  private final RecentMemory recipes;
  private final Permits work;

  public MemoryBudget() {
    this(Runtime.getRuntime().maxMemory());
  }

  /**
   * @param heap bytes that the program may take
   */
  MemoryBudget(long heap) {
    pictures = new RecentMemory((long) (PICTURES * heap));
    remembered = new CaffeineMemory((long) (REMEMBERED * heap));
    drawn = new RecentMemory((long) (DRAWN * heap));
    recipes = new RecentMemory((long) (RECIPES * heap));
    work = new Permits((long) (WORK * heap), this::clear);
  }

  /** For decoded and cut pictures, which are few and large: the one in hand stays. */
  public Memory pictures() {
    return pictures;
  }

  /** For all else that is made again when it is not found. */
  public Memory remembered() {
    return remembered;
  }

  /** For drawn files that somebody is about to fetch: the newest stay. */
  public Memory drawn() {
    return drawn;
  }

  /** For what is needed to draw such files again. */
  public Memory recipes() {
    return recipes;
  }

  /** For drawing, checking and delivering. */
  public Permits work() {
    return work;
  }

  /** Lets go of all that can be made again. */
  public void clear() {
    pictures.clear();
    remembered.clear();
    drawn.clear();
  }
}

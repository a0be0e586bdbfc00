package app.diaphan.core.deliver;

/** Told how far a long work is; may throw to stop it. */
@FunctionalInterface
public interface Progress {
  Progress NONE = (done, all) -> {};

  /** {@code done} of {@code all} rows are finished. */
  void at(long done, long all);
}

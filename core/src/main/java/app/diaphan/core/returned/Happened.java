package app.diaphan.core.returned;

/** What has become of a file since it was delivered. */
public enum Happened {
  /** It is the file that was delivered. */
  SAME_BYTES,
  /** It was written anew, with every pixel as it was. */
  SAME_PICTURE,
  /** What was delivered is not in its folder any more; most often a newer file took its place. */
  OUTDATED,
  /** It has another size in pixels. */
  SCALED,
  /** It has no alpha any more. */
  ALPHA_LOST,
  /** Its colours were multiplied by its alpha and it is still called straight. */
  ALPHA_MULTIPLIED_IN,
  /** Its alpha is another one. */
  ALPHA_CHANGED,
  /** Its colours were packed with loss, or changed in another way. */
  RECOMPRESSED,
  /** It has fewer bits a channel. */
  FEWER_BITS
}

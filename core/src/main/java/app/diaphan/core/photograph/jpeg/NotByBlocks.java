package app.diaphan.core.photograph.jpeg;

/**
 * A JPEG file whose blocks cannot be kept as they are, so that it has to be coded anew as a whole.
 * Its message says why, as the end of a sentence: "it is coded arithmetically".
 */
public final class NotByBlocks extends Exception {
  private static final long serialVersionUID = 1L;

  NotByBlocks(String reason) {
    super(reason);
  }
}

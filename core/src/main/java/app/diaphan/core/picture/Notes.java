package app.diaphan.core.picture;

/** Sentences that several readers say. */
final class Notes {
  static final String MIXING =
      "Parts of it mix with what lies behind them, which a still with alpha cannot carry; they are shown plainly.";

  private Notes() {}
}

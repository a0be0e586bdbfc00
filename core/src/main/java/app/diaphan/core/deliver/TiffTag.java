package app.diaphan.core.deliver;

/** The fields of a directory that our files have, by their names in TIFF 6.0, in their order. */
enum TiffTag {
  IMAGE_WIDTH(256),
  IMAGE_LENGTH(257),
  BITS_PER_SAMPLE(258),
  COMPRESSION(259),
  PHOTOMETRIC_INTERPRETATION(262),
  IMAGE_DESCRIPTION(270),
  STRIP_OFFSETS(273),
  ORIENTATION(274),
  SAMPLES_PER_PIXEL(277),
  ROWS_PER_STRIP(278),
  STRIP_BYTE_COUNTS(279),
  X_RESOLUTION(282),
  Y_RESOLUTION(283),
  PLANAR_CONFIGURATION(284),
  X_POSITION(286),
  Y_POSITION(287),
  RESOLUTION_UNIT(296),
  PREDICTOR(317),
  EXTRA_SAMPLES(338),
  SAMPLE_FORMAT(339),

  /** Of the International Color Consortium, not of TIFF 6.0 itself. */
  ICC_PROFILE(34675);

  private final int number;

  TiffTag(int number) {
    this.number = number;
  }

  int number() {
    return number;
  }
}

package app.diaphan.core.photograph.file;

import app.diaphan.core.photograph.metadata.Metadata;
import java.util.List;

/**
 * What is known of a photograph's file before its pixels are decoded.
 *
 * @param width as it is stored, in pixels; height likewise
 * @param bits a channel, 8 or 16
 * @param notes what is not kept of the file, in sentences
 */
record PhotographFacts(
    PhotographFormat format,
    int width,
    int height,
    int bits,
    OwnColours colours,
    Metadata metadata,
    List<String> notes) {
  PhotographFacts {
    notes = List.copyOf(notes);
  }
}

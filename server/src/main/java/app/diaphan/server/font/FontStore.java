package app.diaphan.server.font;

import app.diaphan.core.Digest;
import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.FileName;
import app.diaphan.core.font.FontFile;
import app.diaphan.core.font.file.FontFiles;
import app.diaphan.server.picture.FileTrial;
import app.diaphan.server.store.PictureContents;
import app.diaphan.server.store.PictureStore;
import org.springframework.stereotype.Service;

/** Keeps files of fonts for houses. */
@Service
public class FontStore {
  private final PictureStore pictures;
  private final PictureContents contents;
  private final FileTrial trial;
  private final FontShelves shelves;

  FontStore(PictureStore pictures, PictureContents contents, FileTrial trial, FontShelves shelves) {
    this.pictures = pictures;
    this.contents = contents;
    this.trial = trial;
    this.shelves = shelves;
  }

  /**
   * Tries a font in a process of its own and keeps it.
   *
   * @return what it tells of itself
   * @throws InvalidInput if letters cannot be drawn with it
   */
  public FontFile keep(String name, byte[] bytes) {
    FileName.check(name);
    String digest = Digest.of(bytes);
    if (!contents.existsById(digest)) {
      trial.checkFont(name, bytes);
      pictures.keepBytes(digest, bytes);
    }
    shelves.filesCame();
    return FontFiles.read(name, bytes);
  }

  /**
   * @throws InvalidInput if a file that is here tells something else of itself, or is not here
   */
  public void check(FontFile said) {
    byte[] bytes =
        contents
            .findById(said.content())
            .orElseThrow(
                () ->
                    new InvalidInput(
                        Sentence.of(
                            "The font file \"%s\" is not among those of the house; choose the file again.",
                            said.file())))
            .content();
    if (!said.toldAs(FontFiles.read(said.file(), bytes)).equals(said)) {
      throw new InvalidInput(
          Sentence.of(
              "The font file \"%s\" is said to be what it is not; choose the file again.",
              said.file()));
    }
  }

  public byte[] content(FontFile file) {
    return pictures.content(file.content());
  }
}

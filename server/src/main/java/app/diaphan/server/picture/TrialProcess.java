package app.diaphan.server.picture;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Names;
import app.diaphan.core.font.file.FontTrial;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.core.picture.VectorPicture;
import app.diaphan.server.picture.TrialProtocol.Answer;
import app.diaphan.server.picture.TrialProtocol.Question;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;

/** The process in which files are tried: it reads and draws what it is given, one by one. */
public final class TrialProcess {
  /** As on a small frame, and larger than on most. */
  private static final int[] SIDES = {256, 2048};

  private static final int LONGEST_SENTENCE = 1000;

  private TrialProcess() {}

  /** Answers until nothing more is asked. */
  public static void run(InputStream in, PrintStream out) throws IOException {
    System.setOut(System.err); // What a library says must not be taken for an answer.
    try (DataInputStream questions = new DataInputStream(in);
        DataOutputStream answers = new DataOutputStream(new BufferedOutputStream(out))) {
      while (true) {
        Question question = Question.read(questions);
        new Answer(Names.shortened(refusal(question), LONGEST_SENTENCE)).write(answers);
      }
    } catch (EOFException e) {
      // The server has gone or needs no more.
    }
  }

  private static String refusal(Question question) {
    try {
      switch (question.kind()) {
        case PICTURE -> {
          if (PictureReader.read(question.name(), question.bytes())
              instanceof VectorPicture picture) {
            draw(picture);
          }
        }
        case FONT -> FontTrial.tried(question.name(), question.bytes());
      }
      return "";
    } catch (InvalidInput e) {
      return e.getMessage();
    }
  }

  /** Every page as it may be asked for. */
  private static void draw(VectorPicture picture) {
    for (int page = 1; page <= picture.pageCount(); page++) {
      for (int side : SIDES) {
        if (page == 1 || side == SIDES[0]) {
          picture.page(page).drawn(side);
        }
      }
    }
  }
}

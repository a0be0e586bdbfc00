package app.diaphan.server.photograph;

import app.diaphan.core.photograph.Marking;
import app.diaphan.server.json.DocumentJson;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.nio.file.Path;
import java.util.Optional;

/** A photograph of a package: where its file lies, how it is marked and what became of it. */
@Entity
@Table(name = "photograph")
public class PhotographEntity {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long packageId;
  private String name;
  private String path;
  private boolean ours;
  private boolean leftOut;
  @Lob private String ownMarking;
  @Lob private String outcome;
  private String madeFrom;

  protected PhotographEntity() {}

  /**
   * @param ours whether the file lies in our data folder, since it was given without saying where
   *     it lies
   */
  PhotographEntity(Long packageId, Path file, boolean ours) {
    this.packageId = packageId;
    this.name = file.getFileName().toString();
    this.path = file.toString();
    this.ours = ours;
  }

  public Long id() {
    return id;
  }

  public Long packageId() {
    return packageId;
  }

  public String name() {
    return name;
  }

  public Path path() {
    return Path.of(path);
  }

  public boolean ours() {
    return ours;
  }

  public boolean leftOut() {
    return leftOut;
  }

  /** How it is marked otherwise than the others. */
  public Optional<Marking> ownMarking() {
    return Optional.ofNullable(ownMarking)
        .map(json -> DocumentJson.read(json, Marking.class, "How a photograph is marked"));
  }

  public Optional<MarkOutcome> outcome() {
    return Optional.ofNullable(outcome)
        .map(json -> DocumentJson.read(json, MarkOutcome.class, "What became of a photograph"));
  }

  /** A digest of all that decided its file; empty if there is none. */
  public String madeFrom() {
    return madeFrom == null ? "" : madeFrom;
  }

  void leaveOut(boolean out) {
    leftOut = out;
  }

  void markAs(Optional<Marking> own) {
    ownMarking = own.map(DocumentJson::write).orElse(null);
  }

  /** Why it could not be marked the last time may be otherwise by now. */
  void forgetFailure() {
    if (outcome().filter(what -> !what.done()).isPresent()) {
      outcome = null;
    }
  }

  void became(MarkOutcome what, String of) {
    outcome = DocumentJson.write(what);
    madeFrom = of;
  }
}

package app.diaphan.server.web;

import app.diaphan.core.InvalidInput;
import app.diaphan.core.Sentence;
import app.diaphan.core.deliver.DeliveryFailed;
import app.diaphan.core.memory.NoRoom;
import app.diaphan.core.picture.PictureReader;
import app.diaphan.server.disk.DatabaseTrouble;
import app.diaphan.server.disk.ReopenedDatabase;
import app.diaphan.server.disk.WritingGuard;
import app.diaphan.server.json.Misreading;
import app.diaphan.server.memory.OutOfMemory;
import app.diaphan.server.store.Missing;
import app.diaphan.server.store.StaleSave;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import org.springframework.web.util.DisconnectedClientHelper;

/** Every error as problem+json (RFC 9457), its detail a sentence for the designer. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
  private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

  private final OutOfMemory outOfMemory;
  private final ReopenedDatabase database;

  Problems(OutOfMemory outOfMemory, ReopenedDatabase database) {
    this.outOfMemory = outOfMemory;
    this.database = database;
  }

  @ExceptionHandler
  ProblemDetail invalid(InvalidInput e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail missing(Missing e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.NOT_FOUND, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail stale(StaleSave e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONFLICT, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail stale(OptimisticLockingFailureException e) {
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.CONFLICT,
        "The overlay was saved from elsewhere at the same moment; nothing was overwritten.");
  }

  @ExceptionHandler
  ProblemDetail failed(DeliveryFailed e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.INTERNAL_SERVER_ERROR, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail nothingWritten(WritingGuard.NothingWritten e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.INSUFFICIENT_STORAGE, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail noRoom(NoRoom e) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.SERVICE_UNAVAILABLE, e.getMessage());
  }

  @ExceptionHandler
  ProblemDetail noMemory(OutOfMemoryError e, HttpServletRequest request) {
    outOfMemory.met();
    LOG.error("{} {} needed more memory", request.getMethod(), request.getRequestURI(), e);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.SERVICE_UNAVAILABLE,
        Sentence.of(
            "There was not enough memory to answer %s %s. Nothing was lost; try again, or start Diaphan with more.",
            request.getMethod(), request.getRequestURI()));
  }

  @ExceptionHandler
  ProblemDetail unexpected(Exception e, HttpServletRequest request) {
    // Spring hands on errors in an exception of its own, for which this method is the nearer one.
    if (e.getCause() instanceof OutOfMemoryError full) {
      return noMemory(full, request);
    }
    if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
      // Nobody is there to be told: the browser turned to something else.
      return ProblemDetail.forStatus(HttpStatus.INTERNAL_SERVER_ERROR);
    }
    Optional<DatabaseTrouble> trouble = database.trouble(e);
    if (trouble.isPresent()) {
      LOG.warn("The database has trouble: {}", trouble.get(), e);
      return ProblemDetail.forStatusAndDetail(
          HttpStatus.INSUFFICIENT_STORAGE, trouble.get().sentence());
    }
    LOG.error("A request ended in an unexpected way", e);
    return ProblemDetail.forStatusAndDetail(
        HttpStatus.INTERNAL_SERVER_ERROR,
        "Something went wrong in Diaphan itself. Nothing saved was lost; the log says more.");
  }

  /** What the framework would say is for those who program with it. */
  @Override
  protected ResponseEntity<Object> handleExceptionInternal(
      Exception e, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
    boolean own = body != null && !(e instanceof TypeMismatchException);
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, ofAnAddress(status));
    return super.handleExceptionInternal(e, own ? body : problem, headers, status, request);
  }

  private static String ofAnAddress(HttpStatusCode status) {
    return switch (status.value()) {
      case 404 -> "There is nothing at this address.";
      case 405 -> "This cannot be done at this address.";
      case 406 -> "What is there cannot be given in the form that was asked for.";
      case 415 -> "What was sent is of a kind that cannot be taken in here.";
      default ->
          "A value in the address, or a part of what was sent, is missing or cannot be read.";
    };
  }

  @Override
  protected ResponseEntity<Object> handleHttpMessageNotReadable(
      HttpMessageNotReadableException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    Throwable cause = e.getCause() == null ? e : e.getCause();
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(
            HttpStatus.UNPROCESSABLE_CONTENT, Misreading.ofRequest(cause));
    return handleExceptionInternal(e, problem, headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
  }

  @Override
  protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
      MaxUploadSizeExceededException e,
      HttpHeaders headers,
      HttpStatusCode status,
      WebRequest request) {
    return handleExceptionInternal(
        e,
        tooLarge(
            "The file is larger than 4 GB and was not taken in. Divide the package and give it in parts."),
        headers,
        HttpStatus.CONTENT_TOO_LARGE,
        request);
  }

  @ExceptionHandler
  ProblemDetail onTooLarge(Uploads.TooLarge e) {
    return tooLarge(
        Sentence.of(
            "The file is larger than %d MB and was not taken in. Save it smaller.",
            PictureReader.MOST_BYTES >> 20));
  }

  private static ProblemDetail tooLarge(String sentence) {
    return ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, sentence);
  }
}

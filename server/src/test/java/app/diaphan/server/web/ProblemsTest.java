package app.diaphan.server.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.diaphan.server.disk.ReopenedDatabase;
import app.diaphan.server.memory.OutOfMemory;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.ProblemDetail;

class ProblemsTest {
  private final OutOfMemory outOfMemory = mock(OutOfMemory.class);
  private final Problems problems = new Problems(outOfMemory, mock(ReopenedDatabase.class));
  private final HttpServletRequest request = mock(HttpServletRequest.class);

  @BeforeEach
  void askForADrawing() {
    when(request.getMethod()).thenReturn("POST");
    when(request.getRequestURI()).thenReturn("/api/packages/1/drawings");
  }

  @Test
  void aRequestThatFoundNoMemoryIsAnsweredByNameHoweverSpringHandsItOn() {
    ProblemDetail problem =
        problems.unexpected(
            new ServletException("Handler dispatch failed", new OutOfMemoryError("made up")),
            request);

    assertEquals(503, problem.getStatus());
    assertTrue(problem.getDetail().contains("POST /api/packages/1/drawings"), problem::getDetail);
    verify(outOfMemory).met();
  }

  @Test
  void whatNobodyExpectedIsAnsweredWithoutItsInnerWords() {
    ProblemDetail problem = problems.unexpected(new IllegalStateException("inner words"), request);

    assertEquals(500, problem.getStatus());
    assertTrue(!problem.getDetail().contains("inner words"), problem::getDetail);
    verifyNoInteractions(outOfMemory);
  }
}

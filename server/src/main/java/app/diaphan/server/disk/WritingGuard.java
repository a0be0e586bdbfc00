package app.diaphan.server.disk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Set;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Refuses requests that would write while nothing can be written; all others are answered. */
@Configuration(proxyBeanMethods = false)
public class WritingGuard implements WebMvcConfigurer, HandlerInterceptor {
  private static final Set<String> WRITING = Set.of("POST", "PUT", "DELETE", "PATCH");

  private final RoomToWrite room;

  WritingGuard(RoomToWrite room) {
    this.room = room;
  }

  /** Nothing could be written; the sentence says why. */
  public static final class NothingWritten extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NothingWritten(DatabaseTrouble trouble) {
      super(trouble.sentence());
    }
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    boolean computes =
        handler instanceof HandlerMethod method && method.hasMethodAnnotation(OnlyComputes.class);
    if (WRITING.contains(request.getMethod()) && !computes) {
      room.trouble()
          .ifPresent(
              trouble -> {
                throw new NothingWritten(trouble);
              });
    }
    return true;
  }
}

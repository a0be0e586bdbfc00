package app.diaphan.server.web;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Answers only requests that a page of this application on this machine can have made. A page from
 * elsewhere could name our port under its own host name, or post to us from its own origin.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class Guard extends OncePerRequestFilter {
  private static final Set<String> OWN_HOSTS = Set.of("127.0.0.1", "localhost", "[::1]");
  private static final String POLICY =
      "default-src 'none'; media-src 'self' blob:; script-src 'self'; style-src 'self' 'unsafe-inline'; "
          + "img-src 'self' data: blob:; font-src 'self'; connect-src 'self'; "
          + "base-uri 'none'; form-action 'none'; frame-ancestors 'none'";

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    response.setHeader("Content-Security-Policy", POLICY);
    response.setHeader("X-Content-Type-Options", "nosniff");
    response.setHeader("Referrer-Policy", "no-referrer");
    response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
    response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
    if (!OWN_HOSTS.contains(request.getServerName()) || !ownOrigin(request)) {
      response.setStatus(HttpServletResponse.SC_FORBIDDEN);
      response.setContentType("application/problem+json");
      response
          .getWriter()
          .write(
              "{\"status\":403,\"title\":\"Forbidden\",\"detail\":\"Diaphan answers only its own"
                  + " pages on this machine.\"}");
      return;
    }
    chain.doFilter(request, response);
  }

  /**
   * Browsers say where a request comes from even when they send no origin (Fetch Metadata). The
   * application may be opened from anywhere, but nothing of it may be asked for from another page.
   */
  private static boolean ownSite(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    if (site == null || site.equals("same-origin") || site.equals("none")) {
      return true;
    }
    return "navigate".equals(request.getHeader("Sec-Fetch-Mode"))
        && "document".equals(request.getHeader("Sec-Fetch-Dest"))
        && "GET".equals(request.getMethod())
        && !request.getRequestURI().startsWith("/api");
  }

  private static boolean ownOrigin(HttpServletRequest request) {
    String origin = request.getHeader("Origin");
    if (origin == null) {
      return ownSite(request);
    }
    try {
      URI uri = URI.create(origin);
      return uri.getHost() != null
          && uri.getHost().equals(request.getServerName())
          && uri.getPort() == request.getServerPort();
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}

package app.diaphan.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of the front end is the one page; it finds its own way from there. */
@Controller
class FrontEnd {
  @GetMapping({"/", "/packages/**", "/overlays/**"})
  String page() {
    return "forward:/index.html";
  }
}

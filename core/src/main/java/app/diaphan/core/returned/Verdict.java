package app.diaphan.core.returned;

import java.util.List;
import java.util.Set;

/**
 * What is said of a file that came back.
 *
 * @param sentences what happened and what to do, for the designer
 * @param usable whether it can be used in place of what was delivered
 */
public record Verdict(Set<Happened> happened, List<String> sentences, boolean usable) {}

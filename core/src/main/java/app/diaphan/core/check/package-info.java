/**
 * The checks of Proof. {@link app.diaphan.core.check.ProofChecks} has them all; each is a class of
 * its own, told an overlay that is drawn at its frame's own size, the stills that it lies over and
 * the targets that it goes to. What they find has a sentence and, where there is one, a mend.
 */
@NullMarked
package app.diaphan.core.check;

import org.jspecify.annotations.NullMarked;

/** How video shows colours and edges: {@link app.diaphan.core.proof.VideoLook}. */
@NullMarked
package app.diaphan.core.proof;

import org.jspecify.annotations.NullMarked;

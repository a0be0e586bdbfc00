/**
 * Codes to scan: words as a square of dark and light modules, by the standard for QR codes (ISO/IEC
 * 18004). Begin with {@link app.diaphan.core.code.Modules}:
 *
 * <pre>{@code
 * Modules modules = Modules.of("https://lantern-reach.example", Correction.M);
 * Shape dark = modules.outline(); // a unit for each module
 * }</pre>
 */
@NullMarked
package app.diaphan.core.code;

import org.jspecify.annotations.NullMarked;

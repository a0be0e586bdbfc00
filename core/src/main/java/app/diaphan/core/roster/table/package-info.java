/**
 * Tables as people have them: CSV in any encoding, XLSX, ODS, pasted cells. {@link
 * app.diaphan.core.roster.table.TableReader} reads one into a {@link
 * app.diaphan.core.roster.table.Table} of text.
 */
@NullMarked
package app.diaphan.core.roster.table;

import org.jspecify.annotations.NullMarked;

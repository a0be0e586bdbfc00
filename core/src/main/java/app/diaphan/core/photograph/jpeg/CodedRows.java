package app.diaphan.core.photograph.jpeg;

/**
 * Where the rows of a scan's units are coded in its file, in bits from the file's beginning.
 *
 * @param starts of each row
 * @param seconds of the second unit of each row
 * @param end of the last unit
 */
record CodedRows(long[] starts, long[] seconds, long end) {}

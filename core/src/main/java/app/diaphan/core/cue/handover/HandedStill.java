package app.diaphan.core.cue.handover;

/**
 * A still as the time lines of a hand-over name it.
 *
 * @param label by which people know it
 * @param file name of the file
 * @param path where it lies, from the folder of the time lines
 */
public record HandedStill(String label, String file, String path) {}

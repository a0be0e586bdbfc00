/**
 * Where the program keeps things ({@link app.diaphan.server.program.DataFolder}), and which version
 * it is.
 */
package app.diaphan.server.program;

/**
 * Everything that {@code ./diaphan} does, one class a command, in {@link
 * app.diaphan.server.command.Commands}. Errors are a sentence and an exit code.
 */
package app.diaphan.server.command;

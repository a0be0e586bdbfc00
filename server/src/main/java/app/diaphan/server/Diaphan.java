package app.diaphan.server;

import app.diaphan.server.command.Commands;

/** Where the process starts: the server, or one of the headless commands. */
public final class Diaphan {
  private Diaphan() {}

  public static void main(String[] arguments) {
    System.setProperty("java.awt.headless", "true");
    int exit = Commands.run(arguments);
    if (exit != Commands.KEEP_RUNNING) {
      System.exit(exit);
    }
  }
}

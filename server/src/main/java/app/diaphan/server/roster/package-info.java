/** Rosters as they are kept, row by row, and how their rows look. */
package app.diaphan.server.roster;

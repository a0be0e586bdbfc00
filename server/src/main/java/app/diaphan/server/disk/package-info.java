/**
 * What is done about the disk: room is looked for before anything is written, a database that lost
 * its disk is opened anew, backups are made.
 */
package app.diaphan.server.disk;

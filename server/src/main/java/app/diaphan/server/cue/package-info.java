/** Cue lists as they are kept, and what is known of their stills. */
package app.diaphan.server.cue;

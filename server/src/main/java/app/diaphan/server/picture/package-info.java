/**
 * Pictures and fonts of strangers are decoded once and tried in a process of their own first:
 * {@link app.diaphan.server.picture.FileTrial}.
 */
package app.diaphan.server.picture;

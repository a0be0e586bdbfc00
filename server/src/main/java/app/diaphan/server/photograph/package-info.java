/**
 * The photographs of packages and the runs that mark them: {@link
 * app.diaphan.server.photograph.PhotographRuns}.
 */
package app.diaphan.server.photograph;

/**
 * Draws the demo's pictures, clips and photographs, so that nothing of them comes from anywhere
 * else: {@link app.diaphan.demo.DrawDemo}.
 */
package app.diaphan.demo;

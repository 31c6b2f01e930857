/**
 * What the place Returns shows and takes: controllers and their views.
 */
package grastel.app.returns.screen;

/**
 * Slips for students, and the phrases a teacher keeps.
 */
package grastel.app.returns.feedback;

/**
 * Files taken in, from the browser, a phone or a watched folder: {@link grastel.app.returns.intake.Intake}.
 */
package grastel.app.returns.intake;

/** What is known to be there: {@link grastel.core.checks.Require}, where a plain null would only be found later and elsewhere. */
package grastel.core.checks;

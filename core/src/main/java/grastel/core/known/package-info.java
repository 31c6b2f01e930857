/** What is known to be there: {@link grastel.core.known.Known}, where a plain null would only be found later and elsewhere. */
package grastel.core.known;

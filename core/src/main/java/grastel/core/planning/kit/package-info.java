/** The kit at work: which pencils stages want, how many at once, and what of their lead it takes. */
package grastel.core.planning.kit;

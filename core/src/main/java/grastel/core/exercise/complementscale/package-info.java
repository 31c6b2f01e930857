/** A colour greyed in steps by its complement, and a shadow made by complement beside one made by black. */
package grastel.core.exercise.complementscale;

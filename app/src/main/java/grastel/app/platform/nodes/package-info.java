/**
 * One node with H2 in its data folder, or several on one PostgreSQL server: what there is with either only, and what nodes tell
 * one another.
 */
package grastel.app.platform.nodes;

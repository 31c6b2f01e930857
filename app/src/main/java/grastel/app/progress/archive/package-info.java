/** A class's data as one file to hand over, and what there is of it before it is deleted. */
package grastel.app.progress.archive;

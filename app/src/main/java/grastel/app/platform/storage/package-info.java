/** Room on the disk: a reserve that nothing is written into, what health says of it, and the way back. */
package grastel.app.platform.storage;

package grastel.app.returns;

/** A picture of a page as it is kept. @param part a field, or all of it */
record NewImage(String part, byte[] jpeg) {}

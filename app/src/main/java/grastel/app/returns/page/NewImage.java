package grastel.app.returns.page;

/** A picture of a page as it is kept. @param part a field, or all of it */
public record NewImage(String part, byte[] jpeg) {}

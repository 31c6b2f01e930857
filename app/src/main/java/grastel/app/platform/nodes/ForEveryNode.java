package grastel.app.platform.nodes;

/**
 * An application event that concerns every node on one database. Where it happened it is heard at once, in the transaction; on
 * the others once that is committed, as the same teacher. It may be heard twice, so whoever hears it only forgets or looks anew.
 */
public interface ForEveryNode {}

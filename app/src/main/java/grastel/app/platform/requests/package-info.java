/**
 * What a request may cost before anybody knows whose it is: how slowly its body may come, how long it may be, and how many such
 * bodies are awaited at once. Start at {@link grastel.app.platform.requests.BodyLimitFilter}.
 */
package grastel.app.platform.requests;

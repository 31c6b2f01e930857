/** What was read and decided, as other places are told it. */
@NamedInterface("api")
package grastel.app.returns.api;

import org.springframework.modulith.NamedInterface;

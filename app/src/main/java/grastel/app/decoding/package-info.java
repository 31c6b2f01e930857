/**
 * Decoding of files that strangers made. Plain pictures of ordinary size are decoded here; whatever may take any time or memory
 * goes to a process of its own with a budget of both, which is killed when it is used up. Start at
 * {@link grastel.app.decoding.Decoder}.
 */
@ApplicationModule(allowedDependencies = "platform")
package grastel.app.decoding;

import org.springframework.modulith.ApplicationModule;

/**
 * Returned pages: take a picture in, read it, let the teacher confirm. Start at {@link grastel.app.returns.Returns}.
 *
 * <p>Rooms, each resting on those before it: {@code api} is what other places are told; {@code page} keeps pages, marks and
 * decisions; {@code work} reads them in the background; {@code intake} takes files in; here are the doors for other places; {@code
 * feedback} and {@code screen} are for the teacher.
 */
@ApplicationModule(
        allowedDependencies = {"stored", "platform", "account", "classes", "sheets", "sheets::api", "chart", "decoding"
        })
package grastel.app.returns;

import org.springframework.modulith.ApplicationModule;

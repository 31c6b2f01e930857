/** What other places ask and know of sheets and printings. */
@NamedInterface("api")
package grastel.app.sheets.api;

import org.springframework.modulith.NamedInterface;

/** Teachers and their sessions. Start at {@link grastel.app.account.Accounts}; {@link grastel.app.account.TeacherJoined} tells other places to prepare. */
@ApplicationModule(allowedDependencies = "platform")
package grastel.app.account;

import org.springframework.modulith.ApplicationModule;

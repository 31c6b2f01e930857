package grastel.app.keeping;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/** @param kept how many days are kept, 0 for no backups at all; @param folder where, best on another disk than the data */
@ConfigurationProperties("grastel.backup")
record BackupSettings(int kept, Path folder) {}

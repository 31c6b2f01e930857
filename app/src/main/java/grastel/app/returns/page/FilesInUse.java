package grastel.app.returns.page;

import grastel.app.platform.storage.FileUser;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

@Configuration(proxyBeanMethods = false)
class FilesInUse {
    @Bean
    FileUser scansInUse(JdbcTemplate jdbc) {
        return FileUser.of(jdbc, "scan_file", "sha256");
    }

    @Bean
    FileUser pagePicturesInUse(JdbcTemplate jdbc) {
        return FileUser.of(jdbc, "page_image", "sha256");
    }
}
